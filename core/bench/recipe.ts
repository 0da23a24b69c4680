import { portionOf, type Ingredient } from '../mix/portion'
import { fillHeightM, type Vessel } from '../vessel/vessel'

/** One thing in one layer: so many containers of it, so thick as it lies. */
export interface LayerPart {
  readonly ingredient: Ingredient
  readonly count: number
  readonly thicknessM: number
}

/** The recipe of one layer of a heap that repeats it so many times. @param times at least 1. */
export function oneLayer(ingredients: readonly Ingredient[], times: number, vessel: Vessel): LayerPart[] {
  return ingredients.filter(({ amount, material }) => amount.count > 0 && material.part !== 'base').map((ingredient) => {
    const count = ingredient.amount.count / times
    return { ingredient, count, thicknessM: fillHeightM(vessel, portionOf(ingredient).looseVolumeL / times) }
  })
}

/** The same layer so many times instead: a base lies once, all else goes along. */
export function layersInstead(ingredients: readonly Ingredient[], from: number, to: number): Ingredient[] {
  return ingredients.map(one =>
    one.material.part === 'base'
      ? one
      : { ...one, amount: { ...one.amount, count: Math.round(((one.amount.count * to) / from) * 100) / 100 } },
  )
}

/** How many of these layers until the place is full. @param volumeL litres of all layers, loosely mixed. */
export function layersToFill(volumeL: number, times: number, vesselL: number, standsShare: number): number {
  return volumeL > 0 ? Math.max(1, Math.floor(vesselL / standsShare / (volumeL / times) + 1e-9)) : times
}
