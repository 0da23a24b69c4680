import * as v from 'valibot'
import { drawFrom, type Effect } from '../amend'
import { TURNED } from '../earlier'
import { answersSchema, between, eventSchemaOf, idSchema, ingredientSchema, inputsSchema, litresSchema } from './base'

/** A deed of the method's own was done, with its answers. */
export const didSchema = eventSchemaOf('did', { batchId: idSchema, deed: idSchema, answers: answersSchema })

export const did: Effect<v.InferOutput<typeof didSchema>> = {
  onBatch: (batch, { id, at, deed, answers }) => { batch.did.push({ eventId: id, at, deed, answers }) },
}

/** Stuff or water was put in; at a place within the batch, where that is told. */
export const putSchema = eventSchemaOf('put', {
  batchId: idSchema, inputs: inputsSchema, waterL: litresSchema, pocket: v.optional(idSchema), fromBatchId: v.optional(idSchema),
})

export const put: Effect<v.InferOutput<typeof putSchema>> = {
  onBatch: (batch, { id, at, inputs, waterL, pocket, fromBatchId }) => {
    batch.puts.push({
      eventId: id, at, inputs, waterL, atStart: false,
      ...(pocket === undefined ? {} : { pocket }),
      ...(fromBatchId === undefined ? {} : { fromBatchId }),
    })
  },
  onStore: (store, { inputs }) => { for (const { draws } of inputs) drawFrom(store, draws) },
}

/** The whole batch was turned, outside to the inside. Written by earlier versions: a deed. */
export const turnedSchema = eventSchemaOf('turned', { batchId: idSchema })

export const turned: Effect<v.InferOutput<typeof turnedSchema>> = {
  onBatch: (batch, { id, at }) => { batch.did.push({ eventId: id, at, deed: TURNED, answers: {} }) },
}

/** Water was poured on. Written by earlier versions: a put of water alone. */
export const wateredSchema = eventSchemaOf('watered', { batchId: idSchema, litres: between(0, 5000) })

export const watered: Effect<v.InferOutput<typeof wateredSchema>> = {
  onBatch: (batch, { id, at, litres }) => { batch.puts.push({ eventId: id, at, inputs: [], waterL: litres, atStart: false }) },
}

/** Something was added to a standing batch. Written by earlier versions: a put. */
export const addedSchema = eventSchemaOf('added', { batchId: idSchema, ingredient: ingredientSchema })

export const added: Effect<v.InferOutput<typeof addedSchema>> = {
  onBatch: (batch, { id, at, ingredient }) => {
    batch.puts.push({ eventId: id, at, inputs: [{ ...ingredient, role: 'feed' }], waterL: 0, atStart: false })
  },
  onStore: (store, { ingredient }) => drawFrom(store, ingredient.draws),
}
