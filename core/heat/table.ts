/*
 * Smooth functions read off at even distances, straight between them: for what the inner loop asks thousands of times.
 */

const PER_UNIT = 400
const PER_KELVIN = 4
const COLDEST_C = -60
const HOTTEST_C = 110

/** A function of a share, 0 to 1, as a table. */
export function shareTable(of: (share: number) => number): Float64Array {
  return Float64Array.from({ length: PER_UNIT + 2 }, (_, at) => of(Math.min(1, at / PER_UNIT)))
}

/** A function of a temperature, −60 to 110 °C, as a table. */
export function celsiusTable(of: (celsius: number) => number): Float64Array {
  return Float64Array.from({ length: (HOTTEST_C - COLDEST_C) * PER_KELVIN + 2 }, (_, at) =>
    of(Math.min(HOTTEST_C, COLDEST_C + at / PER_KELVIN)),
  )
}

/** The value of a table at a share; below 0 and above 1 as at the ends. */
export function atShare(table: Float64Array, share: number): number {
  const at = share <= 0 ? 0 : share >= 1 ? PER_UNIT : share * PER_UNIT
  const below = at | 0
  const low = table[below]!
  return low + (at - below) * (table[below + 1]! - low)
}

/** The greater of two tables at a temperature, the second one weighed. */
export function greaterAtCelsius(one: Float64Array, other: Float64Array, weight: number, celsius: number): number {
  const at = celsius <= COLDEST_C ? 0 : celsius >= HOTTEST_C ? (HOTTEST_C - COLDEST_C) * PER_KELVIN : (celsius - COLDEST_C) * PER_KELVIN
  const below = at | 0
  const share = at - below
  const first = one[below]! + share * (one[below + 1]! - one[below]!)
  const second = weight * (other[below]! + share * (other[below + 1]! - other[below]!))
  return first > second ? first : second
}

/** The value of a table at a temperature; beyond the ends as at the ends. */
export function atCelsius(table: Float64Array, celsius: number): number {
  const at = celsius <= COLDEST_C ? 0 : celsius >= HOTTEST_C ? (HOTTEST_C - COLDEST_C) * PER_KELVIN : (celsius - COLDEST_C) * PER_KELVIN
  const below = at | 0
  const low = table[below]!
  return low + (at - below) * (table[below + 1]! - low)
}
