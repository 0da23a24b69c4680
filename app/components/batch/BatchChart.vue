<script setup lang="ts">
import { CustomChart, LineChart, ScatterChart } from 'echarts/charts'
import { GridComponent, MarkLineComponent, TooltipComponent } from 'echarts/components'
import { use } from 'echarts/core'
import { SVGRenderer } from 'echarts/renderers'
import VChart from 'vue-echarts'
import { shortDayText, timeText } from '#core/units/dates'
import type { Chart, ChartPoint } from '#core/methods/contract'
import { SHOWN_UNITS, toShown } from '#core/units/system'

/** One quantity over time: as gauged, on what is expected. Odd values are hollow, never hidden. */
const { chart, supposed = [], ended } = defineProps<{ chart: Chart, supposed?: readonly ChartPoint[], ended: boolean }>()
use([SVGRenderer, LineChart, ScatterChart, CustomChart, GridComponent, TooltipComponent, MarkLineComponent])

const { units, now } = useGarden()
const mode = useColorMode()
const tenth = (value: number) => Math.round(value * 10) / 10
const shown = (value: number) => tenth(chart.unit === 'percent' ? value : toShown(chart.unit, units.value, value))
const symbol = computed(() => chart.unit === 'percent' ? '%' : ` ${SHOWN_UNITS[chart.unit][units.value].symbol}`)

/** The palette as the page has it; read anew when day turns to night. */
function ink(name: string): string {
  return getComputedStyle(document.documentElement).getPropertyValue(name).trim()
}

const option = computed(() => {
  void mode.value
  const colours = {
    text: ink('--ui-text-muted'), rule: ink('--ui-border'), heat: ink('--heat'), line: ink('--heat-line'),
    core: ink('--ui-text-highlighted'), edge: ink('--ui-info'), mark: ink('--ui-warning'), paper: ink('--ui-bg'),
  }
  const line = (points: readonly ChartPoint[]) => points.map(({ at, typical }) => [at, shown(typical)])
  const quiet = { type: 'line', showSymbol: false, silent: true, stack: 'band', lineStyle: { opacity: 0 } }
  return {
    // It is there at once: moving into place would only hold the page up.
    animation: false,
    grid: { left: 58, right: 12, top: 14, bottom: 28 },
    tooltip: {
      trigger: 'item',
      formatter: ({ value, seriesName }: { value: [number, number], seriesName: string }) =>
        `${seriesName}: ${value[1]}${symbol.value}<br>${shortDayText(value[0])} ${timeText(value[0])}`,
    },
    xAxis: {
      type: 'time', axisLabel: { color: colours.text, hideOverlap: true }, axisLine: { lineStyle: { color: colours.rule } },
      splitLine: { show: false },
    },
    yAxis: {
      type: 'value',
      min: (range: { min: number }) => (chart.unit === 'temperature' ? Math.min(Math.floor(range.min / 10) * 10, shown(0)) : 0),
      axisLabel: { color: colours.text, formatter: `{value}${symbol.value}` },
      splitLine: { lineStyle: { color: colours.rule, type: 'dashed', opacity: 0.6 } },
    },
    series: [
      { ...quiet, name: 'low', data: chart.expected.map(({ at, low }) => [at, shown(low)]) },
      {
        ...quiet,
        name: 'band',
        data: chart.expected.map(({ at, low, high }) => [at, shown(high) - shown(low)]),
        areaStyle: { color: colours.heat, opacity: 0.14 },
      },
      {
        type: 'line', name: 'expected', showSymbol: false, silent: true, data: line(chart.expected),
        lineStyle: { color: colours.line, width: 2, type: 'dashed' },
      },
      {
        type: 'line', name: 'as it looked at the start', showSymbol: false, silent: true, data: line(chart.atStart),
        lineStyle: { color: colours.text, width: 1.5, type: 'dotted' },
      },
      ...(supposed.length > 0
        ? [
            {
              type: 'line', name: 'what if', showSymbol: false, silent: true, data: line(supposed),
              lineStyle: { color: colours.edge, width: 3 },
            },
          ]
        : []),
      ...chart.dots
        .filter(({ main }) => !main)
        .map(({ name, points }) => ({
          type: 'scatter', name, symbol: 'rect', symbolSize: 7, data: points.map(({ at, value }) => [at, shown(value)]),
          itemStyle: { color: colours.edge },
        })),
      ...chart.dots.filter(({ main }) => main).map(({ name, points }) => ({
        type: 'scatter', name, symbolSize: 10,
        data: points.map(({ at, value, odd }) => ({
          value: [at, shown(value)],
          itemStyle: odd ? { color: colours.paper, borderColor: colours.core, borderWidth: 2 } : { color: colours.core },
        })),
      })),
      { type: 'line', name: 'marks', data: [], markLine: { silent: true, symbol: 'none', data: [
        ...chart.marks.map(at => ({ xAxis: at, lineStyle: { color: colours.mark, type: 'solid', width: 2 }, label: { show: false } })),
        ...(ended
          ? []
          : [
              {
                xAxis: now.value.getTime(), lineStyle: { color: colours.text, type: 'dotted' },
                label: { formatter: 'now', color: colours.text, fontSize: 11 },
              },
            ]),
      ] } },
    ],
  }
})
/** Drawing it takes longer than anything else on the page: it waits until it is nearly seen. Once there it stays. */
const place = useTemplateRef<HTMLElement>('place')
const near = useElementVisibility(place, { rootMargin: '300px' })
const wanted = ref(false)
watch(near, (is) => { if (is) wanted.value = true }, { immediate: true })
/** The chart follows a moment after what was tapped: it is the slowest thing on the page to draw. */
const drawn = refDebounced(option, 40)
</script>

<template>
  <div
    ref="place"
    class="h-72 w-full"
    data-chart
  >
    <VChart
      v-if="wanted"
      :option="drawn"
      :init-options="{ renderer: 'svg' }"
      autoresize
      role="img"
      :aria-label="`${chart.title}, drawn. It is said above and written out in the table below.`"
    />
  </div>
</template>
