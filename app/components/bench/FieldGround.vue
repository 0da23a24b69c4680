<script setup lang="ts">
import type { Comfort } from '#core/mix/judgement'
import { regionPath, type FieldScale } from './field'

/** The ground of the balance field: paper, grid, words at the edges and the patch where a mix is comfortable. */
const { scale, comfort, narrow, wettest } = defineProps<{
  scale: FieldScale
  comfort: Comfort
  narrow: boolean
  /** Moisture up to which this stuff still works. */ wettest: number
}>()
/** Where a mix still works, around where it is comfortable. */
const works = computed<Comfort>(() => ({
  ...comfort, carbonToNitrogen: { ...comfort.carbonToNitrogen, low: comfort.carbonToNitrogen.least, high: comfort.carbonToNitrogen.most },
  moistureFraction: { ...comfort.moistureFraction, high: Math.max(comfort.moistureFraction.high, wettest) },
}))
const frame = computed(() => scale.frame)
const bottom = computed(() => frame.value.height - frame.value.bottom)
const right = computed(() => frame.value.width - frame.value.right)
</script>

<template>
  <g>
    <rect
      :x="frame.left"
      :y="frame.top"
      :width="right - frame.left"
      :height="bottom - frame.top"
      fill="var(--sky)"
    />
    <g
      stroke="var(--ui-border)"
      stroke-width="1"
      fill="var(--ui-text-muted)"
      font-size="14"
    >
      <g
        v-for="ratio in scale.marks"
        :key="ratio"
      >
        <line
          :x1="scale.ratioX(ratio)"
          :x2="scale.ratioX(ratio)"
          :y1="frame.top"
          :y2="bottom"
          stroke-dasharray="1 5"
        />
        <text
          :x="scale.ratioX(ratio)"
          :y="bottom + 18"
          text-anchor="middle"
          stroke="none"
        >
          {{ ratio }}
        </text>
      </g>
      <g
        v-for="moisture in [0.2, 0.4, 0.6, 0.8]"
        :key="moisture"
      >
        <line
          :x1="frame.left"
          :x2="right"
          :y1="scale.moistureY(moisture)"
          :y2="scale.moistureY(moisture)"
          stroke-dasharray="1 5"
        />
        <text
          :x="frame.left - 6"
          :y="scale.moistureY(moisture) + 5"
          text-anchor="end"
          stroke="none"
        >
          {{ Math.round(moisture * 100) }}
        </text>
      </g>
    </g>
    <g
      font-size="14"
      fill="var(--ui-text-muted)"
      font-style="italic"
    >
      <text
        :x="frame.left"
        :y="frame.height - 6"
      >
        ← greener
      </text>
      <text
        :x="(frame.left + right) / 2"
        :y="frame.height - 6"
        text-anchor="middle"
      >
        {{ narrow ? 'carbon to nitrogen' : 'parts of carbon to one of nitrogen, of what decays' }}
      </text>
      <text
        :x="right"
        :y="frame.height - 6"
        text-anchor="end"
      >
        browner →
      </text>
      <text
        :x="frame.left + 6"
        :y="frame.top + 16"
      >
        wetter, % water
      </text>
      <text
        :x="frame.left + 6"
        :y="bottom - 7"
      >
        drier
      </text>
    </g>
    <path
      :d="regionPath(works, scale)"
      fill="none"
      stroke="var(--ui-primary)"
      stroke-width="1.5"
      stroke-dasharray="5 4"
    />
    <path
      :d="regionPath(comfort, scale)"
      fill="var(--ui-primary)"
      fill-opacity="0.2"
      stroke="var(--ui-primary)"
      stroke-width="2"
    />
  </g>
</template>
