<script setup lang="ts">
import type { Primitive } from '#core/picture/picture'

/** A liquid, darker the further it is, with its foam on top. */
type Part<K extends Primitive['kind']> = Extract<Primitive, { kind: K }>
const { widthCm, liquid, foam } = defineProps<{ widthCm: number, liquid: Part<'liquid'>, foam?: Part<'foam'> }>()
const levelCm = computed(() => liquid.levelM * 100)
const foamCm = computed(() => foam ? foam.heightM * 100 : 0)
/** Bubbles in rows, larger on top; the same foam always looks alike. */
const bubbles = computed(() => foamCm.value <= 0
  ? []
  : Array.from({ length: Math.round(widthCm * foamCm.value / 2.2) }, (_, index) => {
      const x = (index * 7.3) % widthCm
      const up = (index * 0.618) % 1
      return { x, y: -levelCm.value - up * foamCm.value, r: 0.35 + 0.55 * up + 0.2 * (index % 3) }
    }))
</script>

<template>
  <g>
    <rect
      x="0"
      :y="-levelCm"
      :width="widthCm"
      :height="levelCm"
      fill="var(--ui-info)"
      opacity="0.22"
    />
    <rect
      x="0"
      :y="-levelCm"
      :width="widthCm"
      :height="levelCm"
      fill="var(--ground)"
      :opacity="0.5 * liquid.dark"
    />
    <line
      x1="0"
      :x2="widthCm"
      :y1="-levelCm"
      :y2="-levelCm"
      stroke="var(--ui-text-highlighted)"
      stroke-width="0.5"
    />
    <circle
      v-for="(bubble, index) in bubbles"
      :key="index"
      :cx="bubble.x"
      :cy="bubble.y"
      :r="bubble.r"
      fill="var(--sky)"
      stroke="var(--ui-text-muted)"
      stroke-width="0.14"
    />
  </g>
</template>
