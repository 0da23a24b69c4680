import { amountVolumeL, type Amount } from '../units/container'
import { range, type Range } from '../units/range'
import type { Known, Material } from './material'
import { packingFactor } from './packing'

/** A filled container on the scale: mass of the material alone, kg. */
export interface Weighing {
  readonly at: string
  readonly amount: Amount
  readonly massKg: number
}

/** A sample weighed fresh and again when dry, kg. */
export interface Drying {
  readonly at: string
  readonly wetMassKg: number
  readonly dryMassKg: number
}

/** What a gardener has measured of one material. */
export interface Measurements {
  readonly weighings: readonly Weighing[]
  readonly dryings: readonly Drying[]
}

/** One filling differs from the next by about an eighth; the mean of several is better known, never better than a twentieth. */
const WEIGHING_SPREAD = 0.13
const WEIGHING_FLOOR = 0.05
/** One dried handful tells the moisture of a heap of it to about four points; many to about two. */
const DRYING_SPREAD = 0.04
const DRYING_FLOOR = 0.02

const mean = (values: readonly number[]) => values.reduce((sum, value) => sum + value, 0) / values.length

/** Root mean square distance from the mean, of what was seen; 0 for a single value. */
function seenSpread(values: readonly number[]): number {
  const middle = mean(values)
  return values.length < 2 ? 0 : Math.sqrt(values.reduce((sum, value) => sum + (value - middle) ** 2, 0) / (values.length - 1))
}

/**
 * Half the width that is left: what one measurement leaves open, less with more of them, but never less than they differ among
 * themselves.
 */
function halfWidth(values: readonly number[], single: number, floor: number): number {
  return Math.max(floor, single / Math.sqrt(values.length), seenSpread(values))
}

/** Never wider than what was known before: a measurement does not take knowledge away. */
function around(middle: number, half: number, before: Range, lowest: number, highest: number): Range {
  const below = Math.min(half, Math.max(before.typical - before.low, half / 2))
  const above = Math.min(half, Math.max(before.high - before.typical, half / 2))
  return range(Math.max(lowest, middle - below), middle, Math.min(highest, middle + above))
}

function known(records: readonly { readonly at: string }[]): Known {
  return { kind: 'measured', times: records.length, lastAt: records.reduce((last, { at }) => at > last ? at : last, '') }
}

/** Loose bulk density behind one weighing, kg/m³. */
export function weighedDensityKgM3(material: Material, { amount, massKg }: Pick<Weighing, 'amount' | 'massKg'>): number {
  return massKg / (amountVolumeL(amount) * packingFactor(material, amount.packing)) * 1000
}

/** Moisture behind one drying, wet basis. */
export function driedMoistureFraction({ wetMassKg, dryMassKg }: Pick<Drying, 'wetMassKg' | 'dryMassKg'>): number {
  return (wetMassKg - dryMassKg) / wetMassKg
}

/**
 * A material with the gardener's own measurements in place of what was known before, and its uncertainty shrunk to what they
 * leave open.
 */
export function measuredMaterial(material: Material, { weighings, dryings }: Measurements): Material {
  const densities = weighings.map(one => weighedDensityKgM3(material, one))
  const moistures = dryings.map(driedMoistureFraction)
  const packsLikeKgM3 = material.packsLikeKgM3 ?? material.bulkDensityKgM3.typical
  return Object.freeze({
    ...material,
    ...(densities.length > 0
      ? {
          packsLikeKgM3,
          bulkDensityKgM3: around(
            mean(densities), halfWidth(densities, WEIGHING_SPREAD * mean(densities), WEIGHING_FLOOR * mean(densities)),
            material.bulkDensityKgM3, 1, 3000,
          ),
        }
      : {}),
    ...(moistures.length > 0
      ? { moistureFraction: around(mean(moistures), halfWidth(moistures, DRYING_SPREAD, DRYING_FLOOR), material.moistureFraction, 0, 0.98) }
      : {}),
    known: {
      ...material.known,
      ...(densities.length > 0 ? { bulkDensityKgM3: known(weighings) } : {}),
      ...(moistures.length > 0 ? { moistureFraction: known(dryings) } : {}),
    },
  })
}
