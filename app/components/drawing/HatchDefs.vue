<script setup lang="ts">
/** The hatch of each family of material, drawn once and used by name everywhere. */
interface Hatch {
  readonly family: string
  readonly size: number
  readonly paths: readonly string[]
  readonly dots?: readonly (readonly [x: number, y: number, r: number])[]
  readonly width?: number
}

const HATCHES: readonly Hatch[] = [
  { family: 'leaf', size: 14, paths: ['M2 5q4-4 8 0q-4 4-8 0z', 'M9 12q2-2 4 0q-2 2-4 0z'], width: 0.9 },
  { family: 'grass', size: 10, paths: ['M1 10q1-5 3-9', 'M5 10q0-4 1-7', 'M9 10q-1-4-1-8'], width: 1 },
  { family: 'straw', size: 14, paths: ['M0 3l8-1.5', 'M5 8l9-2', 'M1 12l7 1'], width: 1.3 },
  { family: 'paper', size: 12, paths: ['M0 3q1.5-2.4 3 0t3 0t3 0t3 0', 'M0 9q1.5-2.4 3 0t3 0t3 0t3 0'], width: 0.9 },
  { family: 'wood', size: 14, paths: ['M1 3h5v3h-5z', 'M8 8h5v2.5h-5z', 'M3 11h3'], width: 1 },
  { family: 'kitchen', size: 12, paths: ['M2 4q2 3 4 0', 'M7 9q2-3 4 0'], dots: [[9, 3, 1.1], [3, 10, 0.9]], width: 1.1 },
  { family: 'plant', size: 12, paths: ['M3 10v-5l-2-2m2 2l2-2', 'M9 7v-4l-1.6-2m1.6 2l1.6-2'], width: 1 },
  { family: 'manure', size: 13, paths: ['M1 4h3', 'M7 10h4'], dots: [[8, 3, 1.8], [3, 9.5, 1.5]], width: 1.2 },
  { family: 'feed', size: 12, paths: ['M2 4h4m-2-2v4', 'M8 9h3m-1.5-1.5v3'], width: 1 },
  { family: 'finished', size: 9, paths: [], dots: [[2, 2, 0.8], [6, 4, 1], [3, 7, 0.7], [7.6, 8, 0.6]] },
  { family: 'mineral', size: 13, paths: ['M2 6l3-4l2 4z', 'M8 11l2-3l2 3z'], width: 0.9 },
  { family: 'char', size: 10, paths: ['M0 10l10-10', 'M-2 4l6-6', 'M6 12l6-6'], width: 0.9 },
]
</script>

<template>
  <svg
    width="0"
    height="0"
    class="absolute"
    aria-hidden="true"
    focusable="false"
  >
    <defs>
      <pattern
        v-for="hatch in HATCHES"
        :id="`hatch-${hatch.family}`"
        :key="hatch.family"
        patternUnits="userSpaceOnUse"
        :width="hatch.size"
        :height="hatch.size"
      >
        <rect
          :width="hatch.size"
          :height="hatch.size"
          :style="{ fill: `var(--family-${hatch.family})` }"
        />
        <path
          v-for="path in hatch.paths"
          :key="path"
          :d="path"
          fill="none"
          stroke-linecap="round"
          :stroke-width="hatch.width"
          :style="{ stroke: `var(--family-${hatch.family}-line)` }"
        />
        <circle
          v-for="[x, y, r] in hatch.dots ?? []"
          :key="`${x} ${y}`"
          :cx="x"
          :cy="y"
          :r="r"
          :style="{ fill: `var(--family-${hatch.family}-line)` }"
        />
      </pattern>
    </defs>
  </svg>
</template>
