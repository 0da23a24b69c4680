import { addDays } from 'date-fns'
import { coreReadings, fallenFrom } from '../../heated/readings'
import { RIPE } from '../../../heat/ripe'
import { HEATED } from '../../heated/constants'
import { rhythmOf } from '../../heated/turning'
import { hotHeapApproach } from '../approaches'
import { daysBetween } from '../../../units/time'
import { middleCourse } from '../expect'
import { ask, temperatureText, type Ask, type Seen } from './ask'
import { dayText } from '../../../units/dates'
import type { Phase } from '../standing'
import type { Course } from '../../../heat/case'
import { HOT } from '../constants'

/** By rhythm, where the approach has one: so many days after the last turn, as long as turns bring heat back. */
export function turnByRhythm({ batch, now }: Seen): Ask[] {
  const { turning, name } = hotHeapApproach(batch.built.approachId)
  const done = batch.turns.length
  if (turning.kind !== 'every' || done >= turning.most || (now.phase === 'curing' && !turning.anyway)) return []
  const since = batch.turns.at(-1)?.at ?? batch.built.at
  const how = turning.most <= HOT.seldom ? `turn ${done + 1} of ${turning.most}` : 'as long as a turn brings heat back'
  const [soonest, latest] = rhythmOf(turning, done)
  return [
    ask(
      'turned', 'Turn it', `${name}: ${how}, last ${done ? 'turned' : 'built'} on ${dayText(since)}.`, addDays(new Date(since), soonest),
      latest - soonest + 1,
    ),
  ]
}

/** The last turn before it cures: it still warmed after the one before, and has fallen since; so its outside comes in. */
function lastTurn(look: Seen, since: string): Ask[] {
  const { batch, surroundings, now } = look
  const warmest = coreReadings(batch)
    .filter(({ at, odd }) => at > since && !odd)
    .reduce<{ readonly coreC: number, readonly at: string } | undefined>(
      (top, one) => (!top || one.coreC > top.coreC ? one : top), undefined,
    )
  if (!warmest || batch.turns.length === 0 || now.readAt === undefined) return []
  const roseK = warmest.coreC - surroundings.weather.ambientC(new Date(warmest.at))
  if (
    roseK < RIPE.reheatsK
    || daysBetween(since, surroundings.now) < HEATED.turnLate.restDays
    || warmest.coreC - now.coreC < HEATED.turnLate.fallenShare * roseK
  )
    return []
  return [
    ask(
      'turned', 'Turn it once more',
      `The last turn still brought ${temperatureText(look, warmest.coreC)}, on ${dayText(warmest.at)}; it is at `
      + `${temperatureText(look, now.coreC)}. Its outside comes in, then it cures.`,
      surroundings.now, HEATED.turnLate.restDays / 2,
    ),
  ]
}

/** By heat: once it has peaked and falls. */
export function turnByHeat(look: Seen): Ask[] {
  const { batch, surroundings, now } = look
  const { turning } = hotHeapApproach(batch.built.approachId)
  if (turning.kind !== 'by-heat' || batch.turns.length >= turning.most) return []
  const since = batch.turns.at(-1)?.at ?? batch.built.at
  const fallen = fallenFrom(coreReadings(batch).filter(({ at }) => at >= since))
  if (!fallen || fallen.peakC < HOT.worthTurningC || daysBetween(since, surroundings.now) < HOT.restDays) {
    const last = lastTurn(look, since)
    return last.length > 0 ? last : turnAhead(look)
  }
  return [
    ask(
      'turned', 'Turn it',
      `It peaked at ${temperatureText(look, fallen.peakC)} on ${dayText(fallen.at)} and has fallen to ${temperatureText(look, now.coreC)}.`,
      surroundings.now, 3,
    ),
  ]
}

/** The day on which one course says that it had peaked and begun to fall, since it was built or last turned. */
function expectedFall({ days, coreC }: Course, sinceDay: number): number | undefined {
  let peakC = -Infinity
  for (let at = 0; at < days.length; at++) {
    if (days[at]! < sinceDay) continue
    peakC = Math.max(peakC, coreC[at]!)
    if (peakC >= HOT.worthTurningC && peakC - coreC[at]! >= HOT.fallenK && days[at]! - sinceDay >= HOT.restDays) return days[at]
  }
  return undefined
}

const RESTS: readonly Phase[] = ['curing', 'stalled', 'waits', 'died', 'too-hot']

/** The next turn that the forecast expects, so that the week can be planned; one that is past and that nobody looked at stays asked for. */
function turnAhead({ batch, surroundings, now }: Seen): Ask[] {
  if (RESTS.includes(now.phase)) return []
  const middle = middleCourse(batch, surroundings)
  const since = batch.turns.at(-1)?.at ?? batch.built.at
  const looked = now.readAt !== undefined || now.feltAt !== undefined || coreReadings(batch).some(({ at }) => at > since)
  const fell = middle && !looked ? expectedFall(middle.course, daysBetween(batch.built.at, since)) : undefined
  if (fell !== undefined && fell <= now.day) {
    const then = addDays(new Date(batch.built.at), Math.round(fell))
    return [
      ask(
        'turned', 'Turn it, or read it first',
        `It should be past its peak since about ${dayText(then)}. Nobody has looked since.`, then,
        Math.max(HOT.giveOrTakeDays, Math.ceil(now.day - fell) + HOT.giveOrTakeDays),
      ),
    ]
  }
  if (now.phase !== 'warming' && now.phase !== 'hot') return []
  const next = middle?.course.habitTurns.find(day => day > now.day + 0.5)
  if (next === undefined || next > now.day + HOT.toldAheadDays) return []
  const due = addDays(new Date(batch.built.at), Math.round(next))
  return [{
    ...ask(
      'turned', 'Turn it, as it looks now',
      `The forecast sees it peak and begin to fall around ${dayText(due)}. Readings will move that.`, due, HOT.giveOrTakeDays,
      'whenever',
    ),
  }]
}
