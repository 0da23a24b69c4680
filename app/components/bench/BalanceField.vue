<script setup lang="ts">
import type { Comfort } from '#core/mix/judgement'
import type { Ingredient } from '#core/mix/portion'
import type { MixRanges } from '#core/mix/ranges'
import { cloudDots, fieldPoints, fieldScale, NARROW, regionPath, WIDE } from './field'

/** Carbon to nitrogen across, moisture up: every ingredient, the mix, where it is comfortable and how sure that is. */
const { ingredients, ranges, comfort, dryMoisture } = defineProps<{
  ingredients: readonly Ingredient[]
  ranges: MixRanges
  comfort: Comfort
  /** Moisture before water is added. */
  dryMoisture: number
}>()

const narrow = useMediaQuery('(max-width: 639px)')
const scale = computed(() => fieldScale(narrow.value ? NARROW : WIDE))
const FIELD = computed(() => scale.value.frame)
const ratioX = (ratio: number) => scale.value.ratioX(ratio)
const moistureY = (moisture: number) => scale.value.moistureY(moisture)
const points = computed(() => fieldPoints(ingredients, scale.value))
const mix = computed(() => ({ x: ratioX(ranges.typical.carbonToNitrogen), y: moistureY(ranges.typical.moistureFraction), dryY: moistureY(dryMoisture) }))
const dots = computed(() => cloudDots(ranges, scale.value))
const percent = (fraction: number) => `${Math.round(fraction * 100)} %`
const described = computed(() => {
  const { carbonToNitrogen: ratio, moistureFraction: moisture } = ranges.of
  return `The mix stands at ${Math.round(ratio.typical)} to 1 (${Math.round(ratio.low)} to ${Math.round(ratio.high)}) and ${percent(moisture.typical)} moisture. Comfortable is ${comfort.carbonToNitrogen.low} to ${comfort.carbonToNitrogen.high} to 1 and ${percent(comfort.moistureFraction.low)} to ${percent(comfort.moistureFraction.high)}.`
})
const plotBottom = computed(() => FIELD.value.height - FIELD.value.bottom)
const plotRight = computed(() => FIELD.value.width - FIELD.value.right)
const watered = computed(() => mix.value.dryY - mix.value.y > 8)
const clear = computed(() => points.value.map(({ x, y, radius }, index) => {
  // A label goes to the left when another point or the right edge would cover it.
  const crowded = points.value.some((other, at) => at !== index && other.x > x && other.x - x < 110 && Math.abs(other.y - y) < 18)
  return x > plotRight.value - 110 || crowded ? { x: x - radius - 5, anchor: 'end' as const } : { x: x + radius + 5, anchor: 'start' as const }
}))
</script>

<template>
  <figure>
    <svg
      role="img"
      :aria-label="described"
      :viewBox="`0 0 ${FIELD.width} ${FIELD.height}`"
      class="w-full h-auto select-none"
    >
      <rect
        :x="FIELD.left"
        :y="FIELD.top"
        :width="plotRight - FIELD.left"
        :height="plotBottom - FIELD.top"
        fill="var(--sky)"
      />
      <g
        stroke="var(--ui-border)"
        stroke-width="1"
        fill="var(--ui-text-muted)"
        font-size="14"
      >
        <g
          v-for="ratio in [10, 20, 30, 50, 100, 200, 500]"
          :key="ratio"
        >
          <line
            :x1="ratioX(ratio)"
            :x2="ratioX(ratio)"
            :y1="FIELD.top"
            :y2="plotBottom"
            stroke-dasharray="1 5"
          />
          <text
            :x="ratioX(ratio)"
            :y="plotBottom + 18"
            text-anchor="middle"
            stroke="none"
          >{{ ratio }}</text>
        </g>
        <g
          v-for="moisture in [0.2, 0.4, 0.6, 0.8]"
          :key="moisture"
        >
          <line
            :x1="FIELD.left"
            :x2="plotRight"
            :y1="moistureY(moisture)"
            :y2="moistureY(moisture)"
            stroke-dasharray="1 5"
          />
          <text
            :x="FIELD.left - 6"
            :y="moistureY(moisture) + 5"
            text-anchor="end"
            stroke="none"
          >{{ Math.round(moisture * 100) }}</text>
        </g>
      </g>
      <g
        font-size="14"
        fill="var(--ui-text-muted)"
        font-style="italic"
      >
        <text
          :x="FIELD.left"
          :y="FIELD.height - 6"
        >← greener</text>
        <text
          :x="(FIELD.left + plotRight) / 2"
          :y="FIELD.height - 6"
          text-anchor="middle"
        >{{ narrow ? 'carbon to nitrogen' : 'parts of carbon to one of nitrogen' }}</text>
        <text
          :x="plotRight"
          :y="FIELD.height - 6"
          text-anchor="end"
        >browner →</text>
        <text
          :x="FIELD.left + 6"
          :y="FIELD.top + 16"
        >wetter, % water</text>
        <text
          :x="FIELD.left + 6"
          :y="plotBottom - 7"
        >drier</text>
      </g>
      <path
        :d="regionPath(comfort, scale)"
        fill="var(--ui-primary)"
        fill-opacity="0.2"
        stroke="var(--ui-primary)"
        stroke-width="2"
      />
      <circle
        v-for="(dot, index) in dots"
        :key="`dot-${index}`"
        :cx="dot.x"
        :cy="dot.y"
        r="2"
        fill="var(--ui-text)"
        opacity="0.16"
      />
      <g
        v-for="(point, index) in points"
        :key="point.id"
      >
        <line
          :x1="point.x"
          :y1="point.y"
          :x2="mix.x"
          :y2="mix.dryY"
          stroke="var(--ui-text-muted)"
          stroke-width="1.2"
          opacity="0.6"
        />
        <line
          :x1="point.spreadX[0]"
          :x2="point.spreadX[1]"
          :y1="point.y"
          :y2="point.y"
          :stroke="`var(--family-${point.family})`"
          stroke-width="3"
          opacity="0.55"
        />
        <line
          :x1="point.x"
          :x2="point.x"
          :y1="point.spreadY[0]"
          :y2="point.spreadY[1]"
          :stroke="`var(--family-${point.family})`"
          stroke-width="3"
          opacity="0.55"
        />
        <circle
          :cx="point.x"
          :cy="point.y"
          :r="point.radius"
          :fill="`url(#hatch-${point.family})`"
          stroke="var(--ui-text-highlighted)"
          stroke-width="1.3"
        />
        <text
          :x="clear[index]?.x"
          :y="point.y + 5"
          :text-anchor="clear[index]?.anchor"
          font-size="15"
          font-weight="600"
          fill="var(--ui-text-highlighted)"
          paint-order="stroke"
          stroke="var(--sky)"
          stroke-width="4"
        >{{ point.label }}</text>
      </g>
      <g v-if="watered">
        <line
          :x1="mix.x"
          :x2="mix.x"
          :y1="mix.dryY"
          :y2="mix.y + 12"
          stroke="var(--ui-info)"
          stroke-width="3"
        />
        <circle
          :cx="mix.x"
          :cy="mix.dryY"
          r="4"
          fill="var(--ui-info)"
        />
      </g>
      <path
        :d="`M${mix.x} ${mix.y - 12} l12 12 l-12 12 l-12 -12z`"
        fill="var(--ui-text-highlighted)"
        stroke="var(--sky)"
        stroke-width="2.5"
      />
    </svg>
    <figcaption class="aside-note mt-1">
      <span class="inline-block size-3 rotate-45 bg-inverted mr-1.5 align-baseline" />the mix{{ watered ? ', lifted by the water' : '' }} · dots: what it may really be · patch: comfortable
    </figcaption>
    <ul class="sr-only">
      <li
        v-for="{ material } in ingredients"
        :key="material.id"
      >
        {{ material.short }}: {{ material.carbonToNitrogen.typical }} to 1 ({{ material.carbonToNitrogen.low }} to {{ material.carbonToNitrogen.high }}), {{ percent(material.moistureFraction.typical) }} moisture
      </li>
    </ul>
  </figure>
</template>
