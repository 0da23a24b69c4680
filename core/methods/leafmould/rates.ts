import { dayCounts } from '../../warmth/day-counts'
import type { Material } from '../../materials/material'
import { LEAF } from './constants'
import { table } from '../../constants/constants'

/**
 * How fast leaves of a kind rot, a year at 15 °C and moist (dX/dt = −kX): alder, ash, lime; birch, apple, poplar; oak, beech,
 * plane; needles, holly, chips.
 */
export const CLASSES = table('Classes of leaves', {
  perYear: ['1/a', 'rate at 15 °C and moist; litter studies, rounded'],
  ligninBelow: ['share', 'of dry mass; litter studies'],
}, [
  { id: 'fast', perYear: 1.5, ligninBelow: 0.16 },
  { id: 'medium', perYear: 0.9, ligninBelow: 0.23 },
  { id: 'slow', perYear: 0.5, ligninBelow: 0.29 },
  { id: 'very-slow', perYear: 0.25, ligninBelow: Infinity },
] as const)
export type LeafClass = typeof CLASSES[number]['id']

/** The class of a material, by its lignin: more of it, slower. */
export function leafClassOf({ ligninFraction, structure }: Pick<Material, 'ligninFraction' | 'structure'>): LeafClass {
  if (structure === LEAF.woodyStructure) return 'very-slow'
  return CLASSES.find(({ ligninBelow }) => ligninFraction < ligninBelow)?.id ?? 'very-slow'
}

/** k of a class, per year at 15 °C. */
export function ratePerYear(leafClass: LeafClass): number {
  return CLASSES.find(({ id }) => id === leafClass)!.perYear
}

/** Rate against that at 15 °C: Q10^((T − 15)/10), nothing at 0 °C and below. */
export function warmthFactor(celsius: number, q10: number): number {
  return dayCounts(celsius, { fromC: LEAF.frozenC, atC: LEAF.referenceC, q10 })
}

/** Haug's (1993) factor of moisture, wet basis; 1 where it is moist enough. */
export function moistureFactor(moisture: number): number {
  const haug = (at: number) => 1 / (Math.exp(-17.684 * at + 7.0622) + 1)
  return Math.min(1, haug(moisture) / haug(LEAF.moist))
}

/** How much slower the last of it rots: 1 while there is leaf, 0.12 of pure humus. */
export function lastingFactor(left: number): number {
  return left > LEAF.humus.below ? 1 : LEAF.humus.pace
}

/** Against a warm and moist day: what a day of this warmth and moisture rots. */
export function rotsAgainstMoist15(celsius: number, moisture: number, q10: number): number {
  return warmthFactor(celsius, q10) * moistureFactor(moisture)
}

/** What a grade is called and how much of the mass may be left. */
export const GRADES = table('Grades of leaf mould', {
  massLeft: ['share', 'of its dry mass; own estimate from what practice calls them'],
}, [
  { id: 'mulch', label: 'Mulch', massLeft: 0.65, use: 'mulch and digging in; leaf shapes can still be seen' },
  { id: 'potting', label: 'Potting mould', massLeft: 0.45, use: 'sieved, for potting mixes' },
  { id: 'fine', label: 'Fine mould', massLeft: 0.3, use: 'sieved fine, for seed mixes' },
] as const)
export type GradeId = typeof GRADES[number]['id']
