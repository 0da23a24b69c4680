import { measuresOf, type Measures } from '../mix/measures'
import { addToTotals, emptyTotals, typicalValues, type Totals } from '../mix/totals'
import { portionOf } from '../mix/portion'
import { waterNeed, waterToAddL } from '../mix/water'
import { taken } from './offer'
import type { LimitName, Limits, Problem } from './problem'

/** So much over a limit still counts as on it: far below what a bucket can tell. */
export const ON_THE_LIMIT = 1e-6

/** A choice of counts worked out with the plain mix arithmetic. */
export interface Worked {
  readonly measures: Measures
  readonly waterL: number
  /** The ratio that counts, by the chosen basis. */
  readonly ratio: number
  /** The limits that are broken, with how far beyond, as a share of the limit. */
  readonly broken: readonly { readonly limit: LimitName, readonly by: number }[]
}

/** The band for the ratio, by the basis. */
export function ratioBand({ comfort, ratioBasis }: Limits): { readonly low: number, readonly high: number } {
  return ratioBasis === 'plain' ? comfort.carbonToNitrogen : comfort.availableCarbonToNitrogen
}

function shares({ offers }: Problem, counts: readonly number[]): { readonly char: number, readonly greatest: number } {
  const byMaterial = new Map<string, number>()
  let whole = 0, char = 0
  offers.forEach((offer, index) => {
    const { looseVolumeL } = portionOf(taken(offer, counts[index] ?? 0))
    whole += looseVolumeL
    if (offer.material.family === 'char') char += looseVolumeL
    byMaterial.set(offer.material.id, (byMaterial.get(offer.material.id) ?? 0) + looseVolumeL)
  })
  return whole > 0 ? { char: char / whole, greatest: Math.max(...byMaterial.values()) / whole } : { char: 0, greatest: 0 }
}

function summed({ offers }: Problem, counts: readonly number[]): Totals {
  const totals = emptyTotals()
  offers.forEach((offer, index) => {
    const { material, looseVolumeL } = portionOf(taken(offer, counts[index] ?? 0))
    if (looseVolumeL > 0) addToTotals(totals, material, looseVolumeL, typicalValues(material))
  })
  return totals
}

/**
 * Works a choice out with the same arithmetic as the bench, apart from the solver's, and says which limits it breaks.
 * Nothing at all is said of an empty choice: it is `undefined`.
 */
export function workOut(problem: Problem, counts: readonly number[]): Worked | undefined {
  const totals = summed(problem, counts)
  if (!(totals.looseVolumeL > 0)) return undefined
  const { limits } = problem
  const { comfort, volumeL } = limits
  const waterL = waterToAddL(waterNeed(totals, comfort.moistureFraction.target))
  const measures = measuresOf(totals, waterL)
  const ratio = limits.ratioBasis === 'plain' ? measures.carbonToNitrogen : measures.availableCarbonToNitrogen
  const band = ratioBand(limits)
  const { char, greatest } = shares(problem, counts)
  const over: Readonly<Record<LimitName, number>> = {
    'too-green': band.low / ratio - 1,
    'too-brown': ratio / band.high - 1,
    'too-wet': measures.moistureFraction / comfort.moistureFraction.high - 1,
    'airless': (comfort.freeAirSpaceMin - measures.freeAirSpace) / (1 - comfort.freeAirSpaceMin),
    'mats': measures.mattingShare - comfort.mattingShareMax,
    'one-material': greatest - limits.oneMaterialMost,
    'char': char - limits.charMost,
    'too-little': 1 - measures.volumeL / volumeL.low,
    'too-much': measures.volumeL / volumeL.high - 1,
  }
  const broken = (Object.entries(over) as [LimitName, number][]).filter(([, by]) => by > ON_THE_LIMIT).map(([limit, by]) => ({ limit, by }))
  return { measures, waterL, ratio, broken }
}

/** How strictly the limits are taken: how far over counts as on it, for all and for the volume, and which are not asked for. */
export interface Strictness {
  readonly tolerance?: number
  readonly volumeTolerance?: number
  readonly dropped?: readonly LimitName[]
}

/** Whether a choice keeps to all limits. */
export function keepsTo(problem: Problem, counts: readonly number[], { tolerance = ON_THE_LIMIT, volumeTolerance = tolerance, dropped = [] }: Strictness = {}): boolean {
  const worked = workOut(problem, counts)
  const allowed = (limit: LimitName) => limit === 'too-little' || limit === 'too-much' ? volumeTolerance : tolerance
  return worked !== undefined && worked.broken.every(({ limit, by }) => by <= allowed(limit) || dropped.includes(limit))
}
