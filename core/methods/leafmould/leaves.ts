import type { Material } from '../../materials/material'
import { portionOf, type Ingredient } from '../../mix/portion'
import { leafClassOf, NITROGEN_FASTER, NITROGEN_FULL_SHARE, ratePerYear, SHREDDED_FASTER, STARTER_FASTER } from './rates'
import type { Fill } from './course'

/** What comes mown or shredded already. */
const SHREDDED = ['leaves-shredded']
/** What has rotted before it goes in, as the share of its mass that is left. */
const ROTTED_BEFORE: Readonly<Record<string, number>> = {
  'leaves-half-rotted': 0.8, 'leaf-mould-coarse': 0.6, 'leaf-mould': 0.4, 'overs': 0.6,
}
/** Families that bring nitrogen along. */
const GREENS = ['grass', 'manure', 'feed', 'kitchen', 'plant']
/** A few handfuls are a starter. */
const STARTER_L = 1
/** Share of the loose volume that is left once settled; shredded leaves have settled in part already. */
const SETTLES_TO = { whole: 0.47, shredded: 0.62 }

/** Whether leaves went through a mower or a shredder. */
export function isShredded({ material, prepared }: Pick<Ingredient, 'prepared'> & { readonly material: Pick<Material, 'id'> }): boolean {
  return prepared === 'shredded' || prepared === 'chopped' || SHREDDED.includes(material.id)
}

const isGreen = ({ material }: Ingredient) => GREENS.includes(material.family)
const looseL = (some: readonly Ingredient[]) => some.reduce((sum, one) => sum + portionOf(one).looseVolumeL, 0)

/** How much faster the whole goes for what is mixed in: something green, and a starter. */
export function helpOf(all: readonly Ingredient[]): number {
  const share = looseL(all) > 0 ? looseL(all.filter(isGreen)) / looseL(all) : 0
  const green = 1 + (NITROGEN_FASTER - 1) * Math.min(1, share / NITROGEN_FULL_SHARE)
  const starter = looseL(all.filter(({ material }) => material.id in ROTTED_BEFORE && ROTTED_BEFORE[material.id]! < 0.5)) >= STARTER_L
  return green * (starter ? STARTER_FASTER : 1)
}

/** Leaves and what goes with them as fills of a day; water poured on at once is shared by their volume. */
export function fillsOf(ingredients: readonly Ingredient[], waterL: number, day: number, help: number): Fill[] {
  const volumeL = looseL(ingredients)
  return ingredients.flatMap((ingredient): Fill[] => {
    const { material, looseVolumeL } = portionOf(ingredient)
    if (looseVolumeL <= 0) return []
    const wetKg = looseVolumeL * material.bulkDensityKgM3.typical / 1000
    const moisture = material.moistureFraction.typical
    const shredded = isShredded(ingredient)
    return [{
      day, looseL: looseVolumeL, dryKg: wetKg * (1 - moisture), waterKg: wetKg * moisture + waterL * looseVolumeL / volumeL,
      perYear: ratePerYear(leafClassOf(ingredient.material)) * (shredded ? SHREDDED_FASTER : 1) * help,
      settlesTo: shredded ? SETTLES_TO.shredded : SETTLES_TO.whole,
      massLeft: ROTTED_BEFORE[ingredient.material.id] ?? 1,
    }]
  })
}

/** So moist that fungi work: wet basis. */
export const MOIST = 0.62

/** Litres that bring these to a wrung sponge. */
export function waterToWetL(fills: readonly Pick<Fill, 'dryKg' | 'waterKg'>[]): number {
  return Math.max(0, fills.reduce((sum, { dryKg, waterKg }) => sum + dryKg * MOIST / (1 - MOIST) - waterKg, 0))
}
