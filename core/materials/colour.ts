import type { Material } from './material'

/** The role a material plays in a heap, from its own numbers, never from a label. */
export type Leaning = 'green' | 'brown' | 'balanced' | 'neither'

/** How a leaning is said. */
export const LEANING_WORDS: Readonly<Record<Leaning, string>> = { green: 'green', brown: 'brown', balanced: 'near balance', neither: 'neither green nor brown' }

/** Below this ratio a material brings more nitrogen than a heap needs; above the other, more carbon. */
export const GREEN_BELOW = 25
export const BROWN_ABOVE = 35

/** A material with less organic matter than this is ballast. */
const ORGANIC_FLOOR = 0.15

/**
 * Brown or green by the carbon to nitrogen ratio. Soil, ash and char count as neither:
 * they bring hardly anything that decays.
 */
export function leaningOf(material: Material): Leaning {
  if (1 - material.ashFraction < ORGANIC_FLOOR || material.family === 'char') return 'neither'
  const ratio = material.carbonToNitrogen.typical
  if (ratio < GREEN_BELOW) return 'green'
  return ratio > BROWN_ABOVE ? 'brown' : 'balanced'
}

/** The pile a gardener puts a material on: everything that decays and is not brown counts as green, manure with straw too. */
export function sideOf(material: Material): 'brown' | 'green' | undefined {
  const leaning = leaningOf(material)
  if (leaning === 'neither') return undefined
  return leaning === 'brown' ? 'brown' : 'green'
}
