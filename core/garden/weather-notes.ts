import * as v from 'valibot'
import { documentValues, type FieldValue, type GardenDocument } from '../journal/document'
import { between } from '../journal/kinds/base'

/** A day of weather that a gardener wrote down. Day as "2026-11-26". */
export interface NotedDay { readonly day: string, readonly minC: number, readonly maxC: number, readonly rainMm: number }

export const WEATHER_KIND = 'weather'
const ID = /^weather\.(\d{4}-\d\d-\d\d)$/

/** What can be at all, in °C and in mm a day. */
export const WEATHER_LIMITS = { low: -60, high: 60, rainMm: 500 } as const
const schema = v.pipe(
  v.object({
    minC: between(WEATHER_LIMITS.low, WEATHER_LIMITS.high), maxC: between(WEATHER_LIMITS.low, WEATHER_LIMITS.high),
    rainMm: between(0, WEATHER_LIMITS.rainMm),
  }),
  v.check(({ minC, maxC }) => minC <= maxC),
)

/** A day of weather as the document that keeps it: one a day, so that writing it again sets it right. */
export function weatherDocument({ day, minC, maxC, rainMm }: NotedDay): {
  readonly id: string
  readonly kind: string
  readonly values: Record<string, FieldValue>
} {
  return { id: `weather.${day}`, kind: WEATHER_KIND, values: { minC: Math.min(minC, maxC), maxC: Math.max(minC, maxC), rainMm } }
}

/** The days that were noted, oldest first; what cannot be read is left out. */
export function readNotedWeather(documents: readonly GardenDocument[]): NotedDay[] {
  return documents.flatMap((document) => {
    const day = document.kind === WEATHER_KIND ? ID.exec(document.id)?.[1] : undefined
    const parsed = day ? v.safeParse(schema, documentValues(document)) : undefined
    return day && parsed?.success ? [{ day, ...parsed.output }] : []
  }).sort((a, b) => a.day < b.day ? -1 : 1)
}
