import type { Situation, Surroundings } from '../contract'
import type { BegunBatch } from '../../journal/garden'
import { situationOf } from '../course'
import { middleOf } from './forecast'

/** What is known of a hotbed today. */
export function situate(batch: BegunBatch, surroundings: Surroundings): Situation {
  return situationOf(batch, surroundings, middleOf(batch, surroundings), [
    { id: 'soilC', label: 'Warmth of the soil', unit: 'temperature', of: ({ soilDayC }) => soilDayC },
    { id: 'coreC', label: 'Warmth of its heart', unit: 'temperature', of: ({ coreC }) => coreC },
    { id: 'heightM', label: 'Height', unit: 'length', of: ({ heightM }) => heightM },
  ])
}
