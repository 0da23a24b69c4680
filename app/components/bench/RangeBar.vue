<script setup lang="ts">
import type { Range } from '#core/units/range'

/** Where a value lies with its range, against what is comfortable. Bounds and values share a unit. */
const { value, from, to, comfort, log = false } = defineProps<{
  value: Range
  from: number
  to: number
  comfort?: readonly [low: number, high: number]
  log?: boolean
}>()

const at = (number: number) => {
  const inside = Math.min(to, Math.max(from, number))
  return 100 * (log ? Math.log(inside / from) / Math.log(to / from) : (inside - from) / (to - from))
}
</script>

<template>
  <svg
    viewBox="0 0 100 12"
    preserveAspectRatio="none"
    class="w-full h-3.5"
    aria-hidden="true"
  >
    <line
      x1="0"
      x2="100"
      y1="6"
      y2="6"
      stroke="var(--ui-border)"
      stroke-width="1"
    />
    <rect
      v-if="comfort"
      :x="at(comfort[0])"
      y="0"
      :width="Math.max(1, at(comfort[1]) - at(comfort[0]))"
      height="12"
      fill="var(--ui-primary)"
      opacity="0.28"
    />
    <rect
      :x="at(value.low)"
      y="4"
      :width="Math.max(0.8, at(value.high) - at(value.low))"
      height="4"
      fill="var(--ui-text-toned)"
    />
    <rect
      :x="at(value.typical) - 0.5"
      y="0"
      width="1"
      height="12"
      fill="var(--ui-text-highlighted)"
    />
  </svg>
</template>
