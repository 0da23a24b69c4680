import { numberText } from './format'

const RULES = new Intl.PluralRules('en')

/** A count with its word: "1 day", "3 days", "0 days". */
export function counted(count: number, one: string, many: string): string {
  return `${numberText(count)} ${RULES.select(count) === 'one' ? one : many}`
}

/** How often: "once", "3 times". */
export function timesText(times: number): string {
  return times === 1 ? 'once' : counted(times, 'time', 'times')
}

/** So many days, whole. */
export function daysText(days: number): string {
  return counted(Math.round(days), 'day', 'days')
}

/** So many months, whole. */
export function monthsText(months: number): string {
  return counted(Math.round(months), 'month', 'months')
}

/** The same with its first letter as at the beginning of a sentence. */
export function capital(text: string): string {
  return `${text.charAt(0).toUpperCase()}${text.slice(1)}`
}

/** The same with its first letter as within a sentence. */
export function uncapital(text: string): string {
  return `${text.charAt(0).toLowerCase()}${text.slice(1)}`
}
