import type { ChargeTraits } from './course'
import type { ChargeWay } from './ways'
import { CHARGE } from './constants'
import { Z80 } from '../../statistics/counts'

/** The spread of the logarithm of days, by what practice says of a way. */
export function logSpread({ days80 }: Pick<ChargeWay, 'days80'>): number {
  return Math.log(days80.high / days80.low) / (2 * Z80)
}

/** The traits of one that is possible: standard normals for its pace, its place's warmth, and what that does. */
export function traitsAt(point: ArrayLike<number>, way: Pick<ChargeWay, 'days80'>): ChargeTraits {
  const at = (index: number) => point[index] ?? 0
  return { slower: Math.exp(logSpread(way) * at(0)), warmerK: CHARGE.warmthK * at(1), q10: Math.max(0, 1 + CHARGE.q10Spread * at(2)) }
}
