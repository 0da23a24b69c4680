import type { Material } from './material'

/** The role a material plays in a heap, from its own numbers, never from a label. */
export type Leaning = 'green' | 'brown' | 'balanced' | 'neither'

/** How a leaning is said. */
export const LEANING_WORDS: Readonly<Record<Leaning, string>> = {
  green: 'green', brown: 'brown', balanced: 'near balance', neither: 'neither green nor brown',
}

/** Below this ratio a material brings more nitrogen than a heap needs; above the other, more carbon. */
export const GREEN_BELOW = 25
export const BROWN_ABOVE = 35

/** Wet as this, a material is on the green side whatever its ratio: it brings water and no room for air. */
const WET_AS_GREENS = 0.6

/**
 * Brown or green by the carbon to nitrogen ratio. What is not mixed in counts as neither: soil, ash and char bring
 * hardly anything that decays, twigs lie under the heap, molasses only starts it.
 */
export function leaningOf(material: Material): Leaning {
  if (material.part !== 'mix') return 'neither'
  const ratio = material.carbonToNitrogen.typical
  if (ratio < GREEN_BELOW) return 'green'
  if (ratio <= BROWN_ABOVE) return 'balanced'
  return material.family === 'kitchen' && material.moistureFraction.typical > WET_AS_GREENS ? 'balanced' : 'brown'
}

/** The pile a gardener puts a material on: everything that decays and is not brown counts as green, manure with straw too. */
export function sideOf(material: Material): 'brown' | 'green' | undefined {
  const leaning = leaningOf(material)
  if (leaning === 'neither') return undefined
  return leaning === 'brown' ? 'brown' : 'green'
}
