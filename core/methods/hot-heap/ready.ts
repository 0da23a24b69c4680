import { addDays, addHours } from 'date-fns'
import { daysBetween } from '../../units/time'
import type { HeapLog } from '../heated/heap-log'
import type { Surroundings } from '../contract'
import { hotHeapApproach } from './approaches'
import { middleCourse } from './expect'
import { coolDayOf, readyDayOf } from '../heated/ready-day'
import { phaseNow, type PhaseNow } from './standing'
import { dayText } from '../../units/dates'
import { HOT } from './constants'

/** When a heap is expected to be ready, and why. */
export interface ReadyWindow {
  readonly from: Date
  readonly to: Date
  readonly reasons: readonly string[]
  /** It may well be later than `to`: nobody looked further ahead. */
  readonly orLater?: boolean
  readonly likely?: Date
  readonly beyond?: boolean
}

const later = (builtAt: string, days: number) => addHours(new Date(builtAt), Math.round(days * 24))

/** Days that are still needed at the very least from today, where it was read to be warm: what still heats is not ripe. */
function leastFromNow(now: PhaseNow, batch: HeapLog): { readonly days: number, readonly reason?: string } {
  const { coolingDays, curingDays } = hotHeapApproach(batch.built.approachId)
  if (now.readAt === undefined) return { days: 0 }
  if (now.phase === 'hot' || now.phase === 'too-hot')
    return { days: coolingDays[0] + curingDays[0] / 2, reason: 'It is still hot: cooling and curing come after.' }
  if (now.phase === 'cooling') return { days: curingDays[0] / 2, reason: 'It is still cooling: curing comes after.' }
  return { days: 0 }
}

interface Stages extends Omit<ReadyWindow, 'reasons'> { readonly reason: string }

/** Days as dates, and as far as anybody looked. */
function spanOf(batch: HeapLog, low: number, typical: number, high: number, horizonDay: number): Omit<Stages, 'reason'> {
  const on = (day: number) => later(batch.built.at, day)
  const last = horizonDay - 1
  return {
    from: on(low), to: on(high), ...(typical < last ? { likely: on(typical) } : {}), ...(high >= last ? { orLater: true } : {}),
    ...(low >= last ? { beyond: true } : {}),
  }
}

/** What ripe means, and what it hangs on. */
function why(batch: HeapLog, coolDay: number, readyDay: number): string {
  // A day that lies within the window would only say the same a second time.
  const raw = 'turned and wetted it warms no more, and its rawest fifth has hardly anything left to rot.'
  const cool = coolDay < readyDay
    ? `No more heat of its own from about ${dayText(later(batch.built.at, coolDay))}; ripe when ${raw}`
    : `Ripe when it makes no more heat of its own and ${raw}`
  const { turning } = hotHeapApproach(batch.built.approachId)
  return turning.most <= HOT.seldom || batch.turns.length === 0
    ? `${cool} That is its outside: each turn brings it into the warm middle.`
    : cool
}

function byForecast(batch: HeapLog, surroundings: Surroundings): Stages | undefined {
  const forecast = surroundings.forecastOf?.(batch.id)
  const middle = middleCourse(batch, surroundings)
  if (!forecast || !middle) return undefined
  const { low, typical, high } = forecast.windows.ready!.now
  return {
    ...spanOf(batch, low, typical, high, forecast.horizonDay),
    reason: why(batch, coolDayOf(middle.course, middle.question.weather.airC), low),
  }
}

/** Before the forecast is there: one course, with a rough width. */
function byOneCourse(batch: HeapLog, surroundings: Surroundings): Stages {
  const { hotDays, coolingDays, curingDays, name } = hotHeapApproach(batch.built.approachId)
  const middle = middleCourse(batch, surroundings)
  if (!middle) {
    const from = later(batch.built.at, hotDays[1] + coolingDays[1])
    return {
      from: addDays(from, curingDays[0]), to: addDays(from, curingDays[1]),
      reason: `${name}: the usual stages, since none of its materials is known here.`,
    }
  }
  const { course, question } = middle
  const found = readyDayOf(course, question.weather.airC)
  const ripe = found ?? question.horizonDay
  // Not ripe as far as anybody looked: no day before that is told.
  return {
    ...spanOf(
      batch, found === undefined ? ripe : ripe * HOT.roughly.sooner, ripe, Math.min(question.horizonDay, ripe * HOT.roughly.later),
      question.horizonDay,
    ),
    reason: why(batch, coolDayOf(course, question.weather.airC), ripe * HOT.roughly.sooner),
  }
}

/**
 * The window in which a heap is ready for beds: little left to respire, even in its rawer fifth. From the forecast where there
 * is one (10 to 90 % of what is possible), else from one course; never sooner than what was read of it allows.
 */
export function readyWindow(batch: HeapLog, surroundings: Surroundings): ReadyWindow {
  const now = phaseNow(batch, surroundings)
  const { from, to, reason, likely, ...far } = byForecast(batch, surroundings) ?? byOneCourse(batch, surroundings)
  const least = leastFromNow(now, batch)
  const earliest = addDays(surroundings.now, least.days)
  const stalled = now.phase === 'stalled'
    ? ['It has not heated: left so, it rots cold.']
    : now.phase === 'died' ? ['It went cool before it was done: left so, it rots cold.'] : []
  if (from >= earliest || !least.reason)
    return { from, to: to > from ? to : addDays(from, 7), reasons: [reason, ...stalled], ...(likely ? { likely } : {}), ...far }
  const width = Math.max(7, daysBetween(from, to) / 2)
  const end = addDays(earliest, Math.round(width))
  const middle = addDays(earliest, Math.round(width / 2))
  return {
    from: earliest, to: to > end ? to : end, reasons: [reason, least.reason, ...stalled],
    ...(likely ? { likely: likely > middle ? likely : middle } : {}), ...far,
  }
}
