import * as v from 'valibot'
import { amountVolumeL } from '../../units/container'
import type { Garden } from '../garden'
import { amountSchema, eventSchemaOf, idSchema, litresSchema, noteSchema } from './base'
import { drawFrom } from '../amend'

/** Something was gathered; the lot carries the id of the event. */
export const stockedSchema = eventSchemaOf('stocked', { materialId: idSchema, amount: amountSchema, source: noteSchema })

export function applyStocked(garden: Garden, event: v.InferOutput<typeof stockedSchema>): void {
  const { id, materialId, at, amount, source } = event
  garden.lots.set(id, { id, materialId, gatheredAt: at, initialL: amountVolumeL(amount), container: amount.container, packing: amount.packing, source })
}

export const REMOVAL_REASONS = ['spoiled', 'used-elsewhere', 'given-away', 'miscounted'] as const

/** Something left the store other than into a batch. */
export const stockRemovedSchema = eventSchemaOf('stock-removed', { lotId: idSchema, litres: litresSchema, why: v.picklist(REMOVAL_REASONS) })

export function applyStockRemoved(garden: Garden, event: v.InferOutput<typeof stockRemovedSchema>): void {
  drawFrom(garden, [event])
}
