import type { Situation, Surroundings } from '../contract'
import type { BegunBatch } from '../../journal/garden'
import { situationOf } from '../course'
import { middleOf } from './forecast'

/** What is known of a slow heap today. */
export function situate(batch: BegunBatch, surroundings: Surroundings): Situation {
  const middle = middleOf(batch, surroundings)
  const heightOf = (litres: number) => litres / 1000 / (middle?.question.ground.footprintM2 ?? 1)
  return situationOf(batch, surroundings, middle, [
    { id: 'heightM', label: 'Height', unit: 'length', of: ({ volumeL }) => volumeL, series: 'volumeL', foundBy: ['volumeL'], as: heightOf },
    { id: 'moisture', label: 'Water inside', unit: 'percent', of: ({ moisture }) => moisture },
    { id: 'celsius', label: 'Warmth inside', unit: 'temperature', of: ({ celsius }) => celsius },
  ])
}
