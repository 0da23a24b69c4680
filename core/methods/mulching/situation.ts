import type { Situation, Surroundings } from '../contract'
import type { BegunBatch } from '../../journal/garden'
import { situationOf } from '../course'
import { middleOf } from './forecast'

/** What is known of a mulch today. */
export function situate(batch: BegunBatch, surroundings: Surroundings): Situation {
  return situationOf(batch, surroundings, middleOf(batch, surroundings), [
    { id: 'depthM', label: 'Depth', unit: 'length', of: ({ depthM }) => depthM },
  ])
}
