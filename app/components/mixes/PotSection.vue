<script setup lang="ts">
import type { GrowingMix } from '#core/growing/mix'
import { airIn, waterAt, type Pot } from '#core/growing/pot'

/**
 * A pot cut open, watered and drained: water stands at its bottom, and thins out upwards. Its rim can be pulled: the higher the pot, the
 * more air is in it.
 */
const { pot, mix, airFrom } = defineProps<{ pot: Pot, mix: GrowingMix, /** Least air that is good, share. */ airFrom: number }>()
const emit = defineEmits<{ height: [heightM: number] }>()
const { quantity } = useSay()

const LOW_M = 0.02
const HIGH_M = 0.6
const WIDE = 300
const HIGH = 250
/** A tall tub and a tray are drawn to one scale, as far as both are to be seen. */
const scale = computed(() => Math.min(HIGH / Math.max(0.12, heightM.value * 1.15), WIDE / Math.max(pot.topM, 0.1)))
const held = ref<number>()
const heightM = computed(() => held.value ?? pot.heightM)
const top = computed(() => pot.topM * scale.value)
const bottom = computed(() => pot.bottomM * scale.value)
const high = computed(() => heightM.value * scale.value)
const halfAt = (share: number) => (bottom.value + (top.value - bottom.value) * share) / 2
const STRIPS = 16
/** From below: how much of the pores stands full of water. */
const strips = computed(() => Array.from({ length: STRIPS }, (_, at) => {
  const middle = (at + 0.5) / STRIPS
  const water = waterAt(mix, middle * heightM.value * 100)
  return {
    at, full: mix.pores > 0 ? Math.min(1, water / mix.pores) : 0, air: mix.pores - water,
    points: [[at, -1], [at, 1], [at + 1, 1], [at + 1, -1]].map(([step, side]) =>
      `${(WIDE / 2 + side! * halfAt(step! / STRIPS)).toFixed(1)},${(HIGH - high.value * step! / STRIPS).toFixed(1)}`).join(' '),
  }
}))
const outline = computed(() => {
  const [left, foot, rim] = [WIDE / 2 - top.value / 2, bottom.value / 2, HIGH - high.value]
  return `M${left} ${rim} L${WIDE / 2 - foot} ${HIGH} H${WIDE / 2 + foot} L${WIDE - left} ${rim}`
})
/** Bubbles of air, as many as there is air, always in the same places. */
const bubbles = computed(() => strips.value.flatMap(({ at, air }) => {
  const half = halfAt((at + 0.5) / STRIPS)
  return Array.from({ length: Math.round(air * half / 3.2) }, (_, index) => ({
    x: WIDE / 2 + ((index * 0.618 + at * 0.37) % 1 * 2 - 1) * half * 0.92,
    y: HIGH - high.value * (at + (index * 0.47 + 0.2) % 1) / STRIPS,
    r: 1.4 + 1.6 * ((index * 7 + at) % 3) / 2,
  }))
}))
const air = computed(() => airIn(mix, heightM.value))
/** Up to here there is next to no air in it. */
const wetM = computed(() => {
  const step = strips.value.find(one => one.air >= airFrom / 2)
  return step ? heightM.value * step.at / STRIPS : heightM.value
})
const percent = (share: number) => `${Math.round(100 * share)} %`
const said = computed(() =>
  `A pot ${quantity('length', heightM.value)} high, watered and drained: ${percent(air.value)} of it is air; water stands in the lowest `
  + `${quantity('length', wetM.value)}.`)

const svg = useTemplateRef<SVGSVGElement>('drawing')
let from: { readonly y: number, readonly heightM: number, readonly perPixel: number } | undefined
function grab(event: PointerEvent): void {
  if (event.button !== 0) return
  const box = svg.value?.getBoundingClientRect()
  const perPixel = box && box.width > 0 ? WIDE / box.width / scale.value : 0.001
  from = { y: event.clientY, heightM: heightM.value, perPixel }
  svg.value?.setPointerCapture(event.pointerId)
}
function move(event: PointerEvent): void {
  if (!from) return
  held.value = Math.min(HIGH_M, Math.max(LOW_M, Math.round((from.heightM + (from.y - event.clientY) * from.perPixel) * 200) / 200))
}
function letGo(): void {
  if (from && held.value !== undefined) emit('height', held.value)
  from = undefined
  held.value = undefined
}
const slid = (event: Event) => { held.value = Number((event.target as HTMLInputElement).value) / 100 }
function set(): void {
  if (held.value !== undefined) emit('height', held.value)
  held.value = undefined
}
</script>

<template>
  <figure class="max-w-sm">
    <svg
      ref="drawing"
      :viewBox="`0 0 ${WIDE} ${HIGH + 8}`"
      class="w-full h-auto touch-none select-none"
      role="img"
      :aria-label="said"
      data-pot
      @pointermove="move"
      @pointerup="letGo"
      @pointercancel="letGo"
    >
      <g
        v-for="strip in strips"
        :key="strip.at"
      >
        <polygon
          :points="strip.points"
          fill="url(#hatch-finished)"
        />
        <polygon
          :points="strip.points"
          fill="var(--ui-info)"
          :fill-opacity="0.75 * strip.full ** 3"
        />
      </g>
      <circle
        v-for="(bubble, index) in bubbles"
        :key="index"
        :cx="bubble.x"
        :cy="bubble.y"
        :r="bubble.r"
        fill="var(--ui-bg)"
        fill-opacity="0.85"
      />
      <path
        :d="outline"
        fill="none"
        stroke="var(--ui-text-highlighted)"
        stroke-width="3"
      />
      <g
        class="cursor-ns-resize"
        data-pot-rim
        @pointerdown="grab"
      >
        <rect
          :x="WIDE / 2 - top / 2 - 10"
          :y="HIGH - high - 24"
          :width="top + 20"
          height="48"
          fill="transparent"
        />
        <line
          :x1="WIDE / 2 - top / 2 - 8"
          :x2="WIDE / 2 + top / 2 + 8"
          :y1="HIGH - high"
          :y2="HIGH - high"
          stroke="var(--ui-text-highlighted)"
          stroke-width="5"
          stroke-linecap="round"
        />
        <path
          :d="`M${WIDE / 2 - 7} ${HIGH - high - 9} l7 -8 l7 8`"
          fill="none"
          stroke="var(--ui-text-highlighted)"
          stroke-width="2.5"
        />
      </g>
    </svg>
    <label class="block">
      <span class="field-label">Height of the pot, {{ quantity('length', heightM) }}</span>
      <input
        type="range"
        class="w-full h-11 accent-[var(--ui-primary)]"
        :min="LOW_M * 100"
        :max="HIGH_M * 100"
        step="0.5"
        :value="heightM * 100"
        data-pot-height
        @input="slid"
        @change="set"
      >
    </label>
    <figcaption class="leading-snug">
      <strong class="font-semibold text-highlighted">{{ percent(air) }} air</strong> once it has drained; water stands in the lowest
      {{ quantity('length', wetM) }}.
    </figcaption>
  </figure>
</template>
