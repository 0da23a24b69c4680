import { counted } from '../../units/plural'
import type { Choosing } from './method'

/** Weeks in a month, and in a year; definition. */
const WEEKS = { month: 4.35, year: 52.2 } as const
/** Up to so many weeks a span is told in weeks and days, then in months, then in years; choice. */
const TOLD_IN = { weeks: 8, months: 60 } as const

/** One number, or two with the unit of the higher; a span that reaches over two units says both. */
function spanned(low: readonly [number, string, string], high: readonly [number, string, string]): string {
  if (low[1] !== high[1]) return `${counted(low[0], low[1], low[2])} to ${counted(high[0], high[1], high[2])}`
  return low[0] === high[0] ? counted(high[0], high[1], high[2]) : `${low[0]} to ${counted(high[0], high[1], high[2])}`
}
const inDays = (weeks: number) => [Math.max(1, Math.round(weeks * 7)), 'day', 'days'] as const
const inWeeks = (weeks: number) => [Math.max(1, Math.round(weeks)), 'week', 'weeks'] as const
const inMonths = (weeks: number) => [Math.max(1, Math.round(weeks / WEEKS.month)), 'month', 'months'] as const
const inYears = (weeks: number) => [Math.max(1, Math.round(weeks / WEEKS.year)), 'year', 'years'] as const

/** How long a method takes until there is something useful: "3 to 9 months". */
export function timeText({ weeks: { low, high } }: Pick<Choosing, 'weeks'>): string {
  if (high === 0) return 'of use the day it lies'
  if (high < TOLD_IN.weeks) return spanned(low < 2 ? inDays(low) : inWeeks(low), inWeeks(high))
  if (high < TOLD_IN.months) return spanned(inMonths(low), inMonths(high))
  return spanned(low < WEEKS.year * 0.9 ? inMonths(low) : inYears(low), inYears(high))
}

/** How much work it is. */
export function workText({ minutesAWeek, heavy }: Pick<Choosing, 'minutesAWeek' | 'heavy'>): string {
  return `about ${counted(Math.round(minutesAWeek.typical), 'minute', 'minutes')} a week${heavy ? ', heavy at times' : ''}`
}
