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
export interface Spread { readonly day: number, readonly depthM: number }

/** Times for the pace hold at so much warmth; ten kelvin more are so many times as fast; nothing goes in frost. */
const PACE = { atC: 15, q10: 2, year: 365.25 }

/** What a day counts for, against a moist one of 15 °C. */
export function paceOn(celsius: number): number {
  return celsius <= 0 ? 0 : PACE.q10 ** ((celsius - PACE.atC) / 10)
}

/** Days of warmth that count from the start to each day's end: the running sum of their paces. */
export function countedDays(airC: ArrayLike<number>, weatherK: number): Float64Array {
  const sums = new Float64Array(airC.length + 1)
  for (let day = 0; day < airC.length; day++) sums[day + 1] = sums[day]! + paceOn(airC[day]! + weatherK)
  return sums
}

/** The running sum at any day, between whole ones. */
export function countedAt(sums: Float64Array, day: number): number {
  const at = Math.min(sums.length - 1, Math.max(0, day))
  const below = Math.floor(at)
  return sums[below]! + (at - below) * ((sums[below + 1] ?? sums[below]!) - sums[below]!)
}

/**
 * How deep it lies at each of the days, metres: each spreading settles to its share within days, and goes with moist warmth.
 * @param airC air of each day from the start, °C. @param days not below 0, in order.
 */
export function depthsOf(spreads: readonly Spread[], traits: MulchTraits, airC: ArrayLike<number>, days: Float64Array): Float32Array {
  const sums = countedDays(airC, traits.weatherK)
  return Float32Array.from(days, day => spreads.reduce((sum, one) => {
    if (one.day > day) return sum
    const settled = traits.settles + (1 - traits.settles) * Math.exp(-(day - one.day) / traits.settlingDays)
    const gone = Math.exp(-traits.goesYear / PACE.year * (countedAt(sums, day) - countedAt(sums, one.day)))
    return sum + one.depthM * traits.spread * settled * gone
  }, 0))
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
