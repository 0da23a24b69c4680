/** Milliseconds of an hour and of a day. */
export const HOUR_MS = 3_600_000
export const DAY_MS = 86_400_000

/** Milliseconds of a minute. */
export const MINUTE_MS = 60_000
/** Days of a week. */
export const WEEK_DAYS = 7

/** Days of a year, leap years counted. */
export const DAYS_A_YEAR = 365.25
/** Days of a month in the mean of a year. */
export const DAYS_A_MONTH = DAYS_A_YEAR / 12

/** Days between two moments, as a fraction. */
export function daysBetween(from: string | Date, to: string | Date): number {
  return (new Date(to).getTime() - new Date(from).getTime()) / DAY_MS
}

/** Days since the first of January for a moment, in the reader's own time zone. */
export function dayOfYear(at: Date): number {
  return (at.getTime() - new Date(at.getFullYear(), 0, 1).getTime()) / DAY_MS
}
