import type { Comfort } from '../mix/judgement'
import type { Offer } from './offer'

/** Whether all carbon counts, or only what decays within a season. */
export type RatioBasis = 'plain' | 'available'

/** What a balanced heap has to keep to. */
export interface Limits {
  readonly comfort: Comfort
  readonly ratioBasis: RatioBasis
  /** Mixed volume, litres. */
  readonly volumeL: { readonly low: number, readonly high: number }
  /** Most of the loose volume that one material may make up, 0..1. */
  readonly oneMaterialMost: number
  /** Most of the loose volume that may be char, 0..1. */
  readonly charMost: number
}

/** What is asked of the balancing. */
export interface Problem {
  readonly offers: readonly Offer[]
  readonly limits: Limits
  /** The smallest part of a container that is measured out: 1 for whole ones, 0.5 for halves; 0 for any amount. */
  readonly step: number
}

/** The limits by name, as they can stand in the way. */
export const LIMIT_NAMES = ['too-green', 'too-brown', 'too-wet', 'airless', 'mats', 'one-material', 'char', 'too-little', 'too-much'] as const
export type LimitName = typeof LIMIT_NAMES[number]
