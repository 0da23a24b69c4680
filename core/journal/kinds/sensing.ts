import * as v from 'valibot'
import { MEASURE_LIMITS_M } from '../../vessel/vessel'
import { amendBatch } from '../amend'
import type { Garden, Reading } from '../garden'
import { between, celsiusSchema, eventSchemaOf, idSchema, LIMITS, noteSchema } from './base'

/** Readings that one event of a file may hold; a longer file makes several. */
export const LOGGED_MOST = 2000

/** Hand readings and a file may overlap in time: they are told in the order in which they happened. */
function inOrder(readings: Reading[]): void {
  readings.sort((a, b) => a.at < b.at ? -1 : a.at > b.at ? 1 : 0)
}

/** A thermometer was read: in the core, at the edge a hand's breadth in, or both. */
export const readingSchema = eventSchemaOf('reading', {
  batchId: idSchema,
  coreC: v.optional(celsiusSchema),
  edgeC: v.optional(celsiusSchema),
  source: v.picklist(['hand', 'probe']),
})

export function applyReading(garden: Garden, event: v.InferOutput<typeof readingSchema>): void {
  const { id, at, coreC, edgeC, source } = event
  amendBatch(garden, event, ({ readings }) => {
    const late = (readings.at(-1)?.at ?? '') > at
    readings.push({ eventId: id, at, coreC, edgeC, source })
    if (late) inOrder(readings)
  })
}

/** Something was felt, smelt or seen. Sense and finding are the method's own words. */
export const observedSchema = eventSchemaOf('observed', { batchId: idSchema, sense: idSchema, finding: idSchema })

export function applyObserved(garden: Garden, event: v.InferOutput<typeof observedSchema>): void {
  const { id, at, sense, finding } = event
  amendBatch(garden, event, batch => batch.observations.push({ eventId: id, at, sense, finding }))
}

/** The height was measured. */
export const measuredSchema = eventSchemaOf('measured', { batchId: idSchema, heightM: between(0, MEASURE_LIMITS_M.high) })

export function applyMeasured(garden: Garden, event: v.InferOutput<typeof measuredSchema>): void {
  amendBatch(garden, event, batch => batch.heights.push({ eventId: event.id, at: event.at, heightM: event.heightM }))
}

/** A note about a batch. */
export const notedSchema = eventSchemaOf('noted', { batchId: idSchema, text: v.pipe(noteSchema, v.minLength(1, 'is empty')) })

export function applyNoted(garden: Garden, event: v.InferOutput<typeof notedSchema>): void {
  amendBatch(garden, event, () => {})
}

/** Readings of one thermometer from a file, thinned: minutes since the event's moment, tenths of a degree. */
export const loggedSchema = v.pipe(
  eventSchemaOf('logged', {
    batchId: idSchema,
    depth: v.picklist(['core', 'edge']),
    source: v.pipe(v.string(), v.maxLength(LIMITS.name)),
    minutes: v.pipe(v.array(v.pipe(v.number(), v.integer(), v.minValue(0))), v.minLength(1, 'is empty'), v.maxLength(LOGGED_MOST, 'holds too many readings')),
    tenthsC: v.array(v.pipe(v.number(), v.integer(), v.minValue(-500), v.maxValue(1200))),
  }),
  v.check(({ minutes, tenthsC }) => minutes.length === tenthsC.length, 'does not have a temperature for each moment'),
)

export function applyLogged(garden: Garden, event: v.InferOutput<typeof loggedSchema>): void {
  const from = Date.parse(event.at)
  const row = event.depth === 'core' ? 'coreC' : 'edgeC'
  amendBatch(garden, event, (batch) => {
    for (const [index, minute] of event.minutes.entries())
      batch.readings.push({ eventId: event.id, at: new Date(from + minute * 60_000).toISOString(), [row]: (event.tenthsC[index] ?? 0) / 10, source: 'file' })
    inOrder(batch.readings)
  })
}

/** A picture was taken. Its file is kept beside the journal under `photoId`. */
export const photographedSchema = eventSchemaOf('photographed', {
  batchId: idSchema, photoId: idSchema, caption: noteSchema,
  widthPx: between(1, 10_000), heightPx: between(1, 10_000), bytes: between(1, 20_000_000),
})

export function applyPhotographed(garden: Garden, event: v.InferOutput<typeof photographedSchema>): void {
  amendBatch(garden, event, batch => batch.photos.push({ eventId: event.id, at: event.at, photoId: event.photoId, caption: event.caption }))
}
