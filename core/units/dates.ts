import { regionLocale } from './region'

const MADE = new Map<string, Intl.DateTimeFormat>()

/** Made once for each region and shape: making one costs far more than writing a date with it. */
function shaped(shape: string, options: Intl.DateTimeFormatOptions): Intl.DateTimeFormat {
  const key = `${regionLocale()} ${shape}`
  const known = MADE.get(key) ?? new Intl.DateTimeFormat(regionLocale(), options)
  MADE.set(key, known)
  return known
}
const write = (at: string | number | Date, shape: string, options: Intl.DateTimeFormatOptions) =>
  shaped(shape, options).format(new Date(at))

/** "26 November", in the order of the gardener's region. */
export const dayText = (at: string | number | Date) => write(at, 'day', { day: 'numeric', month: 'long' })
/** "26 Nov". */
export const shortDayText = (at: string | number | Date) => write(at, 'short', { day: 'numeric', month: 'short' })
/** "26 Nov 2026". */
export const shortDateText = (at: string | number | Date) => write(at, 'short-year', { day: 'numeric', month: 'short', year: 'numeric' })
/** "26 November 2026". */
export const dateText = (at: string | number | Date) => write(at, 'date', { day: 'numeric', month: 'long', year: 'numeric' })
/** "Thursday". */
export const weekdayText = (at: string | number | Date) => write(at, 'weekday', { weekday: 'long' })
/** "Thu". */
export const shortWeekdayText = (at: string | number | Date) => write(at, 'short-weekday', { weekday: 'short' })
/** "Thursday, 26 November". */
export const weekdayDateText = (at: string | number | Date) => write(at, 'weekday-date', { weekday: 'long', day: 'numeric', month: 'long' })
/** "November". */
export const monthText = (at: string | number | Date) => write(at, 'month', { month: 'long' })
/** "November 2026". */
export const monthYearText = (at: string | number | Date) => write(at, 'month-year', { month: 'long', year: 'numeric' })
/** "14:05", or "2:05 pm" where that is usual. */
export const timeText = (at: string | number | Date) => write(at, 'time', { hour: '2-digit', minute: '2-digit' })
