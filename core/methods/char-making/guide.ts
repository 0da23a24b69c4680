import { addHours, set } from 'date-fns'
import type { BegunBatch } from '../../journal/garden'
import { timeText, dayText } from '../../units/dates'
import type { Guide, GuideStep, Surroundings, Timer } from '../contract'
import { mayLight, theBurn, type Burn } from './state'
import { stepOf } from './steps'
import { CHECKED, DONE, EVENING, LIT, MORNING, QUENCHED, SEALED } from './words'

const EVENING_HOURS = 4
const CHIMNEY_MIN = { low: 3, typical: 6, high: 12 }

/** When it is to be felt in the evening, and when the next morning, after it was quenched. */
export function looksDue(cooledAt: Date): { readonly evening: Date, readonly morning: Date } {
  const morning = set(cooledAt, { hours: 8, minutes: 0, seconds: 0, milliseconds: 0 })
  return { evening: addHours(cooledAt, EVENING_HOURS), morning: morning > addHours(cooledAt, 6) ? morning : addHours(morning, 24) }
}

function timerOf(id: string, burn: Burn): Timer | undefined {
  const lit = burn.at(LIT)
  if (id === DONE && lit) {
    const { from } = burn.own.minutes
    return { label: from > 0 ? `as your last ${from === 1 ? 'burn' : `${from} burns`} went` : 'as is usual for such a load', from: lit, minutes: burn.minutes }
  }
  if (id === 'chimney' && lit) return { label: 'when the whole top burns', from: lit, minutes: CHIMNEY_MIN }
  const cooled = burn.at(QUENCHED) ?? burn.at(SEALED)
  if (!cooled) return undefined
  const { evening, morning } = looksDue(cooled)
  const until = (due: Date) => Math.max(1, (due.getTime() - cooled.getTime()) / 60_000)
  if (id === EVENING) return { label: 'about four hours after quenching', from: cooled, minutes: { low: until(evening) * 0.75, typical: until(evening), high: until(evening) * 1.5 } }
  if (id === MORNING) return { label: 'the next morning', from: cooled, minutes: { low: until(morning) * 0.9, typical: until(morning), high: until(morning) * 1.2 } }
  return undefined
}

/** Whether a step is over: a check that says no, or is too old, is not; nor is a look that found warmth. */
function isOver(id: string, burn: Burn, now: Date): boolean {
  const done = burn.last(id)
  if (!done) return false
  if (id === CHECKED) return burn.last(LIT) !== undefined || mayLight(burn, now)
  if (id === EVENING || id === MORNING) return done.answers.found === 'cold'
  return true
}

function why(id: string, burn: Burn, now: Date): string | undefined {
  if (id !== CHECKED || !burn.going || burn.last(LIT)) return undefined
  if (!burn.going.go) return `No-go: ${burn.going.stops.join(' ')}`
  return mayLight(burn, now) ? undefined : `Checked ${dayText(burn.checkedAt!)}, ${timeText(burn.checkedAt!)}: wind and rules change, so check again.`
}

/** The burn step by step, from the check to the cold morning; nothing where nothing burns, or all is done. */
export function guideOf(batch: BegunBatch, surroundings: Surroundings): Guide | undefined {
  const burn = theBurn(batch, surroundings)
  const { units, now } = surroundings
  if (burn.way.steps.length === 0 || batch.ended) return undefined
  const steps = burn.way.steps.flatMap((id): GuideStep[] => {
    const step = stepOf(id)
    if (!step) return []
    const over = isOver(id, burn, now)
    const stopped = why(id, burn, now)
    const timer = timerOf(id, burn)
    return [{
      id, pad: id, title: step.title, detail: step.how(burn, units), signs: id === DONE ? burn.way.signs : [], cautions: step.cautions,
      ...(over ? { done: timeText(burn.last(id)!.at) } : {}), ...(timer ? { timer } : {}), ...(stopped ? { stopped } : {}),
    }]
  })
  return { title: burn.way.burns ? 'The burn, step by step' : 'The embers, step by step', steps }
}
