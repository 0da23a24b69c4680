import { presentYear, regionLocale } from './region'

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

/** With its year where that is not the present one. */
const dated = (at: string | number | Date, shape: string, options: Intl.DateTimeFormatOptions) => {
  const year = presentYear()
  return year === undefined || new Date(at).getFullYear() === year
    ? write(at, shape, options)
    : write(at, `${shape}-of`, { ...options, year: 'numeric' })
}

/** "26 November", in the order of the gardener's region; with its year where that is another one. */
export const dayText = (at: string | number | Date) => dated(at, 'day', { day: 'numeric', month: 'long' })
/** "26 Nov", with its year where that is another one. */
export const shortDayText = (at: string | number | Date) => dated(at, 'short', { day: 'numeric', month: 'short' })
/** "26 Nov 2026". */
export const shortDateText = (at: string | number | Date) => write(at, 'short-year', { day: 'numeric', month: 'short', year: 'numeric' })
/** "26 November 2026". */
export const dateText = (at: string | number | Date) => write(at, 'date', { day: 'numeric', month: 'long', year: 'numeric' })
/** "Thursday". */
export const weekdayText = (at: string | number | Date) => write(at, 'weekday', { weekday: 'long' })
/** "Thu". */
export const shortWeekdayText = (at: string | number | Date) => write(at, 'short-weekday', { weekday: 'short' })
/** "Thursday, 26 November", with its year where that is another one. */
export const weekdayDateText = (at: string | number | Date) => dated(at, 'weekday-date', { weekday: 'long', day: 'numeric', month: 'long' })
/** Hours from which a part of the day begins, and what it is called. */
const PARTS = [[23, 'night'], [18, 'evening'], [14, 'afternoon'], [11, 'noon'], [5, 'morning'], [0, 'night']] as const
/** "Wednesday evening": as near as anybody needs it a day ahead. */
export const weekdayPartText = (at: string | number | Date) => {
  const hour = new Date(at).getHours()
  return `${weekdayText(at)} ${PARTS.find(([from]) => hour >= from)![1]}`
}
/** "November". */
export const monthText = (at: string | number | Date) => write(at, 'month', { month: 'long' })
/** "November 2026". */
export const monthYearText = (at: string | number | Date) => write(at, 'month-year', { month: 'long', year: 'numeric' })
/** "14:05", or "2:05 pm" where that is usual. */
export const timeText = (at: string | number | Date) => write(at, 'time', { hour: '2-digit', minute: '2-digit' })
