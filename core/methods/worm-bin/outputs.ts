import type { BegunBatch } from '../../journal/garden'
import type { Output, Surroundings } from '../contract'
import { binOn } from './now'

/** Of the castings in a bin so much can be got out without carrying the herd off (own estimate). */
export const REACHABLE = 0.7

/** Castings, and what goes back. */
export function outputsOf(batch: BegunBatch, surroundings: Surroundings): Output[] {
  const castingsL = binOn(batch, surroundings)?.castingsL ?? 0
  return [
    {
      materialId: 'worm-castings', label: 'Castings',
      hint: 'sieved or by hand, fresh and moist: seed drills, pots, a thin layer on beds', sieveMm: 5, expectedL: castingsL * REACHABLE,
    },
    { materialId: 'overs', label: 'Overs', hint: 'bedding and stones of fruit: back into the bin, or into a heap' },
  ]
}
