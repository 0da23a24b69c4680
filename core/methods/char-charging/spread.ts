import type { ChargeTraits } from './course'
import type { ChargeWay } from './ways'

/** Eight times in ten lies within so many spreads. */
const Z80 = 1.2816
/** How sure the warmth of a place is, K, and what warmth does. Own estimates. */
const WARMTH_K = 1.5
const Q10_SPREAD = 0.3
export const DIMENSIONS = 3

/** The spread of the logarithm of days, by what practice says of a way. */
export function logSpread({ days80 }: Pick<ChargeWay, 'days80'>): number {
  return Math.log(days80.high / days80.low) / (2 * Z80)
}

/** The traits of one that is possible: standard normals for its pace, its place's warmth, and what that does. */
export function traitsAt(point: ArrayLike<number>, way: Pick<ChargeWay, 'days80'>): ChargeTraits {
  const at = (index: number) => point[index] ?? 0
  return { slower: Math.exp(logSpread(way) * at(0)), warmerK: WARMTH_K * at(1), q10: Math.max(0, 1 + Q10_SPREAD * at(2)) }
}
