import { addDays, addHours } from 'date-fns'
import { daysBetween } from '../../units/time'
import type { HeapLog } from '../heated/heap-log'
import { TRAIT_NAMES } from '../../heat/traits'
import type { Surroundings } from '../contract'
import { hotHeapApproach } from './approaches'
import { middleCourse } from './expect'
import { coolDayOf, RAW_UNTIL_USED, readyDayOf } from './forecast/ready-day'
import { phaseNow, type PhaseNow } from './standing'
import { dayText } from '../../units/dates'

/** When a heap is expected to be ready, and why. */
export interface ReadyWindow {
  readonly from: Date
  readonly to: Date
  readonly reasons: readonly string[]
  /** It may well be later than `to`: nobody looked further ahead. */
  readonly orLater?: boolean
}

/** Without a forecast yet, the hot stage may be so much shorter or longer than its middle. */
const ROUGHLY = { shorter: 0.8, longer: 1.3 }

const later = (builtAt: string, days: number) => addHours(new Date(builtAt), Math.round(days * 24))

/** Days that are still needed at the very least from today, by phase. */
function leastFromNow(now: PhaseNow, batch: HeapLog): { readonly days: number, readonly reason?: string } {
  const { coolingDays, curingDays } = hotHeapApproach(batch.built.approachId)
  if (now.phase === 'hot' || now.phase === 'too-hot') return { days: coolingDays[0] + curingDays[0], reason: 'It is still hot: cooling and curing come after.' }
  if (now.phase === 'cooling') return { days: curingDays[0], reason: 'It is still cooling: curing comes after.' }
  return { days: 0 }
}

interface Stages { readonly from: Date, readonly to: Date, readonly reason: string, readonly orLater?: boolean }

function cured(batch: HeapLog, coolText: string, usedUpLate: boolean): string {
  const [least, most] = hotHeapApproach(batch.built.approachId).curingDays
  const weeks = `${Math.round(least / 7)} to ${Math.round(most / 7)} weeks of curing`
  return usedUpLate ? `It decays so slowly that the raw stuff decides: ready when ${Math.round(100 * RAW_UNTIL_USED)} % of what can rot has rotted, and after ${weeks}.` : `${coolText}, then ${weeks}.`
}

function byForecast(batch: HeapLog, surroundings: Surroundings): Stages | undefined {
  const forecast = surroundings.forecastOf?.(batch.id)
  const middle = middleCourse(batch, surroundings)
  if (!forecast || !middle) return undefined
  const { low, high } = forecast.windows.ready!.now
  const weatherK = (forecast.rows.middle![TRAIT_NAMES.indexOf('weather')] ?? 0) * 1.5
  const cool = later(batch.built.at, coolDayOf(middle.course, middle.question, weatherK))
  const late = readyDayOf(middle.course, { ...middle.question, curingDays: [0, 0] }, weatherK, forecast.rows.middle!) > coolDayOf(middle.course, middle.question, weatherK)
  return { from: later(batch.built.at, low), to: later(batch.built.at, high), orLater: high >= forecast.horizonDay - 1, reason: cured(batch, `No more heat of its own from about ${dayText(cool)}`, late) }
}

/** Before the forecast is there: one course, with a rough width. */
function byOneCourse(batch: HeapLog, surroundings: Surroundings, now: PhaseNow): Stages {
  const { hotDays, coolingDays, curingDays, name } = hotHeapApproach(batch.built.approachId)
  const middle = middleCourse(batch, surroundings)
  if (!middle || (now.phase === 'curing' && now.coolSince)) {
    const from = now.coolSince ? new Date(now.coolSince) : later(batch.built.at, hotDays[1] + coolingDays[1])
    return { from: addDays(from, curingDays[0]), to: addDays(from, curingDays[1]), reason: now.coolSince ? cured(batch, `Cool since ${dayText(from)}`, false) : `${name}: the usual stages, since none of its materials is known here.` }
  }
  const cool = coolDayOf(middle.course, middle.question, 0)
  const rotted = readyDayOf(middle.course, { ...middle.question, curingDays: [0, 0] }, 0, [])
  return {
    from: later(batch.built.at, Math.max(cool * ROUGHLY.shorter + curingDays[0], rotted * ROUGHLY.shorter)),
    to: later(batch.built.at, Math.max(cool * ROUGHLY.longer + curingDays[1], rotted * ROUGHLY.longer)),
    orLater: rotted >= middle.question.horizonDay - 1,
    reason: cured(batch, `No more heat of its own from about ${dayText(later(batch.built.at, cool))}`, rotted > cool),
  }
}

/**
 * The window in which a heap is ready for beds: no longer heating, cured and no longer raw. From the forecast where there
 * is one (10 to 90 % of what is possible), else from one course; never sooner than the phase it is in allows.
 */
export function readyWindow(batch: HeapLog, surroundings: Surroundings): ReadyWindow {
  const now = phaseNow(batch, surroundings)
  const { from, to, reason, orLater } = byForecast(batch, surroundings) ?? byOneCourse(batch, surroundings, now)
  const least = leastFromNow(now, batch)
  const earliest = addDays(surroundings.now, least.days)
  const stalled = now.phase === 'stalled' ? ['It has not heated: left so, it rots cold.'] : []
  if (from >= earliest || !least.reason) return { from, to: to > from ? to : addDays(from, 7), reasons: [reason, ...stalled], ...(orLater ? { orLater } : {}) }
  const width = Math.max(7, daysBetween(from, to) / 2)
  const end = addDays(earliest, Math.round(width))
  return { from: earliest, to: to > end ? to : end, reasons: [reason, least.reason, ...stalled], ...(orLater ? { orLater } : {}) }
}
