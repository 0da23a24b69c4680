import type { Situation, Surroundings } from '../contract'
import type { BegunBatch } from '../../journal/garden'
import { situationOf } from '../course'
import { middleOf } from './forecast'

/** What is known of a cage today. */
export function situate(batch: BegunBatch, surroundings: Surroundings): Situation {
  const middle = middleOf(batch, surroundings)
  const heightOf = (litres: number) => litres / 1000 / (middle?.question.groundM2 ?? 1)
  return situationOf(batch, surroundings, middle, [
    { id: 'left', label: 'Of the leaves still there', unit: 'percent', of: ({ left }) => left },
    { id: 'heightM', label: 'Height', unit: 'length', of: ({ volumeL }) => volumeL, series: 'volumeL', foundBy: ['volumeL'], as: heightOf },
    { id: 'moisture', label: 'Water inside', unit: 'percent', of: ({ moisture }) => moisture },
  ])
}
