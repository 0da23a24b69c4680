import type { Band, Forecast } from '../../learning/forecast'
import { DAY_MS } from '../../units/time'
import { chartPoints, type Chart } from '../contract'

/** A row along the days of a course: its middle, which every page tells, within what is possible eight times in ten. */
export interface Along extends Band { readonly days: Float64Array }

/** A band at a day, between the days of a forecast; its last where that is over. */
function bandAt(forecast: Forecast, { low, high }: Band, day: number): { readonly low: number, readonly high: number } {
  const after = forecast.days.findIndex(one => one >= day)
  if (after <= 0) {
    const at = after === 0 ? 0 : forecast.days.length - 1
    return { low: low[at]!, high: high[at]! }
  }
  const [from, to] = [forecast.days[after - 1]!, forecast.days[after]!]
  const share = to > from ? (day - from) / (to - from) : 1
  const between = (of: Float32Array) => of[after - 1]! + share * (of[after]! - of[after - 1]!)
  return { low: between(low), high: between(high) }
}

/**
 * A row of the course in the middle, in the band of its forecast; a line while there is none yet. What was recorded since the
 * forecast is in the middle already: the band is never beside it.
 */
export function expectedAlong(days: Float64Array, row: Float32Array, forecast: Forecast | undefined, series: string): Along {
  const band = forecast?.series[series]
  if (!forecast || !band) return { days, low: row, typical: row, high: row }
  const [low, high] = [row.slice(), row.slice()]
  days.forEach((day, at) => {
    const around = bandAt(forecast, band, day)
    low[at] = Math.min(row[at]!, around.low)
    high[at] = Math.max(row[at]!, around.high)
  })
  return { days, low, typical: row, high }
}

/** What a chart shows of a row: what is expected, and what was at the start. @param lastDay nothing is shown beyond it. */
export function chartLines(
  begunAt: string, expected: Along, forecast: Forecast | undefined, seriesAtStart: string,
  { lastDay = Infinity, as = (value: number) => value }: { readonly lastDay?: number, readonly as?: (value: number) => number } = {},
): Pick<Chart, 'expected' | 'atStart'> {
  const within = Date.parse(begunAt) + lastDay * DAY_MS
  const points = (days: Float64Array, band: Band) => chartPoints(begunAt, days, band, as).filter(({ at }) => at <= within)
  const start = forecast?.series[seriesAtStart]
  return { expected: points(expected.days, expected), atStart: forecast && start ? points(forecast.days, start) : [] }
}
