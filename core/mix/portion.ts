import { findMaterial, type MaterialBook } from '../materials/book'
import type { Material } from '../materials/material'
import { materialThen, type Worth } from '../materials/worth'
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

/** Litres of several ingredients together, as they lie loosely. */
export function looseL(some: readonly Ingredient[]): number {
  return some.reduce((sum, one) => sum + portionOf(one).looseVolumeL, 0)
}

/** Kilograms of several ingredients together, as they come. */
export function massKg(some: readonly Ingredient[]): number {
  return some.map(portionOf).reduce((sum, { material, looseVolumeL: litres }) => sum + litres * material.bulkDensityKgM3.typical / 1000, 0)
}

/** An ingredient as it is written down: by the id of its material. */
export interface NamedIngredient {
  readonly materialId: string
  readonly amount: Amount
  readonly prepared?: Preparation | undefined
  /** What it was taken to be then; without it, it is what the book says now. */
  readonly worth?: Worth | undefined
}

/** The material of a written ingredient: as it was frozen, else as the book has it. */
export function materialOf({ materialId, worth }: Pick<NamedIngredient, 'materialId' | 'worth'>, book: MaterialBook): Material | undefined {
  const known = findMaterial(materialId, book)
  return worth ? materialThen(materialId, worth, known) : known
}

/** Written ingredients with their materials from a book; those the book does not know are left out. */
export function ingredientsOf(named: readonly NamedIngredient[], book: MaterialBook): Ingredient[] {
  return named.flatMap((one) => {
    const { amount, prepared } = one
    const material = materialOf(one, book)
    return material ? [{ material, amount, ...(prepared ? { prepared } : {}) }] : []
  })
}
