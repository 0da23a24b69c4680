import type { Band } from '../../learning/forecast'
import { DAY_MS } from '../../units/time'
import type { ChartPoint } from './look'

/**
 * A band along the days of a batch as the points of a chart. @param begunAt when it began. @param as what is shown of a value,
 * where that is not the value itself.
 */
export function chartPoints(
  begunAt: string, days: Float64Array, { low, typical, high }: Pick<Band, 'low' | 'typical' | 'high'>,
  as: (value: number) => number = value => value,
): ChartPoint[] {
  const from = Date.parse(begunAt)
  return Array.from(days, (day, at) => ({ at: from + day * DAY_MS, low: as(low[at]!), typical: as(typical[at]!), high: as(high[at]!) }))
}
