<script setup lang="ts">
import type { Primitive } from '#core/picture/picture'
import { frontWidthM, type Vessel } from '#core/vessel/vessel'
import { bandsOf, outlineOf, shellOf, warmthStops } from './cutaway'

/** A fill with its layers, how far they have faded, the glow of its warmth and the shell that is unlike the middle. */
type Part<K extends Primitive['kind']> = Extract<Primitive, { kind: K }>
const { vessel, fill, fading, glow, shell } = defineProps<{
  vessel: Vessel
  fill: Part<'fill'>
  fading?: Part<'fading'>
  glow?: Part<'glow'>
  shell?: Part<'shell'>
}>()

const id = useId()
const bands = computed(() => bandsOf(vessel, fill.bands, fill.heightM))
const outline = computed(() => outlineOf(vessel, fill.heightM, fill.bands.length))
const stops = computed(() => glow ? warmthStops(glow.aboveAirK, glow.depthsK) : [])
const area = computed(() => ({ x: 0, y: -fill.heightM * 100 - 6, width: frontWidthM(vessel) * 100, height: fill.heightM * 100 + 6 }))
const faded = computed(() => fading && fading.share > 0.05 ? Math.min(0.75, fading.share * 1.3) : 0)
</script>

<template>
  <g v-if="fill.heightM > 0.005">
    <defs>
      <clipPath :id="`${id}-clip`">
        <path :d="outline" />
      </clipPath>
      <radialGradient
        :id="`${id}-heat`"
        cx="50%"
        cy="48%"
        r="52%"
      >
        <stop
          v-for="stop in stops"
          :key="stop.offset"
          :offset="`${stop.offset}%`"
          :stop-color="stop.hot ? 'var(--glow)' : 'var(--heat)'"
          :stop-opacity="stop.opacity"
        />
      </radialGradient>
    </defs>
    <path
      v-for="(band, index) in bands"
      :key="index"
      :d="band.path"
      :fill="`url(#hatch-${band.family})`"
      stroke="var(--ui-bg)"
      stroke-width="0.7"
    />
    <g :clip-path="`url(#${id}-clip)`">
      <rect
        v-if="faded > 0"
        v-bind="area"
        :fill="`url(#hatch-${fading!.family})`"
        :opacity="faded"
      />
      <rect
        v-if="stops.length > 0"
        v-bind="area"
        :fill="`url(#${id}-heat)`"
      />
      <path
        v-if="shell"
        :d="shellOf(vessel, fill.heightM, fill.bands.length, shell.thickM * 100)"
        fill-rule="evenodd"
        fill="var(--family-straw)"
        opacity="0.5"
        stroke="var(--ui-text-muted)"
        stroke-width="0.6"
        stroke-dasharray="3 3"
      />
    </g>
    <path
      :d="outline"
      fill="none"
      stroke="var(--ui-text-highlighted)"
      stroke-width="1.1"
    />
  </g>
</template>
