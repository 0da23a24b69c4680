import * as v from 'valibot'
import type { Effect } from '../amend'
import { between, eventSchemaOf, idSchema } from './base'

/** What was found at one side of a comparison: a value in the core's unit, or so many of so many. */
const sideSchema = v.pipe(
  v.object({ value: v.optional(between(0, 1e6)), hits: v.optional(between(0, 1e6)), of: v.optional(between(0, 1e6)) }),
  v.check(({ value, hits, of }) => (value === undefined) !== (hits === undefined || of === undefined), 'has neither a value nor a count'),
  v.check(({ hits, of }) => hits === undefined || of === undefined || hits <= of, 'has more hits than there were'),
)

/** Two beds, parts of beds or trays were looked at on the same day, for one thing: what was found at both sides of a pair of a trial. */
export const comparedSchema = eventSchemaOf('compared', {
  trialId: idSchema, pairId: idSchema, measure: idSchema, with: sideSchema, without: sideSchema,
})

export const compared: Effect<v.InferOutput<typeof comparedSchema>> = {
  onStore: ({ comparisons }, { id, at, trialId, pairId, measure, with: mine, without: theirs }) => {
    comparisons.push({ eventId: id, at, trialId, pairId, measure, with: mine, without: theirs })
  },
}
