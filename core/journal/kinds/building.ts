import * as v from 'valibot'
import { siteSchema, vesselSchema } from './siting'
import { MEASURE_LIMITS_M } from '../../vessel/vessel'
import { asLots, drawFrom, stockProducts, type Effect, type Growing, type MadeProduct } from '../amend'
import type { Input } from '../garden'
import { putEvenly, stoodOf, stoodSchema } from './already'
import {
  answersSchema, between, eventSchemaOf, idSchema, ingredientSchema, inputsSchema, LIMITS, litresSchema, nameSchema, productsSchema,
} from './base'

const place = v.pipe(v.string(), v.maxLength(LIMITS.name, 'is too long for a place'))
const names = { batchId: idSchema, name: nameSchema, place }
const heightM = v.optional(between(0, MEASURE_LIMITS_M.high))

interface Beginning { readonly id: string, readonly at: string, readonly name: string, readonly place: string }

function firstPut(batch: Growing, { id, at }: Beginning, inputs: readonly Input[], waterL: number, already = false): void {
  if (inputs.length > 0 || waterL > 0)
    batch.puts.push({ eventId: id, at, inputs, waterL, atStart: true, ...(already ? { already: true as const } : {}) })
}

/** A batch began. Method and approach are names, so that a file may hold methods this version does not know. */
export const beganSchema = eventSchemaOf('began', {
  ...names, methodId: idSchema, approachId: idSchema, site: siteSchema, answers: answersSchema, inputs: inputsSchema, waterL: litresSchema,
  stood: v.optional(stoodSchema),
})

export const began: Effect<v.InferOutput<typeof beganSchema>> = {
  onBatch: (batch, event) => {
    const { id, at, name, place: where, methodId, approachId, site, answers, inputs, waterL } = event
    const stood = event.stood && stoodOf(event.stood)
    Object.assign(batch, { name, place: where, began: { at, methodId, approachId, site, answers, ...(stood ? { stood } : {}) } })
    firstPut(batch, event, inputs, waterL, stood !== undefined)
    if (stood) putEvenly(batch, id, at, stood)
  },
  onStore: (store, { inputs }) => { for (const { draws } of inputs) drawFrom(store, draws) },
}

/** A batch was built at once in a vessel. Written by earlier versions: it began, and everything was put in. */
export const builtSchema = eventSchemaOf('built', {
  ...names,
  methodId: idSchema,
  approachId: idSchema,
  vessel: vesselSchema,
  ingredients: v.pipe(
    v.array(ingredientSchema), v.minLength(1, 'has no ingredients'), v.maxLength(LIMITS.items, 'has too many ingredients'),
  ),
  waterL: litresSchema,
})

export const built: Effect<v.InferOutput<typeof builtSchema>> = {
  onBatch: (batch, event) => {
    const { at, name, place: where, methodId, approachId, vessel, ingredients, waterL } = event
    Object.assign(batch, { name, place: where, began: { at, methodId, approachId, site: { kind: 'vessel', vessel }, answers: {} } })
    firstPut(batch, event, ingredients.map((one): Input => ({ ...one, role: 'feed' })), waterL)
  },
  onStore: (store, { ingredients }) => { for (const { draws } of ingredients) drawFrom(store, draws) },
}

/** A batch got another name or was found another place. */
export const renamedSchema = eventSchemaOf('renamed', names)

export const renamed: Effect<v.InferOutput<typeof renamedSchema>> = {
  onBatch: (batch, event) => {
    batch.name = event.name
    batch.place = event.place
  },
}

interface TakenEvent {
  readonly id: string
  readonly at: string
  readonly batchId: string
  readonly products: readonly MadeProduct[]
  readonly heightM?: number | undefined
  readonly toBatchId?: string | undefined
  readonly left?: true | undefined
}

function taken(batch: Growing, { id, at, products, heightM: high, toBatchId, left }: TakenEvent, ends: boolean): void {
  batch.takings.push({
    eventId: id, at, products: asLots(id, products), ends,
    ...(high === undefined ? {} : { heightM: high }),
    ...(toBatchId === undefined ? {} : { toBatchId }),
    ...(left ? { left } : {}),
  })
  if (ends) batch.ended = { eventId: id, at }
}

/** Something was taken out, in part or for good. Each product becomes a lot of the store. */
export const tookSchema = eventSchemaOf('took', {
  batchId: idSchema, heightM, products: productsSchema, ends: v.boolean(),
  /** The batch that it went onto, where it did at once. */
  toBatchId: v.optional(idSchema),
  /** It was left where it stood, when its gardener moved on. */
  left: v.optional(v.literal(true)),
})

export const took: Effect<v.InferOutput<typeof tookSchema>> = {
  onBatch: (batch, event) => taken(batch, event, event.ends),
  onStore: (store, event) => stockProducts(store, event, event.products, { fromBatchId: event.batchId }),
}

/** A batch was taken down. Written by earlier versions: the last taking. */
export const finishedSchema = eventSchemaOf('finished', { batchId: idSchema, heightM, products: productsSchema })

export const finished: Effect<v.InferOutput<typeof finishedSchema>> = {
  onBatch: (batch, event) => taken(batch, event, true),
  onStore: (store, event) => stockProducts(store, event, event.products, { fromBatchId: event.batchId }),
}
