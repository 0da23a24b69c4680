/** How warmth makes a day count: one against a day of `atC`, so many times as much for ten kelvin more, nothing at `fromC` and below. */
export interface CountsBy {
  /** It rests at and below this, °C. */
  readonly fromC: number
  /** A day of this warmth counts for one, °C. */
  readonly atC: number
  /** Ten kelvin more make it count so many times as much. */
  readonly q10: number
  /** More than this no day counts for. */
  readonly most?: number
}

/** What a day counts for by its warmth: q10^((T − atC)/10) above `fromC`, at most `most`. @param celsius any; below `fromC` it gives 0. */
export function dayCounts(celsius: number, { fromC, atC, q10, most = Infinity }: CountsBy): number {
  return celsius <= fromC ? 0 : Math.min(most, q10 ** ((celsius - atC) / 10))
}

/** Days that counted from the start to each day's end: a running sum, one longer than the days. */
export function countedDays(days: number, counts: (day: number) => number): Float64Array {
  const sums = new Float64Array(days + 1)
  for (let day = 0; day < days; day++) sums[day + 1] = sums[day]! + counts(day)
  return sums
}

/** A running sum at any moment, between whole days; before the first it is 0, after the last that of the last. */
export function countedAt(sums: Float64Array, day: number): number {
  const at = Math.min(sums.length - 1, Math.max(0, day))
  const below = Math.floor(at)
  return sums[below]! + (at - below) * ((sums[below + 1] ?? sums[below]!) - sums[below]!)
}
