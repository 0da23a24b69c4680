<script setup lang="ts">
import { asVessel } from '#core/vessel/site'
import type { KnownBatch } from '~/composables/useGarden'

/** Every standing batch side by side on one soil line. */
const { batches, pxPerMetre = 105 } = defineProps<{ batches: readonly KnownBatch[], pxPerMetre?: number }>()
const GROUND_CM = 13
/** What stands on the line and above it: name, state and age below; air above, as the drawings leave it. */
const CAPTION_PX = 74
const AIR_M = 0.16
/** Its place is kept before the first of them is drawn: nothing below moves when they come. */
const heightPx = computed(() => {
  const heights = batches.map(({ batch: { began: { site } } }) => site.kind === 'area' ? 0.3 : asVessel(site).heightM)
  return Math.ceil((Math.max(0.3, ...heights) + AIR_M + GROUND_CM / 100) * pxPerMetre) + CAPTION_PX
})
const { looks } = useLooks()
/** Those that have been looked at; they come a handful at a time. */
const shown = computed(() => batches.flatMap((known) => {
  const look = looks.value.get(known.batch.id)
  return look ? [{ known, look }] : []
}))
const drawn = useGrowing(() => shown.value.length, 5)
</script>

<template>
  <ul
    class="flex items-end gap-0 overflow-x-auto relative min-h-48"
    :style="{ minHeight: `${heightPx}px` }"
    aria-label="What stands in the garden"
    tabindex="0"
  >
    <BatchFigure
      v-for="{ known, look } in shown.slice(0, drawn)"
      :key="known.batch.id"
      :known="known"
      :look="look"
      :px-per-metre="pxPerMetre"
    />
    <li
      v-if="drawn >= shown.length"
      class="flex-1 min-w-2 self-stretch flex flex-col justify-end"
      aria-hidden="true"
    >
      <svg
        class="w-full block"
        :height="GROUND_CM * pxPerMetre / 100"
        preserveAspectRatio="none"
      ><rect
        width="100%"
        height="100%"
        fill="var(--ground)"
      /></svg>
      <div class="heap-caption" />
    </li>
  </ul>
</template>

<style scoped>
.heap-caption { min-height: 4.6rem; }
</style>
