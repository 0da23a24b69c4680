import type * as v from 'valibot'
import { amendBatch } from '../amend'
import type { Garden } from '../garden'
import { between, eventSchemaOf, idSchema } from './base'

/** The whole batch was turned, outside to the inside. */
export const turnedSchema = eventSchemaOf('turned', { batchId: idSchema })

export function applyTurned(garden: Garden, event: v.InferOutput<typeof turnedSchema>): void {
  amendBatch(garden, event, batch => batch.turns.push({ at: event.at }))
}

/** Water was poured on. */
export const wateredSchema = eventSchemaOf('watered', { batchId: idSchema, litres: between(0, 5000) })

export function applyWatered(garden: Garden, event: v.InferOutput<typeof wateredSchema>): void {
  amendBatch(garden, event, batch => batch.waterings.push({ at: event.at, litres: event.litres }))
}
