import { findMaterial, type MaterialBook } from '../materials/book'
import type { Material } from '../materials/material'
import { looseVolumeL } from '../materials/packing'
import { preparedMaterial, preparedVolumeShare, type Preparation } from '../materials/preparation'
import type { Amount } from '../units/container'

/** One ingredient of a mix: a material and the loose volume of it, in litres. */
export interface Portion {
  readonly material: Material
  readonly looseVolumeL: number
}

/** An ingredient as the gardener has it: so many containers as gathered, filled so, and what is done to it before it goes in. */
export interface Ingredient {
  readonly material: Material
  readonly amount: Amount
  readonly prepared?: Preparation
}

/** The material as it goes in, and the loose volume behind an amount in containers. */
export function portionOf({ material, amount, prepared }: Ingredient): Portion {
  return { material: preparedMaterial(material, prepared), looseVolumeL: looseVolumeL(material, amount) * preparedVolumeShare(prepared) }
}

/** An ingredient as it is written down: by the id of its material. */
export interface NamedIngredient {
  readonly materialId: string
  readonly amount: Amount
  readonly prepared?: Preparation
}

/** Written ingredients with their materials from a book; those the book does not know are left out. */
export function ingredientsOf(named: readonly NamedIngredient[], book: MaterialBook): Ingredient[] {
  return named.flatMap(({ materialId, amount, prepared }) => {
    const material = findMaterial(materialId, book)
    return material ? [{ material, amount, ...(prepared ? { prepared } : {}) }] : []
  })
}
