import * as v from 'valibot'
import { amountVolumeL } from '../../units/container'
import { asLots, drawFrom, stockProducts, type Effect } from '../amend'
import { MADE_BY } from '../garden'
import {
  amountSchema, between, drawSchema, eventSchemaOf, idSchema, LIMITS, litresSchema, momentSchema, nameSchema, noteSchema, productsSchema,
} from './base'

/** Something was gathered; the lot carries the id of the event. */
export const stockedSchema = eventSchemaOf('stocked', { materialId: idSchema, amount: amountSchema, source: noteSchema })

export const stocked: Effect<v.InferOutput<typeof stockedSchema>> = {
  onStore: ({ lots }, { id, materialId, at, amount, source }) => {
    lots.set(id, {
      id, materialId, gatheredAt: at, initialL: amountVolumeL(amount), container: amount.container, packing: amount.packing, source,
    })
  },
}

/** What was said of a lot is set right: when it was gathered, how much it was, where from. What was taken from it stays taken. */
export const stockAmendedSchema = eventSchemaOf('stock-amended', {
  lotId: idSchema, gatheredAt: v.optional(momentSchema), amount: v.optional(amountSchema), source: v.optional(noteSchema),
})

export const stockAmended: Effect<v.InferOutput<typeof stockAmendedSchema>> = {
  onStore: ({ lots }, { lotId, gatheredAt, amount, source }) => {
    const lot = lots.get(lotId)
    if (!lot) return
    lots.set(lotId, {
      ...lot, ...(gatheredAt === undefined ? {} : { gatheredAt }), ...(source === undefined ? {} : { source }),
      ...(amount === undefined ? {} : { initialL: amountVolumeL(amount), container: amount.container, packing: amount.packing }),
    })
  },
}

export const REMOVAL_REASONS = ['spoiled', 'used-elsewhere', 'given-away', 'miscounted'] as const

/** Something left the store other than into a batch. */
export const stockRemovedSchema = eventSchemaOf('stock-removed', {
  lotId: idSchema, litres: litresSchema, why: v.picklist(REMOVAL_REASONS),
})

export const stockRemoved: Effect<v.InferOutput<typeof stockRemovedSchema>> = {
  onStore: (store, event) => drawFrom(store, [event]),
}

const madeDraws = v.pipe(v.array(drawSchema), v.maxLength(LIMITS.items, 'has too many parts'))

/**
 * Something was made of what lay in the store and of what was bought for it: sieved, mixed, charged. The products are lots of their
 * own and know where they come from; `picked` is what was picked out of it, stones and glass, and lies nowhere any more.
 */
export const madeSchema = v.pipe(
  eventSchemaOf('made', {
    how: v.picklist(MADE_BY), draws: madeDraws, products: productsSchema,
    bought: v.optional(v.pipe(
      v.array(v.object({ materialId: idSchema, litres: litresSchema })), v.maxLength(LIMITS.items, 'has too many parts'),
    )),
    called: v.optional(nameSchema), purpose: v.optional(idSchema),
    picked: v.optional(v.object({ litres: litresSchema, what: noteSchema })),
    minutes: v.optional(between(0, 10_000)),
  }),
  v.check(({ draws, bought }) => draws.length + (bought?.length ?? 0) > 0, 'takes nothing'),
)

export const made: Effect<v.InferOutput<typeof madeSchema>> = {
  onStore: (store, event) => {
    drawFrom(store, event.draws)
    const { id, at, how, draws, products, bought = [], called, purpose, picked, minutes } = event
    const litres = products.reduce((sum, { amount }) => sum + amountVolumeL(amount), 0)
    stockProducts(store, event, products, {
      fromLotIds: draws.map(({ lotId }) => lotId), fromDraws: { draws, bought, litres },
      ...(called === undefined ? {} : { called }), ...(purpose === undefined ? {} : { purpose }),
    })
    store.makings.push({
      eventId: id, at, how, draws, bought, products: asLots(id, products),
      ...(picked ? { picked } : {}), ...(minutes === undefined ? {} : { minutes }),
    })
  },
}

/**
 * Something went to a bed or another place: out of the store, straight from a batch, or as `materialId` before there was a store
 * to take it from. `waterL` is the water it was thinned with, `bedId` the bed where it is one that is kept.
 */
export const usedSchema = v.pipe(
  eventSchemaOf('used', {
    lotId: v.optional(idSchema), batchId: v.optional(idSchema), materialId: v.optional(idSchema), litres: litresSchema,
    place: v.pipe(v.string(), v.maxLength(LIMITS.name, 'is too long for a place')),
    areaM2: v.optional(between(0.01, 100_000)), waterL: v.optional(litresSchema), bedId: v.optional(idSchema),
    between: v.optional(v.object({ from: momentSchema, to: momentSchema })),
  }),
  v.check(
    ({ lotId, batchId, materialId }) => [lotId, batchId, materialId].filter(one => one !== undefined).length === 1,
    'comes from a lot, from a batch, or from neither and then says what it was',
  ),
)

export const used: Effect<v.InferOutput<typeof usedSchema>> = {
  onStore: (store, { id, at, lotId, batchId, materialId, litres, place, areaM2, waterL, bedId, between }) => {
    if (lotId !== undefined) drawFrom(store, [{ lotId, litres }])
    const known = { lotId, batchId, materialId, bedId, areaM2, waterL, between }
    const said = Object.fromEntries(Object.entries(known).filter(([, value]) => value !== undefined))
    store.spreads.push({ eventId: id, at, litres, place, ...said })
  },
  onBatch: (batch, { id, at, litres, place, areaM2, waterL }) => {
    batch.uses.push({
      eventId: id, at, litres, place,
      ...(areaM2 === undefined ? {} : { areaM2 }),
      ...(waterL === undefined ? {} : { waterL }),
    })
  },
}
