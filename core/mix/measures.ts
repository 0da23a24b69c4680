import { fail, ok, type Outcome } from '../outcome/outcome'
import type { Totals } from './totals'

/** What lies together, as numbers, whether it decays or not. Every field is finite. */
export interface Bulk {
  readonly wetMassKg: number
  readonly dryMassKg: number
  readonly moistureFraction: number
  /** Volume of the mixed heap, litres: less than the sum, since fines fill the pores between coarse pieces. */
  readonly volumeL: number
  readonly bulkDensityKgM3: number
  /** Pores filled with air as a share of the volume, when freshly built. */
  readonly freeAirSpace: number
  /** Share of the loose volume that packs into mats. */
  readonly mattingShare: number
  /** What is only taken sparingly, in parts of the most that is taken: 1 is just that. */
  readonly doses: number
  /** How much faster than usual it is used up, by piece size; 1 as things come. */
  readonly pace: number
}

/** What a mix is, as numbers. Every field is finite. */
export interface Measures extends Bulk {
  /** Of all that is mixed in; base, starters and ballast stay out of it. */
  readonly carbonToNitrogen: number
  /** Of what takes part in the heat. */
  readonly availableCarbonToNitrogen: number
  /** Moisture up to which its stuff still works, more where it stands open. */
  readonly workableMoisture: number
}

/** Why what lies together is no mix. */
export type MeasureTrouble = { readonly kind: 'empty' } | { readonly kind: 'nothing-decays' }

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
 * Mass, volume and air of summed ingredients plus water; nothing where there is no dry matter or no room.
 * @param addedWaterL litres of water on top, not negative; it fills pores and takes no volume.
 */
export function bulkOf(totals: Totals, addedWaterL: number): Bulk | undefined {
  const wetMassKg = totals.wetMassKg + addedWaterL
  const dryMassKg = totals.wetMassKg - totals.waterKg
  if (!(dryMassKg > 0) || !(totals.looseVolumeL > 0) || !(addedWaterL >= 0) || !Number.isFinite(wetMassKg)) return undefined
  const moistureFraction = (totals.waterKg + addedWaterL) / wetMassKg
  const volumeL = mixedVolumeL(totals.looseVolumeL, totals.coarseVolumeL, totals.coarseSquaredL)
  const bulkDensityKgM3 = wetMassKg / volumeL * 1000
  return {
    wetMassKg,
    dryMassKg,
    moistureFraction,
    volumeL,
    bulkDensityKgM3,
    freeAirSpace: freeAirSpace(bulkDensityKgM3, 1 - moistureFraction, totals.organicKg / dryMassKg),
    mattingShare: Math.min(1, Math.max(0, totals.mattingVolumeL / totals.looseVolumeL)),
    doses: Math.max(0, totals.dosedVolumeL / totals.looseVolumeL),
    pace: totals.organicKg > 0 ? totals.pacedOrganicKg / totals.organicKg : 1,
  }
}

/** Less nitrogen than this, kg, is none. */
const TRACE_KG = 1e-9

/** The measures of summed ingredients plus water: an outcome of its own where nothing lies there, or nothing that decays. */
export function measuresOf(totals: Totals, addedWaterL: number): Outcome<Measures, MeasureTrouble> {
  const bulk = bulkOf(totals, addedWaterL)
  if (!bulk) return fail({ kind: 'empty' })
  const { carbonKg, nitrogenKg, availableCarbonKg, availableNitrogenKg, workableWaterKg } = totals
  if (!(nitrogenKg > TRACE_KG) || !(availableNitrogenKg > TRACE_KG)) return fail({ kind: 'nothing-decays' })
  return ok({
    ...bulk, carbonToNitrogen: carbonKg / nitrogenKg, availableCarbonToNitrogen: availableCarbonKg / availableNitrogenKg,
    workableMoisture: workableWaterKg / (bulk.dryMassKg + workableWaterKg),
  })
}
