import { addYears, differenceInCalendarDays, format } from 'date-fns'
import * as v from 'valibot'
import { documentValues, type FieldValue, type GardenDocument } from '../journal/document'
import { between, idSchema, LIMITS, nameSchema } from '../journal/kinds/base'
import { PURPOSES, type Purpose } from '../methods/contract'

/** Something that will be wanted: so much, for that, between two days. */
export interface Need {
  readonly id: string
  readonly name: string
  readonly purpose: Purpose
  /** This stuff alone will do; anything that is fit where nothing is said. */
  readonly materialId?: string
  readonly litres: number
  /** From its first day to the last on which it is of use (YYYY-MM-DD). */
  readonly from: string
  readonly to: string
  readonly yearly: boolean
  /** The beds it is for: what they had already is not wanted again. */
  readonly bedIds: readonly string[]
  /** It was had, or is not wanted, for the year in which it ends on this day. */
  readonly hadTo?: string
}

export const NEED_KIND = 'need'
export const MOST_NEEDS = 200
const day = v.pipe(v.string(), v.isoDate(), v.check(text => Number.isFinite(Date.parse(text)), 'is no day'))
const schema = v.pipe(v.object({
  name: nameSchema, purpose: v.picklist(PURPOSES), materialId: v.optional(idSchema), litres: between(0.1, 20_000),
  from: day, to: day, yearly: v.fallback(v.boolean(), true),
  bedIds: v.fallback(v.pipe(v.array(idSchema), v.maxLength(LIMITS.items)), []), hadTo: v.optional(day),
}), v.check(({ from, to }) => from <= to, 'ends before it begins'))

/** A day as it is written. */
export const dayOf = (at: Date) => format(at, 'yyyy-MM-dd')
/** Noon of a written day. */
export const noonOf = (text: string) => new Date(`${text}T12:00:00`)

/** The same need in its next year that is not over and not had yet. */
function nextOf(need: Need, now: Date): Need | undefined {
  const isOver = (one: Need) => one.to < dayOf(now) || (need.hadTo !== undefined && one.to <= need.hadTo)
  if (!isOver(need)) return need
  if (!need.yearly) return undefined
  const years = Math.max(0, now.getFullYear() - noonOf(need.to).getFullYear())
  const moved = (by: number): Need =>
    ({ ...need, from: dayOf(addYears(noonOf(need.from), by)), to: dayOf(addYears(noonOf(need.to), by)) })
  return [years, years + 1, years + 2].map(moved).find(one => !isOver(one))
}

/** Every need that was said, as it stands in its own year. */
export function writtenNeeds(documents: readonly GardenDocument[]): Need[] {
  return documents.filter(({ kind }) => kind === NEED_KIND).flatMap((document) => {
    const values = Object.fromEntries(Object.entries(documentValues(document)).filter(([, value]) => value !== null))
    const parsed = v.safeParse(schema, values)
    if (!parsed.success || values.removed === true) return []
    const { materialId, hadTo, ...rest } = parsed.output
    return [{ id: document.id, ...rest, ...(materialId === undefined ? {} : { materialId }), ...(hadTo === undefined ? {} : { hadTo }) }]
  }).slice(0, MOST_NEEDS)
}

/** What will be wanted from now on, each in its next year, the earliest first. */
export function readNeeds(documents: readonly GardenDocument[], now: Date): Need[] {
  return writtenNeeds(documents)
    .flatMap(need => nextOf(need, now) ?? [])
    .sort((a, b) => a.to < b.to ? -1 : a.to > b.to ? 1 : a.id < b.id ? -1 : 1)
}

/** A need as fields of its document. */
export function needValues(
  { name, purpose, materialId, litres, from, to, yearly, bedIds, hadTo }: Omit<Need, 'id'>,
): Record<string, FieldValue> {
  return {
    name, purpose, materialId: materialId ?? null, litres, from, to, yearly, bedIds: [...bedIds], hadTo: hadTo ?? null, removed: false,
  }
}

/** Days from now to a written day; 0 for one that is past. */
export function daysUntil(text: string, now: Date): number {
  return Math.max(0, differenceInCalendarDays(noonOf(text), now))
}
