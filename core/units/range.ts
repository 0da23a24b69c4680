/** A quantity that is not known exactly: `low ≤ typical ≤ high`, all in the unit its owner names. */
export interface Range {
  readonly low: number
  readonly typical: number
  readonly high: number
}

/** A range from its three values, in ascending order. */
export function range(low: number, typical: number, high: number): Range {
  return { low, typical, high }
}

/** Each value of a range multiplied by a factor that is not negative. */
export function scaleRange(given: Range, factor: number): Range {
  return { low: given.low * factor, typical: given.typical * factor, high: given.high * factor }
}
