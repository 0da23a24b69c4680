import { chargeOf, type Charge } from '../../heat/charge'
import { typicalTotals } from '../../mix/balance'
import { portionOf, type Ingredient } from '../../mix/portion'
import { SLOW } from './constants'

/** What went in on a day, as decay sees it, with all of its carbon and nitrogen and the water it holds without dripping. */
export interface Addition {
  readonly day: number
  readonly charge: Charge
  /** Of everything that is mixed in, whether it goes soon or late. */
  readonly allCarbonKg: number
  readonly allNitrogenKg: number
  readonly keepsKgKg: number
}

/** Ingredients and water that go in on a day; nothing where there is nothing in them. */
export function additionOf(day: number, ingredients: readonly Ingredient[], waterL: number): Addition | undefined {
  const portions = ingredients.map(portionOf).filter(({ looseVolumeL }) => looseVolumeL > 0)
  const charge = chargeOf(portions, waterL)
  if (!charge) return undefined
  const totals = typicalTotals(portions)
  const dry = portions.map(({ material, looseVolumeL }) => ({
    keeps: SLOW.keepsByStructure[material.structure],
    kg: ((looseVolumeL * material.bulkDensityKgM3.typical) / 1000) * (1 - material.moistureFraction.typical),
  }))
  const dryKg = dry.reduce((sum, { kg }) => sum + kg, 0)
  return {
    day, charge, allCarbonKg: totals.carbonKg, allNitrogenKg: totals.nitrogenKg,
    keepsKgKg: dry.reduce((sum, { keeps, kg }) => sum + keeps * kg, 0) / dryKg,
  }
}
