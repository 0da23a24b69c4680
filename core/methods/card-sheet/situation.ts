import type { Situation, Surroundings } from '../contract'
import type { BegunBatch } from '../../journal/garden'
import { situationOf } from '../course'
import { middleOf } from './forecast'

/** What is known of a sheet today. */
export function situate(batch: BegunBatch, surroundings: Surroundings): Situation {
  return situationOf(batch, surroundings, middleOf(batch, surroundings), [
    { id: 'spent', label: 'How far it is', unit: 'percent', of: ({ spent }) => spent, as: share => Math.min(1, share) },
  ])
}
