import type { BegunBatch } from '../../journal/garden'
import type { Output, Surroundings } from '../contract'
import { slowOn } from './now'

/** Of what is taken from a rested heap so much falls through the sieve (own estimate). */
const FALLS_THROUGH = 0.75

/** What comes out: fine, coarse, and the raw top, which goes on. */
export function outputsOf(batch: BegunBatch, surroundings: Surroundings): Output[] {
  const litres = slowOn(batch, surroundings)?.volumeL ?? 0
  return [
    {
      materialId: 'compost-finished', label: 'Compost', hint: 'sieved or as it is: beds, round fruit and hedges', sieveMm: 15,
      expectedL: litres * FALLS_THROUGH,
    },
    {
      materialId: 'overs', label: 'Overs', hint: 'twigs and what is still known: into the bay that is being filled',
      expectedL: litres * (1 - FALLS_THROUGH),
    },
    {
      materialId: 'heap-half-rotted', label: 'Half-rotted, for a hot heap',
      hint: 'fork it out raw and build a hot heap of it with fresh greens',
    },
  ]
}
