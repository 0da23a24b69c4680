import type { Stood } from '../../journal/garden'
import { dateText, monthYearText } from '../../units/dates'
import { counted, daysText, monthsText } from '../../units/plural'
import { daysBetween, DAYS_A_MONTH, DAYS_A_YEAR, WEEK_DAYS } from '../../units/time'

/** Beyond so many days it is months. A choice: nobody counts 193 days. */
const MONTHS_FROM_DAYS = 60
/** As long as its beginning is known to so many days, the day is told. A choice. */
const SURE_DAYS = 2

/** So long, roughly: "5 weeks", "14 months". */
export function aboutText(days: number): string {
  if (days < 2 * WEEK_DAYS) return daysText(Math.max(1, Math.round(days)))
  if (days < MONTHS_FROM_DAYS) return counted(Math.round(days / WEEK_DAYS), 'week', 'weeks')
  const months = Math.round(days / DAYS_A_MONTH)
  return months < 24 ? monthsText(months) : counted(Math.round(days / DAYS_A_YEAR), 'year', 'years')
}

/** Whether the day on which it began is known. */
export function isDayKnown({ stood }: { readonly stood?: Pick<Stood, 'from' | 'to'> | undefined }): boolean {
  return stood === undefined || daysBetween(stood.from, stood.to) < SURE_DAYS
}

/** How old it is, at the head of a sentence: "Day 35", "Month 14"; "About 5 weeks in" where nobody knows the day. */
export function ageText({ began }: { readonly began: { readonly stood?: Pick<Stood, 'from' | 'to'> | undefined } }, days: number): string {
  if (!isDayKnown(began)) return `About ${aboutText(days)} in`
  return days < MONTHS_FROM_DAYS ? `Day ${Math.max(0, Math.floor(days))}` : `Month ${Math.floor(days / DAYS_A_MONTH)}`
}

/** When it began: the day, or about its month where nobody knows the day. @param day how a day is written. */
export function begunText(
  began: { readonly at: string, readonly stood?: Pick<Stood, 'from' | 'to'> | undefined }, day: (at: string) => string = dateText,
): string {
  return isDayKnown(began) ? day(began.at) : `about ${monthYearText(began.at)}`
}
