import type { Ingredient } from '../../mix/portion'

/** What to mind about what is fed, by how worms take it. */
export function cautionsOf(fed: readonly Ingredient[]): string[] {
  return [...new Set(fed.flatMap(({ material }): string[] => {
    if (material.worms === 'no') return [`${material.name}: not for worms.`]
    if (material.worms === 'little') return [`${material.name}: a handful a week, no more.`]
    if (material.worms === 'thin') return [`${material.name} heats: a thin layer, or compost it first.`]
    return material.worms === 'aged' ? [`${material.name}: aged or composted first, and none from animals wormed lately.`] : []
  }))]
}

/** What to mind when castings are taken. */
export const TAKE_CAUTIONS: readonly string[] = [
  'Gloves, and wash your hands; damp it if it dusts.',
  'Cocoons go with the castings: let them lie a week beside the bin, what hatches crawls back.',
]
/** What drips out below. */
export const DRIPS = 'What drips out below is not a tea: thinned ten times, on the soil of ornamentals only; down the drain if it stinks.'
