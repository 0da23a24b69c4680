import type { BegunBatch } from '../../journal/garden'
import type { Output, Surroundings } from '../contract'
import { binOn } from './now'
import { WORM } from './constants'

/** Castings, and what goes back. */
export function outputsOf(batch: BegunBatch, surroundings: Surroundings): Output[] {
  const castingsL = binOn(batch, surroundings)?.castingsL ?? 0
  return [
    {
      materialId: 'worm-castings', label: 'Castings',
      hint: 'sieved or by hand, fresh and moist: seed drills, pots, a thin layer on beds',
      sieveMm: 5,
      expectedL: castingsL * WORM.reachable,
    },
    { materialId: 'overs', label: 'Overs', hint: 'bedding and stones of fruit: back into the bin, or into a heap' },
  ]
}
