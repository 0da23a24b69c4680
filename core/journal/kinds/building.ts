import * as v from 'valibot'
import { MEASURE_LIMITS_M, WALLS } from '../../vessel/vessel'
import { amountVolumeL } from '../../units/container'
import { amendBatch, drawFrom } from '../amend'
import type { Garden, Product } from '../garden'
import { amountSchema, between, eventSchemaOf, idSchema, ingredientSchema, LIMITS, litresSchema, nameSchema } from './base'

const metres = between(MEASURE_LIMITS_M.low, MEASURE_LIMITS_M.high)
const sides = { id: idSchema, name: nameSchema, wall: v.picklist(WALLS), heightM: metres }
export const vesselSchema = v.variant('shape', [
  v.object({ ...sides, shape: v.literal('box'), widthM: metres, depthM: metres }),
  v.object({ ...sides, shape: v.literal('cylinder'), diameterM: metres }),
])

const place = v.pipe(v.string(), v.maxLength(LIMITS.name, 'is too long for a place'))

/** A batch was built. The method and approach are names, so that a file may hold methods this version does not know. */
export const builtSchema = eventSchemaOf('built', {
  batchId: idSchema,
  name: nameSchema,
  place,
  methodId: idSchema,
  approachId: idSchema,
  vessel: vesselSchema,
  ingredients: v.pipe(v.array(ingredientSchema), v.minLength(1, 'has no ingredients'), v.maxLength(LIMITS.items, 'has too many ingredients')),
  waterL: litresSchema,
})

export function applyBuilt(garden: Garden, event: v.InferOutput<typeof builtSchema>): void {
  const { at, name, place, methodId, approachId, vessel, ingredients, waterL } = event
  for (const { draws } of ingredients) drawFrom(garden, draws)
  amendBatch(garden, event, (batch) => {
    batch.name = name
    batch.place = place
    batch.built = { at, methodId, approachId, vessel, ingredients, waterL }
  })
}

/** A batch got another name or was found another place. */
export const renamedSchema = eventSchemaOf('renamed', { batchId: idSchema, name: nameSchema, place })

export function applyRenamed(garden: Garden, event: v.InferOutput<typeof renamedSchema>): void {
  amendBatch(garden, event, (batch) => {
    batch.name = event.name
    batch.place = event.place
  })
}

/** Something was added to a standing batch. */
export const addedSchema = eventSchemaOf('added', { batchId: idSchema, ingredient: ingredientSchema })

export function applyAdded(garden: Garden, event: v.InferOutput<typeof addedSchema>): void {
  drawFrom(garden, event.ingredient.draws)
  amendBatch(garden, event, batch => batch.additions.push({ at: event.at, ingredient: event.ingredient }))
}

/** A batch was taken down: what came out, and how high it stood. Each product becomes a lot of the store. */
export const finishedSchema = eventSchemaOf('finished', {
  batchId: idSchema,
  heightM: v.optional(between(0, MEASURE_LIMITS_M.high)),
  products: v.pipe(
    v.array(v.object({ materialId: idSchema, amount: amountSchema, sieveMm: v.optional(between(1, 100)) })),
    v.maxLength(LIMITS.items, 'has too many products'),
  ),
})

export function applyFinished(garden: Garden, event: v.InferOutput<typeof finishedSchema>): void {
  const products: Product[] = event.products.map((product, index) => ({ ...product, lotId: `${event.id}.${index}` }))
  for (const { lotId, materialId, amount, sieveMm } of products) {
    garden.lots.set(lotId, {
      id: lotId, materialId, gatheredAt: event.at, initialL: amountVolumeL(amount), container: amount.container,
      packing: amount.packing, source: '', fromBatchId: event.batchId, sieveMm,
    })
  }
  amendBatch(garden, event, (batch) => { batch.finish = { at: event.at, heightM: event.heightM, products } })
}
