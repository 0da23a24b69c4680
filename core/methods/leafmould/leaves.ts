import type { Material } from '../../materials/material'
import { type Ingredient, looseL, portionOf } from '../../mix/portion'
import { leafClassOf, ratePerYear } from './rates'
import type { Fill } from './course'
import { LEAF } from './constants'
import { namedIn } from '../../constants/constants'

/** What comes mown or shredded already. */
const SHREDDED = ['leaves-shredded']
/** Families that bring nitrogen along. */
const GREENS = ['grass', 'manure', 'feed', 'kitchen', 'plant']

/** How fast leaves rot, as it is said. */
export const PACE_NAMES = {
  'fast': 'fast leaves', 'medium': 'leaves of middling pace', 'slow': 'slow leaves', 'very-slow': 'very slow stuff',
} as const

/** Whether leaves went through a mower or a shredder. */
export function isShredded({ material, prepared }: Pick<Ingredient, 'prepared'> & { readonly material: Pick<Material, 'id'> }): boolean {
  return prepared === 'shredded' || prepared === 'chopped' || SHREDDED.includes(material.id)
}

const isGreen = ({ material }: Ingredient) => GREENS.includes(material.family)

/** How much faster the whole goes for what is mixed in: something green, and a starter. */
export function helpOf(all: readonly Ingredient[]): number {
  const share = looseL(all) > 0 ? looseL(all.filter(isGreen)) / looseL(all) : 0
  const green = 1 + (LEAF.nitrogenFaster - 1) * Math.min(1, share / LEAF.nitrogenFullShare)
  const finished = all.filter(({ material }) => (namedIn(LEAF.rottedBefore, material.id) ?? 1) < 0.5)
  const starter = looseL(finished) >= LEAF.starterL
  return green * (starter ? LEAF.starterFaster : 1)
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
      perYear: ratePerYear(leafClassOf(ingredient.material)) * (shredded ? LEAF.shreddedFaster : 1) * help,
      settlesTo: shredded ? LEAF.settlesTo.shredded : LEAF.settlesTo.whole,
      massLeft: namedIn(LEAF.rottedBefore, ingredient.material.id) ?? 1,
    }]
  })
}

/** What went in on the same day and is of one kind is one fill: a cage that is fed by the hour is run as one that is fed by the day. */
export function joinedByDay(fills: readonly Fill[]): Fill[] {
  const joined = new Map<string, Fill>()
  for (const fill of fills) {
    const key = [Math.floor(fill.day), fill.perYear, fill.settlesTo, fill.massLeft].join()
    const before = joined.get(key)
    joined.set(key, before
      ? { ...before, looseL: before.looseL + fill.looseL, dryKg: before.dryKg + fill.dryKg, waterKg: before.waterKg + fill.waterKg }
      : fill)
  }
  return [...joined.values()]
}

/** Litres that bring these to a wrung sponge. */
export function waterToWetL(fills: readonly Pick<Fill, 'dryKg' | 'waterKg'>[]): number {
  return Math.max(0, fills.reduce((sum, { dryKg, waterKg }) => sum + dryKg * LEAF.filledMoist / (1 - LEAF.filledMoist) - waterKg, 0))
}
