import { carbonFraction, type Material } from '../materials/material'
import { usableShares } from '../heat/charge'
import type { Range } from '../units/range'

/** Of the carbon that is eaten so much becomes microbes, and they hold one of nitrogen to so much carbon. Usual values of soil biology. */
const MICROBES = { keep: 0.35, carbonToNitrogen: 9 }
/** What goes in the first year of all that can go, where it is dug in among moist soil: wood by its skin, everything else quickly. */
const FIRST_YEAR = { wood: 0.3, other: 0.8 }
/** On top only this much lies against the soil, metres; and of its want of nitrogen that share is met by the soil. */
const CONTACT = { depthM: 0.005, share: 0.5 }
const SURE = { low: 0.6, high: 1.5 }

/** How wood and straw come to lie: on the soil, or worked into it. */
export type Lies = 'on-top' | 'dug-in'

/**
 * Nitrogen that a layer takes from the soil in its first year, grams a square metre: what its microbes need beyond what it brings.
 * On top only what touches the soil takes any: that is why practitioners quarrel, and why both are right.
 * @param depthM as spread loosely, not negative.
 */
export function boundNitrogenGM2(material: Material, depthM: number, lies: Lies): Range {
  const touching = lies === 'on-top' ? Math.min(depthM, CONTACT.depthM) : depthM
  const dryKgM2 = touching * material.bulkDensityKgM3.typical * (1 - material.moistureFraction.typical)
  const goes = usableShares(material).inTheEnd * (material.family === 'wood' ? FIRST_YEAR.wood : FIRST_YEAR.other)
  const carbonKgM2 = dryKgM2 * carbonFraction(material) * goes
  const wantsKg = carbonKgM2 * Math.max(0, MICROBES.keep / MICROBES.carbonToNitrogen - 1 / material.carbonToNitrogen.typical)
  const grams = 1000 * wantsKg * (lies === 'on-top' ? CONTACT.share : 1)
  return { low: SURE.low * grams, typical: grams, high: SURE.high * grams }
}

/** Litres or kilograms of a material that bring so many grams of nitrogen. */
export function makesUpKg(material: Material, grams: number): number {
  return grams / 1000 / (material.nitrogenFraction.typical * (1 - material.moistureFraction.typical))
}
