import { waterAt, workableMoisture } from '../materials/holding'
import { carbonFraction, dosesOf, partakingShare, type Material } from '../materials/material'

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
  /** Carbon and nitrogen of what is mixed in: base, starters and ballast stay out of them. */
  carbonKg: number
  nitrogenKg: number
  /** The same of what takes part in the heat. */
  availableCarbonKg: number
  availableNitrogenKg: number
  /** Most water with which its stuff still works. */
  workableWaterKg: number
  organicKg: number
  looseVolumeL: number
  /** Σ volume × coarseness and Σ volume × coarseness², coarseness being structure / 3. */
  coarseVolumeL: number
  coarseSquaredL: number
  mattingVolumeL: number
  /** Σ volume over the most of a mix that is taken of it: a mix that holds just that of one thing has its own volume here. */
  dosedVolumeL: number
  /** Organic matter times the pace of its piece size. */
  pacedOrganicKg: number
}

/** Sums of nothing. */
export function emptyTotals(): Totals {
  return {
    wetMassKg: 0, waterKg: 0, carbonKg: 0, nitrogenKg: 0, availableCarbonKg: 0, availableNitrogenKg: 0, workableWaterKg: 0, organicKg: 0,
    looseVolumeL: 0, coarseVolumeL: 0, coarseSquaredL: 0, mattingVolumeL: 0, dosedVolumeL: 0, pacedOrganicKg: 0,
  }
}

/**
 * So wet anything that is mixed in may be, as long as there is air in it; what stands open may be wetter, up to the most;
 * ballast takes what a mix is watered to.
 */
const ACCEPTABLE_MOISTURE = { ballast: 0.55, least: 0.65, most: 0.72 }

/** Water as a fraction of wet mass that a material may bring or take up, by how it stands. */
export function acceptableMoisture(material: Material): number {
  const works = workableMoisture(material)
  return Math.min(
    ACCEPTABLE_MOISTURE.most, Math.max(material.part === 'ballast' ? ACCEPTABLE_MOISTURE.ballast : ACCEPTABLE_MOISTURE.least, works),
  )
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
  const carbonKg = material.part === 'mix' ? dryKg * carbonFraction(material) : 0
  const nitrogenKg = carbonKg / values.carbonToNitrogen
  const partakes = partakingShare(material)
  const coarse = material.structure / 3
  totals.wetMassKg += wetKg
  totals.waterKg += wetKg - dryKg
  totals.carbonKg += carbonKg
  totals.nitrogenKg += nitrogenKg
  totals.availableCarbonKg += carbonKg * partakes
  totals.availableNitrogenKg += nitrogenKg * partakes
  totals.workableWaterKg += dryKg * waterAt(acceptableMoisture(material))
  totals.organicKg += dryKg * (1 - material.ashFraction)
  totals.looseVolumeL += volumeL
  totals.coarseVolumeL += volumeL * coarse
  totals.coarseSquaredL += volumeL * coarse * coarse
  totals.pacedOrganicKg += dryKg * (1 - material.ashFraction) * material.pace
  totals.mattingVolumeL += volumeL * material.mats
  totals.dosedVolumeL += volumeL * dosesOf(material)
}
