import { biodegradableFraction, carbonFraction, type Material } from '../materials/material'

/** The uncertain values of one ingredient, each possible on its own. */
export interface IngredientValues {
  /** Real filling of the containers relative to level, 1 when level. */
  readonly fill: number
  readonly bulkDensityKgM3: number
  readonly moistureFraction: number
  readonly carbonToNitrogen: number
}

/** Running sums of a mix. Masses in kilograms, volumes in litres; changed in place while summing. */
export interface Totals {
  wetMassKg: number
  waterKg: number
  carbonKg: number
  availableCarbonKg: number
  nitrogenKg: number
  organicKg: number
  looseVolumeL: number
  /** Σ volume × coarseness and Σ volume × coarseness², coarseness being structure / 3. */
  coarseVolumeL: number
  coarseSquaredL: number
  mattingVolumeL: number
  /** Organic matter times the pace of its piece size. */
  pacedOrganicKg: number
}

/** Sums of nothing. */
export function emptyTotals(): Totals {
  return {
    wetMassKg: 0, waterKg: 0, carbonKg: 0, availableCarbonKg: 0, nitrogenKg: 0, organicKg: 0,
    looseVolumeL: 0, coarseVolumeL: 0, coarseSquaredL: 0, mattingVolumeL: 0, pacedOrganicKg: 0,
  }
}

/** What a material is taken to be when nothing better is known. */
export function typicalValues(material: Material): IngredientValues {
  return {
    fill: 1,
    bulkDensityKgM3: material.bulkDensityKgM3.typical,
    moistureFraction: material.moistureFraction.typical,
    carbonToNitrogen: material.carbonToNitrogen.typical,
  }
}

/**
 * Adds a loose volume of a material to the sums, or takes it out again with `sign` −1.
 * The carbon of a dry material hardly varies, its nitrogen does: carbon is held and nitrogen follows the ratio.
 */
export function addToTotals(totals: Totals, material: Material, looseVolumeL: number, values: IngredientValues, sign: 1 | -1 = 1): void {
  const volumeL = looseVolumeL * values.fill * sign
  const wetKg = volumeL * values.bulkDensityKgM3 / 1000
  const dryKg = wetKg * (1 - values.moistureFraction)
  const carbonKg = dryKg * carbonFraction(material)
  const coarse = material.structure / 3
  totals.wetMassKg += wetKg
  totals.waterKg += wetKg - dryKg
  totals.carbonKg += carbonKg
  totals.availableCarbonKg += carbonKg * biodegradableFraction(material)
  totals.nitrogenKg += carbonKg / values.carbonToNitrogen
  totals.organicKg += dryKg * (1 - material.ashFraction)
  totals.looseVolumeL += volumeL
  totals.coarseVolumeL += volumeL * coarse
  totals.coarseSquaredL += volumeL * coarse * coarse
  totals.pacedOrganicKg += dryKg * (1 - material.ashFraction) * material.pace
  if (material.structure === 0) totals.mattingVolumeL += volumeL
}
