import type { Situation, Surroundings } from '../contract'
import type { BegunBatch } from '../../journal/garden'
import { situationOf } from '../course'
import type { BrewCourse } from './course'
import { middleCourse } from './forecast'
import { kindOf } from './kinds'

/** What is known of a brew today: of foam only where foam tells anything. */
export function situate(batch: BegunBatch, surroundings: Surroundings): Situation {
  const foams = kindOf(batch.began.approachId).foamM !== undefined
  return situationOf(batch, surroundings, middleCourse(batch, surroundings), [
    ...(foams ? [{ id: 'foamM', label: 'Foam', unit: 'length' as const, of: ({ foamM }: BrewCourse) => foamM }] : []),
    { id: 'liquidC', label: 'Warmth in it', unit: 'temperature', of: ({ liquidC }) => liquidC },
  ])
}
