<script setup lang="ts">
import type { Primitive } from '#core/picture/picture'

/** Something of its own inside: a bag that hangs, a pocket of feed, greens under water. */
const { pocket, topCm } = defineProps<{ pocket: Extract<Primitive, { kind: 'pocket' }>, topCm: number }>()
const at = computed(() => ({ x: pocket.xM * 100, y: -pocket.yM * 100, rx: pocket.widthM * 50, ry: pocket.heightM * 50 }))
</script>

<template>
  <g>
    <line
      v-if="pocket.hung"
      :x1="at.x"
      :x2="at.x"
      :y1="at.y - at.ry"
      :y2="-topCm"
      stroke="var(--ui-text-toned)"
      stroke-width="0.5"
    />
    <rect
      :x="at.x - at.rx"
      :y="at.y - at.ry"
      :width="2 * at.rx"
      :height="2 * at.ry"
      :rx="Math.min(at.rx, at.ry) * 0.7"
      :fill="`url(#hatch-${pocket.family})`"
      stroke="var(--ui-text-toned)"
      stroke-width="0.5"
    />
  </g>
</template>
