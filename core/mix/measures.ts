import type { Totals } from './totals'

/** What a mix is, as numbers. Every field is finite. */
export interface Measures {
  readonly wetMassKg: number
  readonly dryMassKg: number
  readonly carbonToNitrogen: number
  /** The ratio counting only the carbon that microbes can use within a season. */
  readonly availableCarbonToNitrogen: number
  readonly moistureFraction: number
  /** Volume of the mixed heap, litres: less than the sum, since fines fill the pores between coarse pieces. */
  readonly volumeL: number
  readonly bulkDensityKgM3: number
  /** Pores filled with air as a share of the volume, when freshly built. */
  readonly freeAirSpace: number
  /** Share of the loose volume that packs into mats. */
  readonly mattingShare: number
  /** How much faster than usual it is used up, by piece size; 1 as things come. */
  readonly pace: number
}

const WATER_KG_M3 = 1000
const ORGANIC_KG_M3 = 1600
const MINERAL_KG_M3 = 2500

/**
 * Volume after mixing, litres: the loose volume times 1 − the variance of coarseness by volume.
 * One material alone keeps its volume; half fines and half twigs loses a quarter. Factor 0.75..1.
 */
export function mixedVolumeL(looseVolumeL: number, coarseVolumeL: number, coarseSquaredL: number): number {
  const mean = coarseVolumeL / looseVolumeL
  const variance = coarseSquaredL / looseVolumeL - mean * mean
  return looseVolumeL * (1 - Math.min(0.25, Math.max(0, variance)))
}

/**
 * Share of air: 1 − ρ·[(1 − DM)/1000 + DM·OM/1600 + DM·(1 − OM)/2500], ρ in kg/m³,
 * DM the dry fraction and OM the organic share of it. Never below 0.
 */
export function freeAirSpace(bulkDensityKgM3: number, dryFraction: number, organicFraction: number): number {
  const solid = (1 - dryFraction) / WATER_KG_M3
    + dryFraction * organicFraction / ORGANIC_KG_M3
    + dryFraction * (1 - organicFraction) / MINERAL_KG_M3
  return Math.max(0, 1 - bulkDensityKgM3 * solid)
}

/**
 * The measures of summed ingredients plus water.
 * @param totals sums with a positive mass, nitrogen and volume (see `mixBalance` for checked input).
 * @param addedWaterL litres of water on top, not negative; it fills pores and takes no volume.
 */
export function measuresOf(totals: Totals, addedWaterL: number): Measures {
  const wetMassKg = totals.wetMassKg + addedWaterL
  const dryMassKg = totals.wetMassKg - totals.waterKg
  const moistureFraction = (totals.waterKg + addedWaterL) / wetMassKg
  const volumeL = mixedVolumeL(totals.looseVolumeL, totals.coarseVolumeL, totals.coarseSquaredL)
  const bulkDensityKgM3 = wetMassKg / volumeL * 1000
  return {
    wetMassKg,
    dryMassKg,
    carbonToNitrogen: totals.carbonKg / totals.nitrogenKg,
    availableCarbonToNitrogen: totals.availableCarbonKg / totals.nitrogenKg,
    moistureFraction,
    volumeL,
    bulkDensityKgM3,
    freeAirSpace: freeAirSpace(bulkDensityKgM3, 1 - moistureFraction, totals.organicKg / dryMassKg),
    mattingShare: Math.min(1, Math.max(0, totals.mattingVolumeL / totals.looseVolumeL)),
    pace: totals.organicKg > 0 ? totals.pacedOrganicKg / totals.organicKg : 1,
  }
}
