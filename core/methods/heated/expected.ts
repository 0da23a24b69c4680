import type { Portion } from '../../mix/portion'
import type { Range } from '../../units/range'

/**
 * What a batch that heats is expected to do on one day: 80 % ranges, typical in the middle; without width until a forecast has
 * been worked out.
 */
export interface ExpectedDay {
  readonly day: number
  readonly coreC: Range
  readonly edgeC: Range
  readonly heightM: Range
  /** Water as a share of wet mass. */
  readonly moisture: Range
  /** Warmth by depth from the core outwards, °C. */
  readonly depthsC: readonly number[]
  /** Share of what can rot that has rotted. */
  readonly usedShare: number
}

/** What is expected at a moment: the nearest day of the course. */
export function expectedAt(days: readonly ExpectedDay[], day: number): ExpectedDay | undefined {
  return days.reduce<ExpectedDay | undefined>(
    (best, one) => (!best || Math.abs(one.day - day) < Math.abs(best.day - day) ? one : best), undefined,
  )
}

/** Something that might yet be done to a batch that heats. */
export type HeapSupposed
  = | { readonly kind: 'turn', readonly at: string }
    | { readonly kind: 'water', readonly at: string, readonly litres: number }
    | { readonly kind: 'add', readonly at: string, readonly portion: Portion }

/**
 * What something done would change: two courses of one and the same heap, and the days by which it moves the day it is ready
 * (later above 0).
 */
export interface HeapWhatIf {
  readonly present: readonly ExpectedDay[]
  readonly changed: readonly ExpectedDay[]
  readonly readyShiftDays: number
}
