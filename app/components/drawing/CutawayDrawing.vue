<script setup lang="ts">
import { frontWidthM, type Vessel } from '#core/vessel/vessel'
import { bandsOf, outlineOf, warmthStops, type DrawnLayer } from './cutaway'

/** A heap cut open, to scale: vessel, layers, height of fill and warmth. From thumbnail to full picture. */
const props = withDefaults(defineProps<{
  vessel: Vessel
  layers: readonly DrawnLayer[]
  fillM: number
  /** Height when built; drawn as a faint line when it has sunk. */
  builtM?: number
  coreC?: number
  ambientC?: number
  /** Warmth by depth from the core outwards; without it a usual glow is drawn around the core. */
  depthsC?: readonly number[]
  /** Share of what can rot that has rotted: the layers fade into compost. */
  usedShare?: number
  label: string
  pxPerMetre?: number
  ruler?: boolean
}>(), { builtM: undefined, coreC: undefined, ambientC: 15, depthsC: undefined, usedShare: 0, pxPerMetre: 70, ruler: false })

const { quantity } = useSay()
const id = useId()
const MARGIN_CM = 14
const GROUND_CM = 13

const widthCm = computed(() => frontWidthM(props.vessel) * 100)
const topCm = computed(() => Math.max(props.vessel.heightM, props.fillM, props.builtM ?? 0) * 100 + 12)
const rulerCm = computed(() => props.ruler ? 34 : 0)
const box = computed(() => ({ x: -MARGIN_CM, y: -topCm.value, width: widthCm.value + 2 * MARGIN_CM + rulerCm.value, height: topCm.value + GROUND_CM }))
const bands = computed(() => bandsOf(props.vessel, props.layers, props.fillM))
const outline = computed(() => outlineOf(props.vessel, props.fillM, props.layers.length))
const warmth = computed(() => props.coreC === undefined ? 0 : Math.min(1, Math.max(0, (props.coreC - props.ambientC) / 48)))
const stops = computed(() => warmthStops(props.depthsC, props.ambientC, warmth.value))
const vesselCm = computed(() => props.vessel.heightM * 100)
const slats = computed(() => Array.from({ length: Math.max(2, Math.round(vesselCm.value / 16)) }, (_, index) => -vesselCm.value * (index + 0.5) / Math.max(2, Math.round(vesselCm.value / 16))))
const wallCm = computed(() => ({ 'straw-bales': 22, 'insulated': 9, 'boards': 5, 'plastic': 3, 'wire': 2, 'none': 0 })[props.vessel.wall])
const marks = computed(() => Array.from({ length: Math.floor(topCm.value / 20) + 1 }, (_, index) => index * 20).filter(mark => mark > 0 && mark <= topCm.value - 8))
</script>

<template>
  <svg
    role="img"
    :aria-label="label"
    :viewBox="`${box.x} ${box.y} ${box.width} ${box.height}`"
    :width="box.width * pxPerMetre / 100"
    :height="box.height * pxPerMetre / 100"
    class="max-w-full h-auto"
  >
    <defs>
      <clipPath :id="`${id}-clip`"><path :d="outline" /></clipPath>
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
    <g v-if="vessel.wall === 'boards'">
      <line
        v-for="y in slats"
        :key="y"
        x1="0"
        :x2="widthCm"
        :y1="y"
        :y2="y"
        stroke="var(--wood-line)"
        stroke-width="9"
        opacity="0.16"
      />
    </g>
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
        v-if="usedShare > 0.05"
        x="0"
        :y="-fillM * 100 - 6"
        :width="widthCm"
        :height="fillM * 100 + 6"
        fill="url(#hatch-finished)"
        :opacity="Math.min(0.75, usedShare * 1.3)"
      />
      <rect
        x="0"
        :y="-fillM * 100 - 6"
        :width="widthCm"
        :height="fillM * 100 + 6"
        :fill="`url(#${id}-heat)`"
      />
    </g>
    <path
      :d="outline"
      fill="none"
      stroke="var(--ui-text-highlighted)"
      stroke-width="1.1"
    />
    <line
      v-if="builtM && builtM - fillM > 0.04"
      x1="0"
      :x2="widthCm"
      :y1="-builtM * 100"
      :y2="-builtM * 100"
      stroke="var(--ui-text-muted)"
      stroke-width="1"
      stroke-dasharray="5 4"
    />
    <g v-if="wallCm > 0">
      <rect
        v-for="x in [-wallCm, widthCm]"
        :key="x"
        :x="x"
        :y="-vesselCm"
        :width="wallCm"
        :height="vesselCm"
        :fill="vessel.wall === 'straw-bales' ? 'url(#hatch-straw)' : vessel.wall === 'wire' ? 'none' : 'var(--wood-line)'"
        stroke="var(--ui-text-toned)"
        :stroke-width="vessel.wall === 'wire' ? 1.4 : 0.8"
        :stroke-dasharray="vessel.wall === 'wire' ? '4 3' : undefined"
      />
    </g>
    <rect
      :x="box.x"
      y="0"
      :width="box.width"
      :height="GROUND_CM"
      fill="var(--ground)"
    />
    <circle
      v-for="index in Math.round(box.width / 9)"
      :key="`fleck-${index}`"
      :cx="box.x + index * 9 - 4"
      :cy="4 + (index * 37) % 7"
      :r="0.7 + (index % 3) * 0.3"
      fill="var(--ground-fleck)"
    />
    <g
      v-if="ruler"
      font-size="7.5"
      fill="var(--ui-text-muted)"
    >
      <g
        v-for="mark in marks"
        :key="mark"
      >
        <line
          :x1="widthCm + MARGIN_CM + 1"
          :x2="widthCm + MARGIN_CM + (mark % 100 === 0 ? 9 : 5)"
          :y1="-mark"
          :y2="-mark"
          stroke="var(--ui-text-muted)"
          stroke-width="0.8"
        />
        <text
          v-if="mark % 40 === 0 && mark > 0"
          :x="widthCm + MARGIN_CM + 11"
          :y="-mark + 2.6"
        >{{ quantity('length', mark / 100) }}</text>
      </g>
    </g>
    <g
      v-if="coreC !== undefined && ruler"
      font-size="11"
      font-weight="700"
      text-anchor="middle"
    >
      <rect
        :x="widthCm / 2 - 24"
        :y="-fillM * 52 - 9"
        width="48"
        height="17"
        rx="2"
        fill="var(--sky)"
        stroke="var(--ui-text-highlighted)"
        stroke-width="0.8"
      />
      <text
        :x="widthCm / 2"
        :y="-fillM * 52 + 3.6"
        fill="var(--ui-text-highlighted)"
      >{{ quantity('temperature', coreC) }}</text>
    </g>
  </svg>
</template>
