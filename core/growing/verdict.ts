import type { Range } from '../units/range'
import { PURPOSES, type PurposeId } from './constants'
import type { GrowingMix } from './mix'
import { airIn } from './pot'

/** A scale on which a mix is judged. */
export type Scale = 'air' | 'easyWater' | 'salts'

/** Where a mix stands on a scale. `perhaps` where only a part of what it may be lies beyond. */
export interface ScaleVerdict {
  readonly scale: Scale
  readonly value: Range
  readonly from: number
  readonly to: number
  readonly is: 'low' | 'perhaps-low' | 'good' | 'perhaps-high' | 'high'
}

const about = (value: number, doubt: number): Range => ({ low: value * (1 - doubt), typical: value, high: value * (1 + doubt) })

const BY_ID = new Map(PURPOSES.map(purpose => [purpose.id, purpose]))

function stands({ low, typical, high }: Range, [from, to]: readonly [number, number]): ScaleVerdict['is'] {
  if (high < from) return 'low'
  if (low > to) return 'high'
  if (typical < from) return 'perhaps-low'
  return typical > to ? 'perhaps-high' : 'good'
}

/**
 * What a mix is for a purpose. @param heightM of the pot it stands in: its air is then that of the whole pot after watering; without one,
 * that at 10 cm of suction, by which mixes are compared.
 */
export function verdictsOn(mix: GrowingMix, purposeId: PurposeId, heightM?: number): readonly ScaleVerdict[] {
  const purpose = BY_ID.get(purposeId)!
  const values: Readonly<Record<Scale, Range>> = {
    air: about(heightM === undefined ? mix.airAt10 : airIn(mix, heightM), mix.doubt), easyWater: about(mix.easyWater, mix.doubt),
    salts: mix.salts,
  }
  return (['air', 'easyWater', 'salts'] as const).map((scale): ScaleVerdict => {
    const [from, to] = purpose[scale]
    return { scale, value: values[scale], from, to, is: stands(values[scale], [from, to]) }
  })
}
