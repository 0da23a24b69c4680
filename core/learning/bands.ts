import { quantileOfNormal } from '../statistics/normal'
import type { Carried } from './discrepancy'
import type { Band } from './forecast'

/** Bands are read off so many members drawn by weight. */
export const BAND_MEMBERS = 200
/** The ends of an 80 % band and its middle, as shares of the members in order. */
const BAND_SHARES = { low: 0.1, typical: 0.5, high: 0.9 } as const

/** So many members drawn by weight at even distances (systematic resampling): some several times, some not at all. */
export function drawnByWeight(weights: Float64Array, count: number): number[] {
  const drawn: number[] = []
  let sum = 0
  for (let index = 0; index < weights.length; index++) {
    sum += weights[index]!
    while (drawn.length < count && sum >= (drawn.length + 0.5) / count) drawn.push(index)
  }
  return drawn
}

/** The middle and the 80 % band of rows, place by place, times a factor. */
export function bandOf(times: Float64Array, rows: readonly Float32Array[], factor: number): Band {
  const band = { low: new Float32Array(times.length), typical: new Float32Array(times.length), high: new Float32Array(times.length) }
  const column = new Float32Array(rows.length)
  const place = (share: number) => Math.min(rows.length - 1, Math.floor(share * rows.length))
  for (let at = 0; at < times.length; at++) {
    for (let i = 0; i < rows.length; i++) column[i] = rows[i]![at]!
    column.sort()
    band.low[at] = factor * column[place(BAND_SHARES.low)]!
    band.typical[at] = factor * column[place(BAND_SHARES.typical)]!
    band.high[at] = factor * column[place(BAND_SHARES.high)]!
  }
  return band
}

/** The mean of rows, place by place. */
export function meanOf(rows: readonly Float32Array[]): Float32Array {
  const mean = new Float32Array(rows[0]?.length ?? 0)
  for (const row of rows) {
    for (let i = 0; i < mean.length; i++) mean[i]! += row[i]! / rows.length
  }
  return mean
}

/** Quantiles of the standard normal in an order in which neighbours differ: members drawn twice do not stray alike. */
const STRAYING = 200
const GOLDEN = 0.6180339887498949
const strays = Float64Array.from({ length: STRAYING }, (_, index) => quantileOfNormal(((index + 0.5) * GOLDEN) % 1))

/**
 * The middle and the 80 % band of what would be read: each row strays by what is carried forward of its residual (with its noise).
 * @param rows courses, one a member. @param carriedOf what is carried of each, in the order of the rows.
 */
export function bandOfReadings(times: Float64Array, rows: readonly Float32Array[], carriedOf: readonly Pick<Carried, 'at'>[]): Band {
  const straying = rows.map((row, index) => Float32Array.from(times, (day, at) => {
    const { mean, variance } = carriedOf[index]!.at(day)
    return row[at]! + mean + strays[index % STRAYING]! * Math.sqrt(variance)
  }))
  return bandOf(times, straying, 1)
}
