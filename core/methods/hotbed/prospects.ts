import type { BegunBatch } from '../../journal/garden'
import type { Prospect, Surroundings } from '../contract'
import { placeOf, prospectOf } from '../course'
import { middleOf } from './forecast'
import { spentDay } from './marks'
import { hotbedOf } from './state'

/** As which it comes when its heat is over, and what it is called. */
export const HALF_RIPE = { label: 'Compost, half ripe', materialId: 'heap-half-rotted' } as const

/** What is left of it when its heat is over. */
export function prospectsOf(batch: BegunBatch, surroundings: Surroundings): Prospect[] {
  const bed = batch.ended ? undefined : hotbedOf(batch, surroundings)
  const middle = middleOf(batch, surroundings)
  if (!bed || !middle) return []
  const at = placeOf(middle.days, Math.max(bed.nowDay, Math.min(middle.question.horizonDay, spentDay(middle.course))))
  return prospectOf(batch, { id: 'spent' }, HALF_RIPE, middle.course.heightM[at]! * bed.ground.footprintM2 * 1000)
}
