import { dayText, shortDateText } from '../../units/dates'
import { numberText, spanText } from '../../units/format'
import { DAY_MS } from '../../units/time'
import type { UnitSystem } from '../../units/system'
import type { Chart, ChartPoint, NamedWindow } from './look'
import { valueText } from './spots'
import { windowDays } from './window-words'

function spanOf({ unit }: Pick<Chart, 'unit'>, { low, high }: ChartPoint, units: UnitSystem): string {
  return unit === 'percent' ? `${numberText(low)}–${numberText(high)} %` : spanText(unit, units, low, high)
}

const nearest = (points: readonly ChartPoint[], at: number) =>
  points.reduce<ChartPoint | undefined>(
    (best, one) => (best === undefined || Math.abs(one.at - at) < Math.abs(best.at - at) ? one : best), undefined,
  )
const isThere = (points: readonly ChartPoint[], at: number) =>
  points.length > 0 && at >= points[0]!.at - DAY_MS && at <= points.at(-1)!.at + DAY_MS

/** A chart in a few sentences: the latest value, the highest, what is expected now and in a week, and the window that matters. */
export function chartSentences(chart: Chart, windows: readonly NamedWindow[], now: Date, units: UnitSystem): string {
  const read = chart.dots.find(({ main }) => main)?.points.filter(({ odd }) => !odd) ?? []
  const latest = read.at(-1)
  const highest = read.reduce<typeof latest>((best, one) => best === undefined || one.value > best.value ? one : best, undefined)
  const coming = (days: number) => {
    const at = now.getTime() + days * DAY_MS
    const point = isThere(chart.expected, at) ? nearest(chart.expected, at) : undefined
    return point && spanOf(chart, point, units)
  }
  const [today, week] = [coming(0), coming(7)]
  const [window] = windows
  return [
    latest
      ? `Latest ${valueText(chart, latest.value, units)} on `
      + `${dayText(latest.at)}`
      + (highest && highest !== latest
        ? `, highest ${valueText(chart, highest.value, units)} on ${dayText(highest.at)}`
        : '') + '.'
      : 'Nothing read so far.',
    ...(today ? [`Expected now ${today}${week ? `, in a week ${week}` : ''}.`] : []),
    ...(window ? [`${window.label}: ${windowDays(window, now)}.`] : []),
  ].join(' ')
}

/** One line of a chart written out. */
export interface ChartRow { readonly at: number, readonly day: string, readonly read: string, readonly expected: string }

/** Most lines of a chart that are written out. */
const MOST_ROWS = 60
/** What is to come, in days from now. */
const AHEAD = [0, 3, 7, 14, 28, 56]

/** A chart as a table: what was read with what was expected then, and what is expected from now on. */
export function chartRows(chart: Chart, now: Date, units: UnitSystem): ChartRow[] {
  const expectedAt = (at: number) => {
    const point = isThere(chart.expected, at) ? nearest(chart.expected, at) : undefined
    return point ? spanOf(chart, point, units) : ''
  }
  const row = (at: number, read: string) => ({ at, day: shortDateText(at), read, expected: expectedAt(at) })
  const read = chart.dots.find(({ main }) => main)?.points ?? []
  return [
    ...read.slice(-MOST_ROWS).map(({ at, value, odd }) => row(at, `${valueText(chart, value, units)}${odd ? ', odd' : ''}`)),
    ...AHEAD.map(days => row(now.getTime() + days * DAY_MS, '')).filter(({ expected }) => expected !== ''),
  ]
}
