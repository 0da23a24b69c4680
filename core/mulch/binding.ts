import { carbonFraction, type Material } from '../materials/material'
import { usableShares } from '../heat/charge'
import type { Range } from '../units/range'
import { MULCH } from './constants'

/** How wood and straw come to lie: on the soil, or worked into it. */
export type Lies = 'on-top' | 'dug-in'

/**
 * Nitrogen that a layer takes from the soil in its first year, grams a square metre: what its microbes need beyond what it brings.
 * On top only what touches the soil takes any: that is why practitioners quarrel, and why both are right.
 * @param depthM as spread loosely, not negative.
 */
export function boundNitrogenGM2(material: Material, depthM: number, lies: Lies): Range {
  const touching = lies === 'on-top' ? Math.min(depthM, MULCH.contact.depthM) : depthM
  const dryKgM2 = touching * material.bulkDensityKgM3.typical * (1 - material.moistureFraction.typical)
  const goes = usableShares(material).inTheEnd * (material.family === 'wood' ? MULCH.firstYear.wood : MULCH.firstYear.other)
  const carbonKgM2 = dryKgM2 * carbonFraction(material) * goes
  const wantsKg = carbonKgM2 * Math.max(0, MULCH.microbes.keep / MULCH.microbes.carbonToNitrogen - 1 / material.carbonToNitrogen.typical)
  const grams = 1000 * wantsKg * (lies === 'on-top' ? MULCH.contact.share : 1)
  return { low: MULCH.sure.low * grams, typical: grams, high: MULCH.sure.high * grams }
}

/** Litres or kilograms of a material that bring so many grams of nitrogen. */
export function makesUpKg(material: Material, grams: number): number {
  return grams / 1000 / (material.nitrogenFraction.typical * (1 - material.moistureFraction.typical))
}
