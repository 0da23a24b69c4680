import type { Material } from './material'

/**
 * Moisture at which stuff still works, by kind, and more for what stands open (Haug 1993: grass and scraps 50–55 %, manures 55–65,
 * straw 75–85, wood 75–90; leaves own estimate).
 */
const WORKABLE: Readonly<Record<Material['family'], number>> = {
  kitchen: 0.54,
  grass: 0.55,
  plant: 0.6,
  feed: 0.53,
  manure: 0.64,
  leaf: 0.7,
  straw: 0.75,
  paper: 0.75,
  wood: 0.77,
  finished: 0.55,
  mineral: 0.3,
  char: 0.7,
}
const MORE_BY_STRUCTURE = 0.03

/** Water as a fraction of wet mass at which a material still works, 0.3 to 0.86. */
export function workableMoisture({ family, structure }: Pick<Material, 'family' | 'structure'>): number {
  return WORKABLE[family] + MORE_BY_STRUCTURE * structure
}

/** Water that goes with a dry kilogram at a moisture within 0..1, kg. */
export function waterAt(moistureFraction: number): number {
  return moistureFraction / (1 - moistureFraction)
}
