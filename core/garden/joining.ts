import type { NewEvent } from '../journal/event'
import type { BegunBatch } from '../journal/garden'
import { LITRE } from '../units/container'
import type { Site } from '../vessel/site'

/** One batch that goes onto another: how much of it, how the other stands then, and when. */
export interface Joining {
  readonly at: string
  readonly from: Pick<BegunBatch, 'id'>
  readonly onto: Pick<BegunBatch, 'id'>
  readonly materialId: string
  readonly litres: number
  /** Whether that was all of it: its log ends there. */
  readonly ends: boolean
  /** What the other stands in then, where that is not what it stood in. */
  readonly site?: Site
}

/**
 * The events of a joining. What went into the one goes on in the other, with all that it carries: the taking becomes a lot, and the
 * lot is put in at once.
 * @param id a new id for the taking, which the put points at.
 */
export function joiningEvents({ at, from, onto, materialId, litres, ends, site }: Joining, id: string): NewEvent[] {
  const amount = { count: litres, container: LITRE, packing: 'loose' as const }
  return [
    { id, kind: 'took', at, batchId: from.id, products: [{ materialId, amount }], ends, toBatchId: onto.id },
    {
      kind: 'put', at, batchId: onto.id, waterL: 0, fromBatchId: from.id,
      inputs: [{ role: 'feed', materialId, amount, draws: [{ lotId: `${id}.0`, litres }] }],
    },
    ...(site ? [{ kind: 'sited' as const, at, batchId: onto.id, site }] : []),
  ]
}
