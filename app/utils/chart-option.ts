import { shortDayText, timeText } from '#core/units/dates'
import { thinned, type Chart, type ChartDots, type ChartPoint } from '#core/methods/contract'

/** Colours of the page, as it has them now. */
export function pageInk() {
  const style = getComputedStyle(document.documentElement)
  const ink = (name: string) => style.getPropertyValue(name).trim()
  return {
    text: ink('--ui-text-muted'), rule: ink('--ui-border'), heat: ink('--heat'), line: ink('--heat-line'),
    core: ink('--ui-text-highlighted'), edge: ink('--ui-info'), mark: ink('--ui-warning'), paper: ink('--ui-bg'),
  }
}
type Ink = ReturnType<typeof pageInk>

/** How a chart is drawn: values in the gardener's unit, its symbol, the page's colours, what was supposed, and now while it goes on. */
interface Drawn {
  readonly shown: (value: number) => number
  readonly symbol: string
  readonly ink: Ink
  readonly supposed: readonly ChartPoint[]
  readonly nowMs: number | undefined
}

/** What is expected: its band, its middle, what it looked like at the start, and what would be if. */
function expectedLines({ expected, atStart }: Chart, { shown, ink, supposed }: Drawn) {
  const line = (points: readonly ChartPoint[]) => points.map(({ at, typical }) => [at, shown(typical)])
  const still = { type: 'line', showSymbol: false, silent: true }
  const quiet = { ...still, stack: 'band', lineStyle: { opacity: 0 } }
  return [
    { ...quiet, name: 'low', data: expected.map(({ at, low }) => [at, shown(low)]) },
    {
      ...quiet, name: 'band', data: expected.map(({ at, low, high }) => [at, shown(high) - shown(low)]),
      areaStyle: { color: ink.heat, opacity: 0.14 },
    },
    { ...still, name: 'expected', data: line(expected), lineStyle: { color: ink.line, width: 2, type: 'dashed' } },
    { ...still, name: 'as it looked at the start', data: line(atStart), lineStyle: { color: ink.text, width: 1.5, type: 'dotted' } },
    ...(supposed.length > 0 ? [{ ...still, name: 'what if', data: line(supposed), lineStyle: { color: ink.edge, width: 3 } }] : []),
  ]
}

/** What was read or seen: the main one large, odd ones hollow, the others square. */
function dotsOf({ name, main, points }: ChartDots, { shown, ink }: Drawn) {
  return main
    ? {
        type: 'scatter', name, symbolSize: 10,
        data: thinned(points).map(({ at, value, odd }) => ({
          value: [at, shown(value)],
          itemStyle: odd ? { color: ink.paper, borderColor: ink.core, borderWidth: 2 } : { color: ink.core },
        })),
      }
    : {
        type: 'scatter', name, symbol: 'rect', symbolSize: 7, data: thinned(points).map(({ at, value }) => [at, shown(value)]),
        itemStyle: { color: ink.edge },
      }
}

/** Upright lines: what was done, and now. */
function marksOf({ marks }: Chart, { ink, nowMs }: Drawn) {
  return { type: 'line', name: 'marks', data: [], markLine: { silent: true, symbol: 'none', data: [
    ...marks.map(at => ({ xAxis: at, lineStyle: { color: ink.mark, type: 'solid', width: 2 }, label: { show: false } })),
    ...(nowMs === undefined
      ? []
      : [{
          xAxis: nowMs, lineStyle: { color: ink.text, type: 'dotted' }, label: { formatter: 'now', color: ink.text, fontSize: 11 },
        }]),
  ] } }
}

/** One quantity over time, as the drawing library takes it. */
export function chartOption(chart: Chart, drawn: Drawn) {
  const { shown, symbol, ink } = drawn
  return {
    // It is there at once: moving into place would only hold the page up.
    animation: false,
    grid: { left: 58, right: 12, top: 14, bottom: 28 },
    tooltip: {
      trigger: 'item',
      formatter: ({ value, seriesName }: { value: [number, number], seriesName: string }) =>
        `${seriesName}: ${value[1]}${symbol}<br>${shortDayText(value[0])} ${timeText(value[0])}`,
    },
    xAxis: {
      type: 'time', axisLabel: { color: ink.text, hideOverlap: true }, axisLine: { lineStyle: { color: ink.rule } },
      splitLine: { show: false },
    },
    yAxis: {
      type: 'value',
      min: (range: { min: number }) => (chart.unit === 'temperature' ? Math.min(Math.floor(range.min / 10) * 10, shown(0)) : 0),
      axisLabel: { color: ink.text, formatter: `{value}${symbol}` },
      splitLine: { lineStyle: { color: ink.rule, type: 'dashed', opacity: 0.6 } },
    },
    series: [
      ...expectedLines(chart, drawn),
      ...[...chart.dots].sort((one, other) => Number(one.main) - Number(other.main)).map(dots => dotsOf(dots, drawn)),
      marksOf(chart, drawn),
    ],
  }
}
