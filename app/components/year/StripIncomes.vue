<script setup lang="ts">
import type { Strip } from '#core/year/strip'
import { incomesText } from '#core/year/strip-text'

/** What comes in, month by month: columns of hatches, from the ground up. */
const { strip } = defineProps<{ strip: Strip }>()
const { units } = useGarden()
const most = computed(() => Math.max(1, ...strip.incomes.map(({ litres }) => litres)))
/** Between two columns, as a share of the strip. */
const GAP = 0.004
const columns = computed(() => strip.incomes.flatMap(({ at, to, by }) => {
  let below = 0
  return by.map(({ family, litres }) => {
    const height = 100 * litres / most.value
    below += height
    return { key: `${at} ${family}`, family, x: at + GAP, width: Math.max(GAP / 2, to - at - 2 * GAP), y: 100 - below, height }
  })
}))
</script>

<template>
  <svg
    class="relative w-full h-16 block"
    role="img"
    :aria-label="incomesText(strip, units)"
  >
    <rect
      v-for="column in columns"
      :key="column.key"
      :x="alongText(column.x)"
      :width="alongText(column.width)"
      :y="`${column.y}%`"
      :height="`${column.height}%`"
      :fill="`url(#hatch-${column.family})`"
      stroke="var(--ui-text-toned)"
      stroke-width="0.8"
    />
  </svg>
</template>
