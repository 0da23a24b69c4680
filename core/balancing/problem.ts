import type { Comfort } from '../mix/judgement'
import type { Offer } from './offer'

/** What a balanced heap has to keep to. */
export interface Limits {
  readonly comfort: Comfort
  /** Mixed volume, litres. */
  readonly volumeL: { readonly low: number, readonly high: number }
  /** Where what spoils needs more browns than that holds, it may grow so far. */
  readonly growsToL?: number
  /** Most of the loose volume that one material may make up, 0..1. */
  readonly oneMaterialMost: number
  /** Most of the loose volume that may be char, 0..1. */
  readonly charMost: number
  /** Least loose litres to go in of what lies there and spoils (see `spoilingL`); absent where nothing does. */
  readonly spoilingLeastL?: number
}

/** What is asked of the balancing. */
export interface Problem {
  readonly offers: readonly Offer[]
  readonly limits: Limits
  /** The smallest part of a container that is measured out: 1 for whole ones, 0.5 for halves; 0 for any amount. */
  readonly step: number
  /** Nitrogen feeds that could be strewn in where greens are missing; taken only when nothing else will do. */
  readonly feeds?: readonly Offer[]
}

/** The limits by name, as they can stand in the way. */
export const LIMIT_NAMES = [
  'too-green', 'too-brown', 'too-wet', 'airless', 'mats', 'overdone', 'one-material', 'char', 'left-lying', 'too-little', 'too-much',
] as const
export type LimitName = typeof LIMIT_NAMES[number]
