import type { Range } from '../units/range'

/** The middle and the 80 % band of something over time; one place a time. */
export interface Band {
  readonly low: Float32Array
  readonly typical: Float32Array
  readonly high: Float32Array
}

/** A window in days since the beginning: by then 10, 50 and 90 % of what is possible have come so far. */
export type DayWindow = Range

/** How a window moved with one thing that was recorded. */
export interface WindowMove {
  readonly eventId: string
  readonly at: string
  readonly window: DayWindow
  /** Days by which the middle moved, later above 0. */
  readonly movedDays: number
}

/** A window at the start, now, and how what was recorded moved it. */
export interface WindowCourse {
  readonly start: DayWindow
  readonly now: DayWindow
  readonly moves: readonly WindowMove[]
}

/** What a batch will do, as far as can be told, and how what was recorded changed that. Names of series and windows are the method's. */
export interface Forecast {
  readonly days: Float64Array
  readonly series: Readonly<Record<string, Band>>
  readonly windows: Readonly<Record<string, WindowCourse>>
  /** Further rows of numbers that only the method itself reads. */
  readonly rows: Readonly<Record<string, Float32Array | Float64Array>>
  /** The last day that was looked at: what has not come by then counts as coming then. */
  readonly horizonDay: number
  readonly members: number
  readonly effective: number
  readonly rounds: number
}
