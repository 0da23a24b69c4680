import * as v from 'valibot'
import type { Effect } from '../amend'
import { between, eventSchemaOf, idSchema, LIMITS } from './base'

/** Farther from its beginning than so many days no batch is foretold. */
const FARTHEST_DAYS = 40_000

const daySchema = between(-FARTHEST_DAYS, FARTHEST_DAYS)
const windowSchema = v.pipe(
  v.object({ low: daySchema, typical: daySchema, high: daySchema }),
  v.check(({ low, typical, high }) => low <= typical && typical <= high, 'does not lie in order'),
)

/**
 * What was told of a batch when its first forecast came: its windows, in days since it began. Written once by Wastrum itself, so
 * that "at the start" stays what it was.
 */
export const foretoldSchema = eventSchemaOf('foretold', {
  batchId: idSchema,
  windows: v.pipe(
    v.record(idSchema, windowSchema),
    v.check(windows => Object.keys(windows).length > 0, 'is empty'),
    v.check(windows => Object.keys(windows).length <= LIMITS.items, 'has too many windows'),
  ),
})

/** Of several, by two devices that did not know of one another, the first counts. It is no entry of the log. */
export const foretold: Effect<v.InferOutput<typeof foretoldSchema>> = {
  unlogged: true,
  onBatch: (batch, { at, windows }) => { batch.foretold ??= { at, windows } },
}
