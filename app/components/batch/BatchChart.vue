<script setup lang="ts">
import { CustomChart, LineChart, ScatterChart } from 'echarts/charts'
import { GridComponent, MarkLineComponent, TooltipComponent } from 'echarts/components'
import { use } from 'echarts/core'
import { SVGRenderer } from 'echarts/renderers'
import VChart from 'vue-echarts'
import type { Chart, ChartPoint } from '#core/methods/contract'
import { SHOWN_UNITS, toShown } from '#core/units/system'
import { chartOption, pageInk } from '~/utils/chart-option'

/** One quantity over time: as gauged, on what is expected. Odd values are hollow, never hidden. */
const { chart, supposed = [], ended } = defineProps<{ chart: Chart, supposed?: readonly ChartPoint[], ended: boolean }>()
use([SVGRenderer, LineChart, ScatterChart, CustomChart, GridComponent, TooltipComponent, MarkLineComponent])

const { units, now } = useGarden()
const mode = useColorMode()
const tenth = (value: number) => Math.round(value * 10) / 10
const shown = (value: number) => tenth(chart.unit === 'percent' ? value : toShown(chart.unit, units.value, value))
const symbol = computed(() => chart.unit === 'percent' ? '%' : ` ${SHOWN_UNITS[chart.unit][units.value].symbol}`)

const option = computed(() => {
  // The palette is read anew when day turns to night.
  void mode.value
  return chartOption(chart, {
    shown, symbol: symbol.value, ink: pageInk(), supposed, nowMs: ended ? undefined : now.value.getTime(),
  })
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
