import { differenceInCalendarDays } from 'date-fns'
import { daysText, monthsText } from './plural'
import { DAYS_A_MONTH, DAYS_A_YEAR } from './time'

/** Beyond so many days they are months, and beyond so many months years: nobody counts 590 days. */
const MONTHS_FROM_DAYS = 60
const YEARS_FROM_MONTHS = 24

/** How long ago that was, as it is said: "today", "yesterday", "12 days ago", "19 months ago", "3 years ago". What is to come is today. */
export function agoText(at: string | Date, now: Date): string {
  const days = differenceInCalendarDays(now, new Date(at))
  if (days < 1) return 'today'
  if (days === 1) return 'yesterday'
  if (days < MONTHS_FROM_DAYS) return `${daysText(days)} ago`
  const months = days / DAYS_A_MONTH
  return months < YEARS_FROM_MONTHS ? `${monthsText(months)} ago` : `${Math.round(days / DAYS_A_YEAR)} years ago`
}
