import { portionOf, type Ingredient } from './portion'

/** Something that is only taken sparingly: how much of a mix it makes up by loose volume, and how much does no harm. */
export interface Dosed { readonly short: string, readonly share: number, readonly mostShare: number }

/** What of a mix is only taken sparingly, the most overdone first. */
export function dosedIn(ingredients: readonly Ingredient[]): Dosed[] {
  const portions = ingredients.map(portionOf)
  const wholeL = portions.reduce((sum, { looseVolumeL }) => sum + looseVolumeL, 0)
  return portions.flatMap(({ material: { short, mostShare }, looseVolumeL }): Dosed[] =>
    mostShare === undefined || looseVolumeL <= 0 ? [] : [{ short, share: looseVolumeL / wholeL, mostShare }],
  ).sort((a, b) => b.share / b.mostShare - a.share / a.mostShare)
}
