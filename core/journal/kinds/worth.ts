import * as v from 'valibot'
import { FAMILIES } from '../../materials/material'
import { between } from '../../units/bounds'

const text = v.pipe(v.string(), v.maxLength(120))
const rangeOf = (low: number, high: number) => v.pipe(
  v.object({ low: between(low, high), typical: between(low, high), high: between(low, high) }),
  v.check(one => one.low <= one.typical && one.typical <= one.high, 'is not in order: low, typical, high'),
)

/** What a material was taken to be, as it is frozen into an event. */
export const worthSchema = v.object({
  name: text, short: text, family: v.picklist(FAMILIES),
  nitrogenFraction: rangeOf(0, 1),
  carbonToNitrogen: rangeOf(0.1, 5000),
  moistureFraction: rangeOf(0, 0.99),
  bulkDensityKgM3: rangeOf(1, 5000),
  ligninFraction: between(0, 1), ashFraction: between(0, 1), structure: v.picklist([0, 1, 2, 3]), pace: between(0.1, 10),
  packsLikeKgM3: v.optional(between(1, 5000)),
})
