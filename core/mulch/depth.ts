import { DAYS_A_YEAR } from '../units/time'
import { countedAt, countedDays, dayCounts } from '../warmth/day-counts'
import { MULCH } from './constants'

/** How one kind settles and goes, as one possible garden has it. */
export interface MulchTraits {
  readonly settles: number
  readonly settlingDays: number
  readonly goesYear: number
  /** How thick it was really spread for each litre, beside flat and even. */
  readonly spread: number
  /** K beside the usual air. */
  readonly weatherK: number
}

/** So much spread on a day, metres deep as it lay loosely. */
export interface Spread {
  readonly day: number
  readonly depthM: number
  /** What a stick found of it since, in order: from a day on so many times what was reckoned when it was spread. */
  readonly found?: readonly { readonly from: number, readonly times: number }[]
}

/** What a day counts for, against a moist one of 15 °C. */
export const paceOn = (celsius: number) => dayCounts(celsius, MULCH.pace)

/** Days that counted, to each day's end. @param airC air of each day from the start, °C. @param weatherK K beside that. */
export const pacedDays = (airC: ArrayLike<number>, weatherK = 0) => countedDays(airC.length, day => paceOn(airC[day]! + weatherK))

/** How deep one spreading lies on a day by what was reckoned, metres; 0 before it. @param paced days that counted. @param day 0 or more. */
export function reckonedM(
  { day: from, depthM }: Spread, { settles, settlingDays, goesYear, spread }: MulchTraits, paced: Float64Array, day: number,
): number {
  if (from > day) return 0
  const settled = settles + (1 - settles) * Math.exp(-(day - from) / settlingDays)
  const gone = Math.exp(-goesYear / DAYS_A_YEAR * (countedAt(paced, day) - countedAt(paced, from)))
  return depthM * spread * settled * gone
}

/**
 * How deep it lies at each of the days, metres: each spreading settles to its share within days, and goes with moist warmth.
 * @param paced days that counted, of the air as the traits have it. @param days not below 0, in order.
 */
export function depthsOf(spreads: readonly Spread[], traits: MulchTraits, paced: Float64Array, days: Float64Array): Float32Array {
  return Float32Array.from(days, day => spreads.reduce((sum, one) =>
    sum + reckonedM(one, traits, paced, day) * (one.found?.findLast(({ from }) => from <= day)?.times ?? 1), 0))
}

/** The first day, from one on, on which it lies no deeper than so much; the last where it stays deeper. */
export function thinnedDay(days: Float64Array, depthM: Float32Array, belowM: number, fromDay: number): number {
  for (let at = 0; at < days.length; at++) {
    if (days[at]! < fromDay || depthM[at]! > belowM) continue
    const before = at > 0 ? depthM[at - 1]! : depthM[at]!
    return at > 0 && days[at - 1]! >= fromDay && before > belowM
      ? days[at - 1]! + ((days[at]! - days[at - 1]!) * (before - belowM)) / (before - depthM[at]!)
      : days[at]!
  }
  return days.at(-1) ?? fromDay
}
