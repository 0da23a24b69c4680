import type { SlabTraits } from '../../heat/slab/bed'

/**
 * How much each differs from bed to bed: spreads of the logarithm, or of the value where a unit is named. Own estimates, checked
 * on beds of another law (the test of calibration).
 */
const SPREAD = {
  pace: 0.25, usable: 0.12, growth: 0.4, air: 0.45, conducts: 0.15, losses: 0.22, moisture: 0.035, ratio: 0.12, weatherK: 1.2, sun: 0.2,
} as const
const FACTORS = ['pace', 'usable', 'growth', 'air', 'conducts', 'losses', 'ratio', 'sun'] as const
export const DIMENSIONS = FACTORS.length + 2

/** The traits of one bed that is possible, at standard normals. */
export function traitsAt(point: ArrayLike<number>): SlabTraits {
  const factor = (at: number) => Math.exp(SPREAD[FACTORS[at]!] * (point[at] ?? 0))
  return {
    pace: factor(0),
    usable: factor(1),
    growth: factor(2),
    air: factor(3),
    conducts: factor(4),
    losses: factor(5),
    ratio: factor(6),
    sun: factor(7),
    moisture: SPREAD.moisture * (point[FACTORS.length] ?? 0), weatherK: SPREAD.weatherK * (point[FACTORS.length + 1] ?? 0),
  }
}

/** Colder and shorter, middle, warmer and longer: for a range without a forecast. */
export const CORNERS = [
  traitsAt([0, -0.5, 0, -0.6, 0, 0.9, 0, -0.4, 0, -0.5]), traitsAt([]), traitsAt([0, 0.5, 0, 0.6, 0, -0.9, 0, 0.4, 0, 0.5]),
] as const
