import type { Range } from '../units/range'

/** The middle and the 80 % band of something over time; one place a time. */
export interface Band {
  readonly low: Float32Array
  readonly typical: Float32Array
  readonly high: Float32Array
}

/** A window in days since building: 10, 50 and 90 % of what is possible are ready by then. */
export type DayWindow = Range

/** How the window moved with one thing that was recorded. */
export interface WindowMove {
  readonly eventId: string
  readonly at: string
  readonly window: DayWindow
  /** Days by which the middle moved, later above 0. */
  readonly movedDays: number
}

/** What a batch will do, as far as can be told, and how what was recorded changed that. */
export interface Forecast {
  readonly days: Float64Array
  readonly coreC: Band
  readonly edgeC: Band
  readonly heightM: Band
  readonly moisture: Band
  /** The core as it was expected on the day of building. */
  readonly coreAtStartC: Band
  /** Usual warmth by depth: rows of shells from the core outwards, one row a time. */
  readonly shellsC: Float32Array
  readonly shells: number
  /** Share of what can rot that has rotted, in the middle. */
  readonly used: Float32Array
  readonly ready: { readonly start: DayWindow, readonly now: DayWindow, readonly moves: readonly WindowMove[] }
  /** The last day that was looked at: whoever is not ready by then counts as ready then. */
  readonly horizonDay: number
  /** Traits of the heap in the middle of what is possible, as standings. */
  readonly middle: Float64Array
  readonly members: number
  readonly effective: number
  readonly rounds: number
}
