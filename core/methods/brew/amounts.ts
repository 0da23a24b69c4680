import { siteVolumeL, type Site } from '../../vessel/site'
import type { BegunBatch } from '../../journal/garden'
import { smallMassText } from '../../units/small'
import type { UnitSystem } from '../../units/system'
import { kindOf, type BrewKind, type Portion } from './kinds'

/** Litres of water, and kilograms of each thing, that fit a vessel with room for foam and stirring. */
export interface BrewAmounts {
  readonly waterL: number
  readonly portions: readonly { readonly portion: Portion, readonly kg: number }[]
  /** Litres that stand in the vessel, stuff and water. */
  readonly standsL: number
}

/** What fits: water and stuff together fill no more than the kind's share of the vessel. */
export function amountsFor({ perLitre, fill }: BrewKind, site: Site): BrewAmounts {
  const takes = perLitre.reduce((sum, { kgPerL, takesL }) => sum + kgPerL * takesL, 0)
  const standsL = siteVolumeL(site) * fill
  const waterL = standsL / (1 + takes)
  return { waterL, standsL, portions: perLitre.map(portion => ({ portion, kg: portion.kgPerL * waterL })) }
}

/** What of its recipe comes out of the kitchen and not out of the store, for the water it began with. */
export function fromTheKitchen(batch: BegunBatch, units: UnitSystem): string[] {
  const waterL = batch.puts.filter(({ atStart }) => atStart).reduce((sum, put) => sum + put.waterL, 0)
  return kindOf(batch.began.approachId).perLitre
    .filter(({ materialId }) => materialId === undefined)
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
