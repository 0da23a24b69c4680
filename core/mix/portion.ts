import type { Material } from '../materials/material'
import { looseVolumeL } from '../materials/packing'
import type { Amount } from '../units/container'

/** One ingredient of a mix: a material and the loose volume of it, in litres. */
export interface Portion {
  readonly material: Material
  readonly looseVolumeL: number
}

/** An ingredient as the gardener has it: so many containers, filled so. */
export interface Ingredient {
  readonly material: Material
  readonly amount: Amount
}

/** The loose volume behind an amount in containers. */
export function portionOf({ material, amount }: Ingredient): Portion {
  return { material, looseVolumeL: looseVolumeL(material, amount) }
}
