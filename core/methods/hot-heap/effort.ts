import { portionOf } from '../../mix/portion'
import { range, type Range } from '../../units/range'
import type { HeapProposal } from '../heated/proposal'
import { hotHeapApproach } from './approaches'

/** Carrying, emptying and spreading one container. */
const MINUTES_A_CONTAINER = { low: 1, typical: 1.8, high: 3 }
/** Laying out, the first look, the lid. */
const MINUTES_ROUND = { low: 10, typical: 15, high: 25 }
/** Shredding or soaking, for each hundred litres of what is prepared. */
const MINUTES_PREPARING = { low: 4, typical: 8, high: 15 }
/** Forking over a hundred litres. */
const MINUTES_TURNING = { low: 2, typical: 3.5, high: 6 }

const times = (minutes: Range, by: number): Range => range(minutes.low * by, minutes.typical * by, minutes.high * by)
const plus = (a: Range, b: Range): Range => range(a.low + b.low, a.typical + b.typical, a.high + b.high)

/** How long it takes by hand, minutes as ranges, and how often it is usually turned. */
export interface HandsOn {
  readonly building: Range
  readonly eachTurn: Range
  readonly turns: number
}

/** Minutes of work for building, and for each turn; rough, for one person used to a fork. */
export function handsOn({ ingredients, volumeL, approachId }: HeapProposal): HandsOn {
  const containers = ingredients.reduce((sum, { amount }) => sum + amount.count, 0)
  const preparedL = ingredients.reduce((sum, one) => one.prepared ? sum + portionOf(one).looseVolumeL : sum, 0)
  const building = [times(MINUTES_A_CONTAINER, containers), times(MINUTES_PREPARING, preparedL / 100)].reduce(plus, MINUTES_ROUND)
  return { building, eachTurn: times(MINUTES_TURNING, volumeL / 100), turns: hotHeapApproach(approachId).turning.most }
}
