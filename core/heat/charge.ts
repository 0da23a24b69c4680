import { biodegradableFraction } from '../materials/material'
import { typicalTotals } from '../mix/balance'
import { measuresOf, type Measures } from '../mix/measures'
import type { Portion } from '../mix/portion'

/**
 * What goes into a heap, as decay sees it: masses in kilograms. The three pools hold what microbes can use within a
 * season; `restKg` is wood and ash that outlast it.
 */
export interface Charge {
  readonly rapidKg: number
  readonly mediumKg: number
  readonly slowKg: number
  readonly restKg: number
  /** Ash alone, as part of the rest. */
  readonly ashKg: number
  readonly waterKg: number
  readonly volumeL: number
  readonly carbonKg: number
  readonly nitrogenKg: number
  /** Share of the loose volume that packs into mats. */
  readonly mattingShare: number
  /** How much faster than usual it is used up, by piece size. */
  readonly pace: number
}

/** Rapid and medium shares of what can be used: within the usual 5–15 % and 30–45 %, more where nitrogen is plenty. */
function poolShares(carbonToNitrogen: number): { readonly rapid: number, readonly medium: number } {
  const green = 1 / (1 + (carbonToNitrogen / 35) ** 3)
  return { rapid: 0.05 + 0.1 * green, medium: 0.3 + 0.15 * green }
}

/** The charge of portions with so much water poured on, litres; nothing when there is nothing in it. */
export function chargeOf(portions: readonly Portion[], addedWaterL: number): Charge | undefined {
  const some = portions.filter(({ looseVolumeL }) => looseVolumeL > 0)
  if (some.length === 0) return undefined
  const totals = typicalTotals(some)
  const measures = measuresOf(totals, addedWaterL)
  const pools = { rapid: 0, medium: 0, slow: 0 }
  for (const { material, looseVolumeL } of some) {
    const dryKg = looseVolumeL * material.bulkDensityKgM3.typical / 1000 * (1 - material.moistureFraction.typical)
    const usableKg = dryKg * (1 - material.ashFraction) * biodegradableFraction(material)
    const { rapid, medium } = poolShares(material.carbonToNitrogen.typical)
    pools.rapid += usableKg * rapid
    pools.medium += usableKg * medium
    pools.slow += usableKg * (1 - rapid - medium)
  }
  return {
    rapidKg: pools.rapid, mediumKg: pools.medium, slowKg: pools.slow,
    restKg: measures.dryMassKg - pools.rapid - pools.medium - pools.slow,
    ashKg: measures.dryMassKg - totals.organicKg,
    waterKg: totals.waterKg + addedWaterL,
    volumeL: measures.volumeL, carbonKg: totals.carbonKg, nitrogenKg: totals.nitrogenKg,
    mattingShare: measures.mattingShare, pace: measures.pace,
  }
}

/** Ash of a usual mix, as a share of dry matter. */
const USUAL_ASH = 0.12
const USUAL_CARBON = 0.45

/** The charge of a mix of which only its measures are known: its pools by its ratios. */
export function chargeOfMeasures({ dryMassKg, wetMassKg, volumeL, carbonToNitrogen, availableCarbonToNitrogen, mattingShare, pace }: Measures): Charge {
  const usableKg = dryMassKg * (1 - USUAL_ASH) * Math.min(0.83, availableCarbonToNitrogen / carbonToNitrogen)
  const { rapid, medium } = poolShares(carbonToNitrogen)
  return {
    rapidKg: usableKg * rapid, mediumKg: usableKg * medium, slowKg: usableKg * (1 - rapid - medium), restKg: dryMassKg - usableKg,
    ashKg: dryMassKg * USUAL_ASH, waterKg: wetMassKg - dryMassKg, volumeL,
    carbonKg: dryMassKg * USUAL_CARBON, nitrogenKg: dryMassKg * USUAL_CARBON / carbonToNitrogen, mattingShare, pace,
  }
}
