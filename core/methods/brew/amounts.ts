import { massKg, type Ingredient } from '../../mix/portion'
import { siteVolumeL, type Site } from '../../vessel/site'
import type { BegunBatch } from '../../journal/garden'
import { smallMassText } from '../../units/small'
import type { UnitSystem } from '../../units/system'
import { BREW } from './constants'
import { kindOf, type BrewKind, type Portion } from './kinds'

/** Something that goes in, and how much of it. */
export interface Part {
  readonly name: string
  readonly how: string
  readonly kg: number
  /** The kind's own portion, where it is no stuff of the gardener's. */
  readonly portion?: Portion
  readonly ingredient?: Ingredient
}

/** Litres of water, and kilograms of each thing, that fit a vessel with room for foam and stirring. */
export interface BrewAmounts {
  readonly waterL: number
  readonly parts: readonly Part[]
  /** Litres that stand in the vessel, stuff and water. */
  readonly standsL: number
}

/** What fits: water and stuff together fill no more than the kind's share of the vessel. */
export function amountsFor({ perLitre, fill }: BrewKind, site: Site): BrewAmounts {
  const takes = perLitre.reduce((sum, { kgPerL, takesL }) => sum + kgPerL * takesL, 0)
  const standsL = siteVolumeL(site) * fill
  const waterL = standsL / (1 + takes)
  return {
    waterL, standsL, parts: perLitre.map(portion => ({ portion, name: portion.name, how: portion.how, kg: portion.kgPerL * waterL })),
  }
}

/** What is a gardener's own stuff of a kind's recipe, and what comes out of the kitchen. */
const ofTheStore = ({ materialId }: Portion) => materialId !== undefined
const kgPerLOf = (portions: readonly Portion[]) => portions.reduce((sum, { kgPerL }) => sum + kgPerL, 0)

/**
 * A gardener's own stuff in a vessel: as much of it as may be among the water, what of the kitchen belongs to the kind, and water to the
 * kind's height. @param laid some of each.
 */
export function ownAmounts(kind: BrewKind, site: Site, laid: readonly Ingredient[]): BrewAmounts & { readonly fits: number } {
  const standsL = siteVolumeL(site) * kind.fill
  const wantedL = massKg(laid) * BREW.own.takesLKg
  const fits = Math.min(1, BREW.own.most * standsL / Math.max(1e-9, wantedL))
  const kitchen = kind.perLitre.filter(portion => !ofTheStore(portion))
  const takes = kitchen.reduce((sum, { kgPerL, takesL }) => sum + kgPerL * takesL, 0)
  const waterL = (standsL - wantedL * fits) / (1 + takes)
  return {
    waterL, standsL, fits,
    parts: [
      ...laid.map((one): Part => {
        const ingredient = { ...one, amount: { ...one.amount, count: one.amount.count * fits } }
        const known = kind.perLitre.find(({ materialId }) => materialId === one.material.id)
        return { name: one.material.short, how: known?.how ?? 'pushed under, or in a bag', kg: massKg([ingredient]), ingredient }
      }),
      ...kitchen.map((portion): Part => ({ portion, name: portion.name, how: portion.how, kg: portion.kgPerL * waterL })),
    ],
  }
}

/** How thick own stuff is in its water, in times what is usual for the kind. */
export function thicknessOf(kind: BrewKind, { parts, waterL }: BrewAmounts): number {
  const kg = parts.reduce((sum, { ingredient, kg: mass }) => sum + (ingredient ? mass : 0), 0)
  return kg / Math.max(1e-9, waterL) / kgPerLOf(kind.perLitre.filter(ofTheStore))
}

/** What of its recipe comes out of the kitchen and not out of the store, for the water it began with. */
export function fromTheKitchen(batch: BegunBatch, units: UnitSystem): string[] {
  const waterL = batch.puts.filter(({ atStart }) => atStart).reduce((sum, put) => sum + put.waterL, 0)
  return kindOf(batch.began.approachId).perLitre
    .filter(portion => !ofTheStore(portion))
    .map(({ name, kgPerL }) => `${smallMassText(units, 1000 * kgPerL * waterL)} of ${name}`)
}

/** Concentrate and water for an area. */
export interface Dilution {
  readonly totalL: number
  readonly concentrateL: number
  readonly waterL: number
}

/**
 * So much of it for an area: 1 part to `parts` of water, so many litres of the thinned stuff a square metre. @param areaM2 and
 * `parts` not negative.
 */
export function dilutionFor(areaM2: number, parts: number, litresPerM2: number): Dilution {
  const totalL = areaM2 * litresPerM2
  const concentrateL = totalL / (1 + parts)
  return { totalL, concentrateL, waterL: totalL - concentrateL }
}
