import { addMonths, endOfDay, endOfMonth, min, startOfMonth, subDays } from 'date-fns'
import { fail, ok, type Outcome } from '../outcome/outcome'
import { dateText, monthYearText } from '../units/dates'
import { DAY_MS, DAYS_A_MONTH, DAYS_A_YEAR } from '../units/time'

/** Between which moments something was; one and the same where the day is known. */
export interface Span { readonly from: Date, readonly to: Date }

const UNIT_DAYS = { weeks: 7, months: DAYS_A_MONTH, years: DAYS_A_YEAR } as const
export type AgoUnit = keyof typeof UNIT_DAYS

/** Since when something stands, as a gardener says it. */
export type Since
  = | { readonly kind: 'about', readonly count: number, readonly unit: AgoUnit }
    /** A season by its first month, YYYY-MM: the next three months. */
    | { readonly kind: 'season', readonly first: string }
    | { readonly kind: 'month', readonly month: string }
    | { readonly kind: 'day', readonly day: string }

export type SinceTrouble = 'not-said' | 'to-come' | 'too-long-ago'

/** Who says "about five weeks" means it so far off: a share of it, and never less than a share of its unit. Own estimate. */
const ABOUT = { share: 0.15, ofUnit: 0.3 } as const
/** Nothing that is composted stands longer, years; an assumption. */
const MOST_YEARS = 20
const NOON_HOUR = 12

const monthOf = (text: string) => {
  const [, year, month] = /^(\d{4})-(\d\d)$/.exec(text) ?? []
  return year && month && Number(month) >= 1 && Number(month) <= 12 ? new Date(Number(year), Number(month) - 1, 1) : undefined
}

function spanFrom(since: Since, now: Date): Span | undefined {
  switch (since.kind) {
    case 'about': {
      if (!(since.count > 0) || !Number.isFinite(since.count)) return undefined
      const off = Math.max(ABOUT.share * since.count, ABOUT.ofUnit)
      const back = (units: number) => new Date(now.getTime() - units * UNIT_DAYS[since.unit] * DAY_MS)
      return { from: back(since.count + off), to: back(Math.max(0, since.count - off)) }
    }
    case 'season': {
      const first = monthOf(since.first)
      return first && { from: first, to: endOfMonth(addMonths(first, 2)) }
    }
    case 'month': {
      const first = monthOf(since.month)
      return first && { from: startOfMonth(first), to: endOfMonth(first) }
    }
    case 'day': {
      const [, year, month, day] = /^(\d{4})-(\d\d)-(\d\d)$/.exec(since.day) ?? []
      if (!year) return undefined
      const noon = new Date(Number(year), Number(month) - 1, Number(day), NOON_HOUR)
      // Today's is of this morning, or of now.
      const at = noon > now && endOfDay(now) > noon ? now : noon
      return Number.isNaN(at.getTime()) ? undefined : { from: at, to: at }
    }
  }
}

/** The span that is meant, as far as it is past. */
export function spanOf(since: Since, now: Date): Outcome<Span, SinceTrouble> {
  const span = spanFrom(since, now)
  if (!span) return fail('not-said')
  if (span.from > now) return fail('to-come')
  if (span.to < subDays(now, MOST_YEARS * DAYS_A_YEAR)) return fail('too-long-ago')
  return ok({ from: span.from, to: min([span.to, now]) })
}

/** The middle of a span. */
export function middleOf({ from, to }: Span): Date {
  return new Date((from.getTime() + to.getTime()) / 2)
}

const NAMES = ['spring', 'summer', 'autumn', 'winter'] as const
/** The months of the northern year that seasons begin with; in the south half a year later. */
const FIRST_MONTHS = [2, 5, 8, 11] as const
const SEASONS_SHOWN = 5

/** The seasons so far, the present one first: each by its first month, with its year where it is not plain. */
export function seasonsSoFar(now: Date, southern: boolean): { readonly first: string, readonly label: string }[] {
  const present = FIRST_MONTHS.findLast(month => month <= now.getMonth())
  let first = present === undefined ? new Date(now.getFullYear() - 1, 11, 1) : new Date(now.getFullYear(), present, 1)
  return Array.from({ length: SEASONS_SHOWN }, () => {
    const index = (FIRST_MONTHS.findIndex(month => month === first.getMonth()) + (southern ? 2 : 0)) % NAMES.length
    const isOverNewYear = first.getMonth() === 11
    const year = isOverNewYear ? `${first.getFullYear()}/${String(first.getFullYear() + 1).slice(2)}` : String(first.getFullYear())
    const shown = { first: `${first.getFullYear()}-${String(first.getMonth() + 1).padStart(2, '0')}`, label: `${NAMES[index]} ${year}` }
    first = addMonths(first, -3)
    return shown
  })
}

const SURE_DAYS = 2

/** A span as it is said: a day where it is one, else the months that it lies in. */
export function spanText({ from, to }: Span): string {
  if (to.getTime() - from.getTime() < SURE_DAYS * DAY_MS) return `since ${dateText(from)}`
  const [first, last] = [monthYearText(from), monthYearText(to)]
  return first === last ? `since ${first}` : `since some time between ${first} and ${last}`
}
