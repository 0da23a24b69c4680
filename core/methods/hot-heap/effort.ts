import { portionOf } from '../../mix/portion'
import { range, type Range } from '../../units/range'
import type { HeapProposal } from '../heated/proposal'
import { hotHeapApproach } from './approaches'
import { HOT } from './constants'

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
  const building = [times(HOT.minutesAContainer, containers), times(HOT.minutesPreparing, preparedL / 100)].reduce(plus, HOT.minutesRound)
  return { building, eachTurn: times(HOT.minutesTurning, volumeL / 100), turns: hotHeapApproach(approachId).turning.most }
}
