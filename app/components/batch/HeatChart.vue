<script setup lang="ts">
import { CustomChart, LineChart, ScatterChart } from 'echarts/charts'
import { GridComponent, MarkLineComponent, TooltipComponent } from 'echarts/components'
import { use } from 'echarts/core'
import { SVGRenderer } from 'echarts/renderers'
import { format } from 'date-fns'
import VChart from 'vue-echarts'
import { coreReadings } from '#core/heat/readings'
import type { StandingBatch } from '#core/journal/garden'
import type { ExpectedDay } from '#core/methods/foresight'
import { toShown } from '#core/units/system'

/** Readings on what is expected: core and edge, turns marked. Odd readings are hollow, never hidden. */
const { batch, course, supposed = [] } = defineProps<{ batch: StandingBatch, course: readonly ExpectedDay[], supposed?: readonly ExpectedDay[] }>()
use([SVGRenderer, LineChart, ScatterChart, CustomChart, GridComponent, TooltipComponent, MarkLineComponent])

const { units, now } = useGarden()
const mode = useColorMode()
const { forecastOf } = useForecasts()
const DAY_MS = 86_400_000
const builtMs = computed(() => new Date(batch.built.at).getTime())
const shown = (celsius: number) => Math.round(toShown('temperature', units.value, celsius) * 10) / 10
const at = (day: number) => builtMs.value + day * DAY_MS

/** The palette as the page has it; read anew when day turns to night. */
function ink(name: string): string {
  return getComputedStyle(document.documentElement).getPropertyValue(name).trim()
}

const option = computed(() => {
  void mode.value
  const colours = { text: ink('--ui-text-muted'), rule: ink('--ui-border'), heat: ink('--heat'), core: ink('--ui-text-highlighted'), edge: ink('--ui-info'), turn: ink('--ui-warning'), paper: ink('--ui-bg') }
  const low = course.map(({ day, coreC }) => [at(day), shown(coreC.low)])
  const spread = course.map(({ day, coreC }) => [at(day), shown(coreC.high) - shown(coreC.low)])
  const quiet = { type: 'line', showSymbol: false, silent: true, stack: 'band', lineStyle: { opacity: 0 } }
  const core = coreReadings(batch)
  const forecast = forecastOf(batch.id)
  const lastDay = course.at(-1)?.day ?? 0
  const start = forecast ? Array.from(forecast.days).flatMap((day, index) => day <= lastDay ? [[at(day), shown(forecast.coreAtStartC.typical[index] ?? 0)]] : []) : []
  return {
    animationDuration: 300,
    grid: { left: 44, right: 12, top: 14, bottom: 28 },
    tooltip: { trigger: 'item', formatter: ({ value, seriesName }: { value: [number, number], seriesName: string }) => `${seriesName}: ${value[1]}°<br>${format(value[0], 'd MMM HH:mm')}` },
    xAxis: { type: 'time', axisLabel: { color: colours.text, hideOverlap: true }, axisLine: { lineStyle: { color: colours.rule } }, splitLine: { show: false } },
    yAxis: { type: 'value', min: (range: { min: number }) => Math.min(Math.floor(range.min / 10) * 10, shown(0)), axisLabel: { color: colours.text, formatter: '{value}°' }, splitLine: { lineStyle: { color: colours.rule, type: 'dashed', opacity: 0.6 } } },
    series: [
      { ...quiet, name: 'low', data: low },
      { ...quiet, name: 'band', data: spread, areaStyle: { color: colours.heat, opacity: 0.16 } },
      { type: 'line', name: 'expected core', showSymbol: false, silent: true, data: course.map(({ day, coreC }) => [at(day), shown(coreC.typical)]), lineStyle: { color: colours.heat, width: 2, type: 'dashed' } },
      { type: 'line', name: 'as it looked at the start', showSymbol: false, silent: true, data: start, lineStyle: { color: colours.text, width: 1.5, type: 'dotted' } },
      ...(supposed.length > 0 ? [{ type: 'line', name: 'what if', showSymbol: false, silent: true, data: supposed.map(({ day, coreC }) => [at(day), shown(coreC.typical)]), lineStyle: { color: colours.edge, width: 3 } }] : []),
      { type: 'scatter', name: 'edge', symbol: 'rect', symbolSize: 7, data: batch.readings.flatMap(({ at: moment, edgeC }) => edgeC === undefined ? [] : [[new Date(moment).getTime(), shown(edgeC)]]), itemStyle: { color: colours.edge } },
      { type: 'scatter', name: 'core', symbolSize: 10, data: core.map(({ at: moment, coreC, odd }) => ({ value: [new Date(moment).getTime(), shown(coreC)], itemStyle: odd ? { color: colours.paper, borderColor: colours.core, borderWidth: 2 } : { color: colours.core } })),
        markLine: { silent: true, symbol: 'none', data: [
          ...batch.turns.map(turn => ({ xAxis: new Date(turn.at).getTime(), lineStyle: { color: colours.turn, type: 'solid', width: 2 }, label: { show: false } })),
          ...(batch.finish ? [] : [{ xAxis: now.value.getTime(), lineStyle: { color: colours.text, type: 'dotted' }, label: { formatter: 'now', color: colours.text, fontSize: 11 } }]),
        ] } },
    ],
  }
})
/** The chart follows a moment after what was tapped: it is the slowest thing on the page to draw. */
const drawn = refDebounced(option, 40)
</script>

<template>
  <div
    class="h-72 w-full"
    data-chart
  >
    <VChart
      :option="drawn"
      :init-options="{ renderer: 'svg' }"
      autoresize
      role="img"
      aria-label="Temperatures read so far on the expected course; the log below lists each reading."
    />
  </div>
</template>
