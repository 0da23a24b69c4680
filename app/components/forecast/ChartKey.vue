<script setup lang="ts">
import type { Chart } from '#core/methods/contract'

/** What a chart is read by: a sample and a word for each thing that is on it. */
const { chart, whatIf = false } = defineProps<{ chart: Chart, whatIf?: boolean }>()
const dots = computed(() => [...chart.dots].filter(({ points }) => points.length > 0).sort((a, b) => Number(b.main) - Number(a.main)))
const hasOdd = computed(() => dots.value.some(({ points }) => points.some(({ odd }) => odd)))
</script>

<template>
  <ul
    class="aside-note flex flex-wrap gap-x-4 gap-y-0.5"
    aria-label="How to read it"
    data-chart-key
  >
    <li
      v-if="chart.expected.length > 0"
      class="inline-flex items-center gap-1.5"
    >
      <svg
        width="26"
        height="14"
        aria-hidden="true"
      >
        <rect
          width="26"
          height="14"
          fill="var(--heat)"
          opacity="0.14"
        />
        <line
          x2="26"
          y1="7"
          y2="7"
          stroke="var(--heat-line)"
          stroke-width="2"
          stroke-dasharray="5 3"
        />
      </svg>expected
    </li>
    <li
      v-if="chart.atStart.length > 0"
      class="inline-flex items-center gap-1.5"
    >
      <svg
        width="26"
        height="14"
        aria-hidden="true"
      ><line
        x2="26"
        y1="7"
        y2="7"
        stroke="currentColor"
        stroke-width="2"
        stroke-dasharray="2 3"
      /></svg>at the start
    </li>
    <li
      v-for="one in dots"
      :key="one.name"
      class="inline-flex items-center gap-1.5"
    >
      <svg
        width="14"
        height="14"
        aria-hidden="true"
      >
        <circle
          v-if="one.main"
          cx="7"
          cy="7"
          r="5"
          fill="var(--ui-text-highlighted)"
        /><rect
          v-else
          x="3"
          y="3"
          width="8"
          height="8"
          fill="var(--ui-info)"
        />
      </svg>{{ one.name }}
    </li>
    <li
      v-if="hasOdd"
      class="inline-flex items-center gap-1.5"
    >
      <svg
        width="14"
        height="14"
        aria-hidden="true"
      ><circle
        cx="7"
        cy="7"
        r="5"
        fill="none"
        stroke="currentColor"
        stroke-width="2"
      /></svg>odd one out
    </li>
    <li
      v-if="chart.marks.length > 0 && chart.marksAre"
      class="inline-flex items-center gap-1.5"
    >
      <svg
        width="6"
        height="14"
        aria-hidden="true"
      ><line
        x1="3"
        x2="3"
        y2="14"
        stroke="var(--ui-warning)"
        stroke-width="2"
      /></svg>{{ chart.marksAre }}
    </li>
    <li
      v-if="whatIf"
      class="inline-flex items-center gap-1.5"
    >
      <svg
        width="26"
        height="14"
        aria-hidden="true"
      ><line
        x2="26"
        y1="7"
        y2="7"
        stroke="var(--ui-info)"
        stroke-width="3"
      /></svg>what if
    </li>
    <li v-if="chart.note">
      {{ chart.note }}
    </li>
  </ul>
</template>
