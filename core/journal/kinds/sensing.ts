import * as v from 'valibot'
import { MEASURE_LIMITS_M } from '../../vessel/vessel'
import { amendBatch } from '../amend'
import type { Garden } from '../garden'
import { between, celsiusSchema, eventSchemaOf, idSchema, noteSchema } from './base'

/** A thermometer was read: in the core, at the edge a hand's breadth in, or both. */
export const readingSchema = eventSchemaOf('reading', {
  batchId: idSchema,
  coreC: v.optional(celsiusSchema),
  edgeC: v.optional(celsiusSchema),
  source: v.picklist(['hand', 'probe']),
})

export function applyReading(garden: Garden, event: v.InferOutput<typeof readingSchema>): void {
  const { id, at, coreC, edgeC, source } = event
  amendBatch(garden, event, batch => batch.readings.push({ eventId: id, at, coreC, edgeC, source }))
}

/** Something was felt, smelt or seen. Sense and finding are the method's own words. */
export const observedSchema = eventSchemaOf('observed', { batchId: idSchema, sense: idSchema, finding: idSchema })

export function applyObserved(garden: Garden, event: v.InferOutput<typeof observedSchema>): void {
  const { at, sense, finding } = event
  amendBatch(garden, event, batch => batch.observations.push({ at, sense, finding }))
}

/** The height was measured. */
export const measuredSchema = eventSchemaOf('measured', { batchId: idSchema, heightM: between(0, MEASURE_LIMITS_M.high) })

export function applyMeasured(garden: Garden, event: v.InferOutput<typeof measuredSchema>): void {
  amendBatch(garden, event, batch => batch.heights.push({ at: event.at, heightM: event.heightM }))
}

/** A note about a batch. */
export const notedSchema = eventSchemaOf('noted', { batchId: idSchema, text: v.pipe(noteSchema, v.minLength(1, 'is empty')) })

export function applyNoted(garden: Garden, event: v.InferOutput<typeof notedSchema>): void {
  amendBatch(garden, event, () => {})
}
