import type { Situation, Surroundings } from '../contract'
import type { BegunBatch } from '../../journal/garden'
import { situationOf } from '../course'
import { middleOf } from './forecast'

/** What is known of a soak today. */
export function situate(batch: BegunBatch, surroundings: Surroundings): Situation {
  const middle = middleOf(batch, surroundings)
  if (middle.question.filledDay === undefined) return { known: [] }
  return situationOf(batch, surroundings, middle, [
    { id: 'charged', label: 'How far it is charged', unit: 'percent', of: ({ charged }) => charged },
  ])
}
