import type { Range } from '../units/range'
import { standing, valueAt } from './draws'
import { measuresOf, type Measures } from './measures'
import type { Portion } from './portion'
import { addToTotals, typicalValues, type IngredientValues, type Totals } from './totals'

/** Containers are rarely filled exactly level: about a tenth more or less. */
export const FILL: Range = { low: 0.88, typical: 1, high: 1.12 }

/** The uncertain values of an ingredient by name, each with its range. */
export const UNCERTAIN: Readonly<Record<keyof IngredientValues, (portion: Portion) => Range>> = {
  fill: () => FILL,
  bulkDensityKgM3: ({ material }) => material.bulkDensityKgM3,
  moistureFraction: ({ material }) => material.moistureFraction,
  carbonToNitrogen: ({ material }) => material.carbonToNitrogen,
}

export const UNCERTAIN_NAMES = Object.keys(UNCERTAIN) as (keyof IngredientValues)[]

/** The ingredient, and the value of it, that widens a measure most. */
export interface Driver {
  readonly portionIndex: number
  readonly value: keyof IngredientValues
}

type Numbers = Record<string, number>
type Shifted = Measures | undefined

const LOW = standing(0.1)
const HIGH = standing(0.9)

/** The sums without one of the ingredients. */
function without(totals: Totals, { material, looseVolumeL }: Portion): Totals {
  const rest = { ...totals }
  addToTotals(rest, material, looseVolumeL, typicalValues(material), -1)
  return rest
}

/** The measures when an ingredient is added to the rest with one value other than typical. */
function shifted(
  rest: Totals, { material, looseVolumeL }: Portion, typical: IngredientValues, value: keyof IngredientValues, to: number,
  addedWaterL: number,
): Shifted {
  const changed = { ...rest }
  addToTotals(changed, material, looseVolumeL, { ...typical, [value]: to })
  const measures = measuresOf(changed, addedWaterL)
  return measures.ok ? measures.value : undefined
}

/**
 * For each measure the value that moves it most when taken from its 10th to its 90th percentile
 * with all else typical (one at a time).
 */
export function driversOf<M extends keyof Measures>(
  names: readonly M[], portions: readonly Portion[], totals: Totals, addedWaterL: number,
): Record<M, Driver> {
  const widest = {} as Record<M, Driver>
  const spread: Numbers = {}
  portions.forEach((portion, portionIndex) => {
    const rest = without(totals, portion)
    const typical = typicalValues(portion.material)
    for (const value of UNCERTAIN_NAMES) {
      const known = UNCERTAIN[value](portion)
      const low = shifted(rest, portion, typical, value, valueAt(known, LOW), addedWaterL)
      const high = shifted(rest, portion, typical, value, valueAt(known, HIGH), addedWaterL)
      if (!low || !high) continue
      for (const name of names) {
        const moves = Math.abs(high[name] - low[name])
        if (widest[name] && moves <= (spread[name] ?? 0)) continue
        widest[name] = { portionIndex, value }
        spread[name] = moves
      }
    }
  })
  return widest
}
