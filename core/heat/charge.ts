import { waterAt, workableMoisture } from '../materials/holding'
import { biodegradableFraction, type Material } from '../materials/material'
import { typicalTotals } from '../mix/balance'
import { bulkOf } from '../mix/measures'
import type { Portion } from '../mix/portion'

/**
 * What goes into a heap, as decay sees it: masses in kilograms. The three pools hold what microbes can use in the end;
 * `restKg` is wood, humus and ash that outlast it.
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
  /** Carbon and nitrogen of what decays quickly: the two that microbes meet at one time. */
  readonly carbonKg: number
  readonly nitrogenKg: number
  /**
   * Share of the loose volume that packs into mats by itself: what only mats when it lies wet and unmixed, such as whole leaves,
   * was fitted without.
   */
  readonly mattingShare: number
  /** How stiff it stands under load, 0 limp to 1 like twigs. */
  readonly stiffness: number
  /** Water that it can hold and still work, kg a dry kilogram. */
  readonly holdsKgKg: number
  /** How much faster than usual it is used up, by piece size. */
  readonly pace: number
}

/** Of the organic matter some becomes humus whatever it was, and of lignin hardly half goes while compost is made. */
const HUMUS = 0.13
const LIGNIN_STAYS = 1.15
/** Of pieces that stand like twigs only the skin is within reach of the quick ones. */
const QUICK_BY_STRUCTURE = [1, 1, 0.8, 0.3] as const
const CARBON_IN_ORGANIC = 0.5

/**
 * Share of the organic matter that goes within weeks (Chandler et al. 1980), and that goes at all while compost is made:
 * what their shield of lignin holds back goes slowly, but it goes. 40–60 % of dry matter is lost by maturity.
 */
export function usableShares(of: Material): { readonly quick: number, readonly inTheEnd: number } {
  const inTheEnd = Math.max(0.1, 1 - HUMUS - LIGNIN_STAYS * of.ligninFraction)
  return { quick: Math.min(inTheEnd, biodegradableFraction(of) * QUICK_BY_STRUCTURE[of.structure]), inTheEnd }
}

/** Of what goes within weeks, what goes within days: 5–25 %, more where nitrogen is plenty. */
function rapidShare(carbonToNitrogen: number): number {
  return 0.05 + 0.2 / (1 + (carbonToNitrogen / 30) ** 3)
}

/** Water that it holds and still works, kg a dry kilogram. */
const heldBy = (material: Material) => waterAt(workableMoisture(material))

interface Sums {
  rapidKg: number
  mediumKg: number
  slowKg: number
  carbonKg: number
  nitrogenKg: number
  heldKg: number
  stiffL: number
  mattingL: number
  looseL: number
}

function sumUp(sums: Sums, { material, looseVolumeL }: Portion): void {
  const dryKg = looseVolumeL * material.bulkDensityKgM3.typical / 1000 * (1 - material.moistureFraction.typical)
  const organicKg = dryKg * (1 - material.ashFraction)
  const { quick, inTheEnd } = usableShares(material)
  const ratio = material.carbonToNitrogen.typical
  const rapid = rapidShare(ratio)
  const quickKg = organicKg * quick
  sums.rapidKg += quickKg * rapid
  sums.mediumKg += quickKg * (1 - rapid)
  sums.slowKg += organicKg * (inTheEnd - quick)
  sums.carbonKg += quickKg * CARBON_IN_ORGANIC
  sums.nitrogenKg += quickKg * CARBON_IN_ORGANIC / ratio
  sums.heldKg += dryKg * heldBy(material)
  sums.stiffL += looseVolumeL * material.structure / 3
  if (material.structure === 0) sums.mattingL += looseVolumeL
  sums.looseL += looseVolumeL
}

/** The charge of portions with so much water poured on, litres; nothing when there is nothing in it, or nothing dry. */
export function chargeOf(portions: readonly Portion[], addedWaterL: number): Charge | undefined {
  const some = portions.filter(({ looseVolumeL }) => looseVolumeL > 0)
  if (some.length === 0) return undefined
  const totals = typicalTotals(some)
  const measures = bulkOf(totals, addedWaterL)
  if (!measures) return undefined
  const sums: Sums = { rapidKg: 0, mediumKg: 0, slowKg: 0, carbonKg: 0, nitrogenKg: 0, heldKg: 0, stiffL: 0, mattingL: 0, looseL: 0 }
  for (const portion of some) sumUp(sums, portion)
  const { rapidKg, mediumKg, slowKg } = sums
  return {
    rapidKg, mediumKg, slowKg, restKg: measures.dryMassKg - rapidKg - mediumKg - slowKg,
    ashKg: measures.dryMassKg - totals.organicKg, waterKg: totals.waterKg + addedWaterL, volumeL: measures.volumeL,
    carbonKg: sums.carbonKg, nitrogenKg: sums.nitrogenKg, mattingShare: sums.mattingL / sums.looseL,
    stiffness: sums.stiffL / sums.looseL, holdsKgKg: sums.heldKg / measures.dryMassKg, pace: measures.pace,
  }
}
