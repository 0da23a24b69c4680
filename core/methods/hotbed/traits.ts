import type { SlabTraits } from '../../heat/slab/bed'
import { BED } from './constants'

const FACTORS = ['pace', 'usable', 'growth', 'air', 'conducts', 'losses', 'ratio', 'sun'] as const
export const DIMENSIONS = FACTORS.length + 2

/** The traits of one bed that is possible, at standard normals. */
export function traitsAt(point: ArrayLike<number>): SlabTraits {
  const factor = (at: number) => Math.exp(BED.spread[FACTORS[at]!] * (point[at] ?? 0))
  return {
    pace: factor(0) * ((point[0] ?? 0) < BED.neverBelow ? BED.neverPace : 1),
    usable: factor(1),
    growth: factor(2),
    air: factor(3),
    conducts: factor(4),
    losses: factor(5),
    ratio: factor(6),
    sun: factor(7),
    moisture: BED.spread.moisture * (point[FACTORS.length] ?? 0), weatherK: BED.spread.weatherK * (point[FACTORS.length + 1] ?? 0),
  }
}

/** Colder and shorter, middle, warmer and longer: for a range without a forecast. */
export const CORNERS = [
  traitsAt([0, -0.5, 0, -0.6, 0, 0.9, 0, -0.4, 0, -0.5]), traitsAt([]), traitsAt([0, 0.5, 0, 0.6, 0, -0.9, 0, 0.4, 0, 0.5]),
] as const
