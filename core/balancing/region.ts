import { DOSES } from '../mix/judgement'
import { measuresOf, type Measures } from '../mix/measures'
import { addToTotals, emptyTotals, typicalValues, type Totals } from '../mix/totals'
import { portionOf } from '../mix/portion'
import { waterNeed, waterToAddL } from '../mix/water'
import { taken } from './offer'
import type { LimitName, Problem } from './problem'
import { sliverOf } from './slivers'
import { gatheredL, spoils } from './spoiling'

/** So much over a limit still counts as on it: far below what a bucket can tell. */
export const ON_THE_LIMIT = 1e-6

/** What there is of something limited, and where the limit lies. */
export interface LimitValue {
  readonly is: number
  readonly edge: number
}

/** A choice of counts worked out with the plain mix arithmetic. */
export interface Worked {
  readonly measures: Measures
  readonly waterL: number
  /** The limits that are broken, with how far beyond, as a share of the limit. */
  readonly broken: readonly { readonly limit: LimitName, readonly by: number }[]
  /** What the choice has of each limit, and the last that is allowed, in the same terms. */
  readonly of: Readonly<Record<LimitName, LimitValue>>
}

/** Shares of char and of the greatest, and litres of what spoils. */
function shares(
  { offers }: Problem, counts: readonly number[],
): { readonly char: number, readonly greatest: number, readonly spoiling: number } {
  const byMaterial = new Map<string, number>()
  let whole = 0, char = 0, spoiling = 0
  offers.forEach((offer, index) => {
    const { looseVolumeL } = portionOf(taken(offer, counts[index] ?? 0))
    whole += looseVolumeL
    if (offer.material.family === 'char') char += looseVolumeL
    if (spoils(offer)) spoiling += gatheredL(offer) * (counts[index] ?? 0)
    byMaterial.set(offer.material.id, (byMaterial.get(offer.material.id) ?? 0) + looseVolumeL)
  })
  return whole > 0
    ? { char: char / whole, greatest: Math.max(...byMaterial.values()) / whole, spoiling }
    : { char: 0, greatest: 0, spoiling: 0 }
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
  const measured = measuresOf(totals, waterL)
  if (!measured.ok) return undefined
  const measures = measured.value
  const { char, greatest, spoiling } = shares(problem, counts)
  const { carbonToNitrogen: band, availableCarbonToNitrogen: floor } = comfort
  const ammonia = floor.least / measures.availableCarbonToNitrogen > band.least / measures.carbonToNitrogen
  const of: Readonly<Record<LimitName, LimitValue>> = {
    'too-green': ammonia
      ? { is: measures.availableCarbonToNitrogen, edge: floor.least }
      : { is: measures.carbonToNitrogen, edge: band.least },
    'too-brown': { is: measures.availableCarbonToNitrogen, edge: band.most },
    'too-wet': { is: measures.moistureFraction, edge: measures.workableMoisture },
    'airless': { is: measures.freeAirSpace, edge: comfort.freeAirSpace.low },
    'mats': { is: measures.mattingShare, edge: comfort.mattingShare.most },
    'overdone': { is: measures.doses, edge: DOSES.high },
    'one-material': { is: greatest, edge: limits.oneMaterialMost },
    'char': { is: char, edge: limits.charMost },
    'left-lying': { is: spoiling, edge: limits.spoilingLeastL ?? 0 },
    'too-little': { is: measures.volumeL, edge: volumeL.low },
    'too-much': { is: measures.volumeL, edge: volumeL.high },
  }
  const share = ({ is, edge }: LimitValue) => is / edge - 1
  const under = ({ is, edge }: LimitValue) => edge / is - 1
  const over: Readonly<Record<LimitName, number>> = {
    'too-green': under(of['too-green']),
    'too-brown': share(of['too-brown']),
    'too-wet': share(of['too-wet']),
    'airless': (of.airless.edge - of.airless.is) / (1 - of.airless.edge),
    'mats': of.mats.is - of.mats.edge,
    'overdone': of.overdone.is - of.overdone.edge,
    'one-material': greatest - limits.oneMaterialMost,
    'char': char - limits.charMost,
    'left-lying': limits.spoilingLeastL ? 1 - spoiling / limits.spoilingLeastL : 0,
    'too-little': 1 - measures.volumeL / volumeL.low,
    'too-much': share(of['too-much']),
  }
  const broken = (Object.entries(over) as [LimitName, number][])
    .filter(([, by]) => by > ON_THE_LIMIT)
    .map(([limit, by]) => ({ limit, by }))
    .sort((a, b) => b.by - a.by)
  return { measures, waterL, of, broken }
}

/** How strictly the limits are taken: how far over counts as on it, for all and for the volume, and which are not asked for. */
export interface Strictness {
  readonly tolerance?: number
  readonly volumeTolerance?: number
  readonly dropped?: readonly LimitName[]
}

/** Whether a choice keeps to all limits and holds no sliver of anything. */
export function keepsTo(
  problem: Problem, counts: readonly number[], { tolerance = ON_THE_LIMIT, volumeTolerance = tolerance, dropped = [] }: Strictness = {},
): boolean {
  const worked = workOut(problem, counts)
  const allowed = (limit: LimitName) => limit === 'too-little' || limit === 'too-much' ? volumeTolerance : tolerance
  return (
    worked !== undefined
    && sliverOf(problem, counts) === undefined
    && worked.broken.every(({ limit, by }) => by <= allowed(limit) || dropped.includes(limit))
  )
}
