<script setup lang="ts">
import { frontWidthM, type Vessel } from '#core/vessel/vessel'

/** The sides of a vessel, by what they are made of. */
const { vessel, scale } = defineProps<{ vessel: Vessel, scale: number }>()
const widthCm = computed(() => frontWidthM(vessel) * 100)
const heightCm = computed(() => vessel.heightM * 100)
const wallCm = computed(() => ({ 'straw-bales': 22, 'insulated': 9, 'boards': 5, 'plastic': 3, 'wire': 2, 'none': 0 })[vessel.wall] / scale)
const slats = computed(() => {
  const count = Math.max(2, Math.round(heightCm.value / 16))
  return vessel.wall === 'boards' ? Array.from({ length: count }, (_, index) => -heightCm.value * (index + 0.5) / count) : []
})
</script>

<template>
  <g>
    <line
      v-for="y in slats"
      :key="y"
      x1="0"
      :x2="widthCm"
      :y1="y"
      :y2="y"
      stroke="var(--wood-line)"
      stroke-width="9"
      opacity="0.12"
    />
    <template v-if="wallCm > 0">
      <rect
        v-for="x in [-wallCm, widthCm]"
        :key="x"
        :x="x"
        :y="-heightCm"
        :width="wallCm"
        :height="heightCm"
        :fill="vessel.wall === 'straw-bales' ? 'url(#hatch-straw)' : vessel.wall === 'wire' ? 'none' : 'var(--wood-line)'"
        stroke="var(--ui-text-toned)"
        :stroke-width="(vessel.wall === 'wire' ? 1.4 : 0.8) / scale"
        :stroke-dasharray="vessel.wall === 'wire' ? '4 3' : undefined"
      />
    </template>
  </g>
</template>
