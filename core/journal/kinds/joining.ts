import type * as v from 'valibot'
import type { Effect } from '../amend'
import { eventSchemaOf, idSchema } from './base'
import { siteSchema } from './siting'

/** A batch stands in something else, or on another ground: moved, joined with another, or never as it was written down. */
export const sitedSchema = eventSchemaOf('sited', { batchId: idSchema, site: siteSchema })

export const sited: Effect<v.InferOutput<typeof sitedSchema>> = {
  onBatch: (batch, { site }) => { if (batch.began) Object.assign(batch, { began: { ...batch.began, site } }) },
}
