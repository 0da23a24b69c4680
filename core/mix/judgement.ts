import { measuresOf, type Measures } from './measures'
import type { Totals } from './totals'
import { waterNeed, waterToAddL } from './water'

/** Where a mix is comfortable, for one approach of one method. */
export interface Comfort {
  readonly carbonToNitrogen: { readonly low: number, readonly high: number }
  /** The same counting only what decays within a season. */
  readonly availableCarbonToNitrogen: { readonly low: number, readonly high: number }
  readonly moistureFraction: { readonly low: number, readonly target: number, readonly high: number }
  readonly freeAirSpaceMin: number
  /** Most of the loose volume that may be stuff that mats (grass, scraps, sawdust). */
  readonly mattingShareMax: number
}

/** What can be wrong with a mix. Dryness is not among them: water cures it. */
export const ILLS = ['too-brown', 'too-green', 'too-wet', 'mats', 'airless'] as const
export type Ill = typeof ILLS[number]

/** How far a mix is from comfort. A severity of 1 is where it starts to go wrong outright. */
export interface Judgement {
  readonly measures: Measures
  readonly waterL: number
  readonly ills: readonly { readonly ill: Ill, readonly severity: number }[]
  readonly distance: number
  readonly grade: 'good' | 'workable' | 'poor'
}

/** A ratio half as high again as the band, 8 points of moisture, 10 points of air, 25 points of mats: severity 1. */
const SEVERE = { ratio: Math.log(1.5), moisture: 0.08, air: 0.1, mats: 0.25 }

/** Slight excess that nobody could measure out in buckets does not count as an ill. */
const UNNOTICED = 0.05

function severities({ carbonToNitrogen: ratio, moistureFraction, freeAirSpace, mattingShare }: Measures, comfort: Comfort): Record<Ill, number> {
  return {
    'too-brown': Math.log(ratio / comfort.carbonToNitrogen.high) / SEVERE.ratio,
    'too-green': Math.log(comfort.carbonToNitrogen.low / ratio) / SEVERE.ratio,
    'too-wet': (moistureFraction - comfort.moistureFraction.high) / SEVERE.moisture,
    'mats': (mattingShare - comfort.mattingShareMax) / SEVERE.mats,
    'airless': (comfort.freeAirSpaceMin - freeAirSpace) / SEVERE.air,
  }
}

/** Judges summed ingredients after the water they still need has been added. */
export function judge(totals: Totals, comfort: Comfort): Judgement {
  const waterL = waterToAddL(waterNeed(totals, comfort.moistureFraction.target))
  const measures = measuresOf(totals, waterL)
  const found = severities(measures, comfort)
  const ills = ILLS.map(ill => ({ ill, severity: found[ill] })).filter(({ severity }) => severity > UNNOTICED).sort((a, b) => b.severity - a.severity)
  const distance = ills.reduce((sum, { severity }) => sum + severity, 0)
  const grade = distance === 0 ? 'good' : distance < 0.7 ? 'workable' : 'poor'
  return { measures, waterL, ills, distance, grade }
}
