import type { BegunBatch } from '../../journal/garden'
import { timeText, dayText } from '../../units/dates'
import type { Guide, GuideStep, Surroundings, Timer } from '../contract'
import { mayLight, theBurn, type Burn } from './state'
import { stepOf, titleOf } from './steps'
import { CHECKED, DONE, EVENING, LIT, MORNING } from './words'
import { MAKE } from './constants'

function timerOf(id: string, burn: Burn): Timer | undefined {
  const lit = burn.at(LIT)
  if (id === DONE && lit) {
    const { from } = burn.own.minutes
    return {
      label: from > 0 ? `as your last ${from === 1 ? 'burn' : `${from} burns`} went` : 'as is usual for such a load', from: lit,
      minutes: burn.minutes,
    }
  }
  if (id === 'chimney' && lit) return { label: 'when the whole top burns', from: lit, minutes: MAKE.chimneyMin }
  const { stoppedAt, next } = burn.cooling ?? {}
  if (!stoppedAt || next?.deed !== id) return undefined
  const minutes = Math.max(1, (next.due.getTime() - stoppedAt.getTime()) / 60_000)
  return {
    label: id === EVENING ? 'after it was stopped' : 'twelve hours after the first look', from: stoppedAt,
    minutes: { low: minutes * 0.95, typical: minutes, high: minutes * 1.3 },
  }
}

/** A step after it was done: whoever is further does not go back to what was left out. */
function isPassed(id: string, { steps, last }: Burn): boolean {
  return steps.slice(steps.indexOf(id) + 1).some(later => last(later) !== undefined)
}

/** Whether a step is over: a check that says no, or is too old, is not; nor is a look that found warmth. */
function isOver(id: string, burn: Burn, now: Date): boolean {
  if (id === EVENING) return burn.cooling?.firstColdAt !== undefined
  if (id === MORNING) return burn.cooling?.coldAt !== undefined
  const done = burn.last(id)
  if (id === CHECKED) return isPassed(id, burn) || (done !== undefined && mayLight(burn, now))
  if (!done) return isPassed(id, burn)
  return true
}

function why(id: string, burn: Burn, now: Date): string | undefined {
  if (id !== CHECKED || !burn.going || burn.last(LIT)) return undefined
  if (!burn.going.go) return `No-go: ${burn.going.stops.join(' ')}`
  return mayLight(burn, now)
    ? undefined
    : `Checked ${dayText(burn.checkedAt!)}, ${timeText(burn.checkedAt!)}: wind and rules change, so check again.`
}

const doneText = (at: string | Date | undefined) => at === undefined ? 'left out' : timeText(at)

/** When a step that is over was done: looks by the one that counts. */
function doneAt(id: string, { cooling, last }: Burn): string | Date | undefined {
  return (id === EVENING ? cooling?.firstColdAt : id === MORNING ? cooling?.coldAt : undefined) ?? last(id)?.at
}

/** The burn step by step, from the check to the cold morning; nothing where nothing burns, or all is done. */
export function guideOf(batch: BegunBatch, surroundings: Surroundings): Guide | undefined {
  const burn = theBurn(batch, surroundings)
  const { now } = surroundings
  const { ending } = burn
  if (!ending || batch.ended) return undefined
  const fire = { ...burn, ending, units: surroundings.units, can: surroundings.garden.waterCan }
  const steps = burn.steps.flatMap((id): GuideStep[] => {
    const step = stepOf(id)
    if (!step) return []
    const over = isOver(id, burn, now)
    const stopped = why(id, burn, now)
    const timer = timerOf(id, burn)
    return [{
      id, pad: id, title: titleOf(step, fire), detail: step.how(fire), signs: id === DONE ? burn.way.signs : [], cautions: step.cautions,
      ...(over ? { done: doneText(doneAt(id, burn)) } : {}), ...(timer ? { timer } : {}), ...(stopped ? { stopped } : {}),
    }]
  })
  return { title: burn.way.burns ? 'The burn, step by step' : 'The embers, step by step', steps }
}
