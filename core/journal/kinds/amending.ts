import type * as v from 'valibot'
import type { Effect } from '../amend'
import { eventSchemaOf, idSchema } from './base'

/**
 * What was recorded is set right: the event as it should have read, under the same id. What stood before stays where it is, so
 * that it can be seen and come back. @param amendable the events that can be set right.
 */
export function amendedSchemaOf<const S extends v.GenericSchema<unknown, { readonly id: string }>>(amendable: S) {
  return eventSchemaOf('amended', { targetId: idSchema, to: amendable })
}

/** It is no entry of its own: its target reads anew (see `amendments`). */
export const amended: Effect<unknown> = { unlogged: true }
