import { DAYS_A_YEAR } from '../../units/time'
import { dayCounts } from '../../warmth/day-counts'
import type { Material } from '../../materials/material'

/**
 * How fast leaves of a kind rot, a year at 15 °C and moist (dX/dt = −kX): alder, ash, lime; birch, apple, poplar; oak, beech,
 * plane; needles, holly, chips.
 */
const CLASSES = [
  { id: 'fast', perYear: 1.5, ligninBelow: 0.16 },
  { id: 'medium', perYear: 0.9, ligninBelow: 0.23 },
  { id: 'slow', perYear: 0.5, ligninBelow: 0.29 },
  { id: 'very-slow', perYear: 0.25, ligninBelow: Infinity },
] as const
export type LeafClass = typeof CLASSES[number]['id']

/** What stands open like twigs is wood: three to five years. */
const WOODY_STRUCTURE = 3

/** The class of a material, by its lignin: more of it, slower. */
export function leafClassOf({ ligninFraction, structure }: Pick<Material, 'ligninFraction' | 'structure'>): LeafClass {
  if (structure === WOODY_STRUCTURE) return 'very-slow'
  return CLASSES.find(({ ligninBelow }) => ligninFraction < ligninBelow)?.id ?? 'very-slow'
}

/** k of a class, per year at 15 °C. */
export function ratePerYear(leafClass: LeafClass): number {
  return CLASSES.find(({ id }) => id === leafClass)!.perYear
}

/** Mown or shredded leaves rot so much faster (1.5 to 2 in practice). */
export const SHREDDED_FASTER = 1.7
/** One part in ten of something green makes it so much faster (1.2 to 1.4), less of it less. */
export const NITROGEN_FASTER = 1.3
export const NITROGEN_FULL_SHARE = 0.1
/** A few handfuls of finished mould bring the fungi along. */
export const STARTER_FASTER = 1.1

/** Ten kelvin more make it so much faster; frozen it stands still. */
export const Q10 = 2
const REFERENCE_C = 15
const FROZEN_C = 0

/** Rate against that at 15 °C: Q10^((T − 15)/10), nothing at 0 °C and below. */
export function warmthFactor(celsius: number, q10: number): number {
  return dayCounts(celsius, { fromC: FROZEN_C, atC: REFERENCE_C, q10 })
}

/** Haug's (1993) factor of moisture, wet basis; 1 where it is moist enough. */
export function moistureFactor(moisture: number): number {
  const haug = (at: number) => 1 / (Math.exp(-17.684 * at + 7.0622) + 1)
  return Math.min(1, haug(moisture) / haug(MOIST))
}

/** From here on more water does not make it faster, wet basis. */
const MOIST = 0.62

/**
 * Below this share of its mass a leaf is humus, which rots so many times as slowly: mould is still there after years (limit
 * values of litter, Berg 2000).
 */
const HUMUS = { below: 0.25, pace: 0.12 }

/** How much slower the last of it rots: 1 while there is leaf, 0.12 of pure humus. */
export function lastingFactor(left: number): number {
  return left > HUMUS.below ? 1 : HUMUS.pace
}

/** Share of what is left that rots in a day. */
export function dailyShare(perYear: number, celsius: number, moisture: number, q10: number): number {
  return perYear / DAYS_A_YEAR * warmthFactor(celsius, q10) * moistureFactor(moisture)
}

/** What a grade is called and how much of the mass may be left. */
export const GRADES = [
  { id: 'mulch', label: 'Mulch', massLeft: 0.65, use: 'mulch and digging in; leaf shapes can still be seen' },
  { id: 'potting', label: 'Potting mould', massLeft: 0.45, use: 'sieved, for potting mixes' },
  { id: 'fine', label: 'Fine mould', massLeft: 0.3, use: 'sieved fine, for seed mixes' },
] as const
export type GradeId = typeof GRADES[number]['id']
