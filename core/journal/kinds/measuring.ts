import * as v from 'valibot'
import type { Drying, Measurements, Weighing } from '../../materials/measured'
import type { Effect } from '../amend'
import type { StoreState } from '../garden'
import { amountSchema, between, eventSchemaOf, idSchema } from './base'

const kilograms = between(0.001, 20_000)

/** Measurements of a material with more of them. */
function amendMeasurements(
  { measurements }: StoreState, materialId: string, more: { readonly weighing?: Weighing, readonly drying?: Drying },
): void {
  const known: Measurements = measurements.get(materialId) ?? { weighings: [], dryings: [] }
  measurements.set(materialId, {
    weighings: more.weighing ? [...known.weighings, more.weighing] : known.weighings,
    dryings: more.drying ? [...known.dryings, more.drying] : known.dryings,
  })
}

/** A container of a material was weighed, the container itself taken off. */
export const weighedSchema = v.pipe(
  eventSchemaOf('weighed', { materialId: idSchema, amount: amountSchema, massKg: kilograms }),
  v.check(
    ({ amount, massKg }) => amount.count > 0 && massKg / (amount.count * amount.container.volumeL) <= 8,
    'is heavier than anything of that size',
  ),
)

export const weighed: Effect<v.InferOutput<typeof weighedSchema>> = {
  onStore: (store, { at, materialId, amount, massKg }) => amendMeasurements(store, materialId, { weighing: { at, amount, massKg } }),
}

/** A sample was weighed fresh, dried, and weighed again. */
export const driedSchema = v.pipe(
  eventSchemaOf('dried', { materialId: idSchema, wetMassKg: kilograms, dryMassKg: kilograms }),
  v.check(({ wetMassKg, dryMassKg }) => dryMassKg <= wetMassKg, 'is heavier dry than it was wet'),
)

export const dried: Effect<v.InferOutput<typeof driedSchema>> = {
  onStore: (store, { at, materialId, wetMassKg, dryMassKg }) =>
    amendMeasurements(store, materialId, { drying: { at, wetMassKg, dryMassKg } }),
}
