import type { BegunBatch } from '../../journal/garden'
import { ingredientsOf, looseL } from '../../mix/portion'
import type { Output, Surroundings } from '../contract'
import { slowOn } from './now'
import { SLOW } from './constants'

/** What comes out: fine, coarse, and the raw top, which goes on. */
export function outputsOf(batch: BegunBatch, surroundings: Surroundings): Output[] {
  // A height that was read may be a slip, or what nobody wrote down: no more is promised than went in.
  const putL = looseL(ingredientsOf(batch.puts.flatMap(({ inputs }) => inputs), surroundings.materials))
  const litres = Math.min(putL, slowOn(batch, surroundings)?.volumeL ?? 0)
  return [
    {
      materialId: 'compost-finished', label: 'Compost', hint: 'sieved or as it is: beds, round fruit and hedges', sieveMm: 15,
      expectedL: litres * SLOW.fallsThrough,
    },
    {
      materialId: 'overs', label: 'Overs', hint: 'twigs and what is still known: into the bay that is being filled',
      expectedL: litres * (1 - SLOW.fallsThrough),
    },
    {
      materialId: 'heap-half-rotted', label: 'Half-rotted, for a hot heap',
      hint: 'fork it out raw and build a hot heap of it with fresh greens',
    },
  ]
}
