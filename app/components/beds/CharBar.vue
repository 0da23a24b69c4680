<script setup lang="ts">
import { bedAreaM2, type Bed } from '#core/beds/bed'
import { charShareOfBed, type BedHistory } from '#core/beds/history'
import { BEDS } from '#core/beds/constants'

/** The top layer of a bed cut open: how much of it is char, against what is aimed at and what is too much. */
const {
  bed, history, extraL = 0,
} = defineProps<{ bed: Bed, history: BedHistory, /** Char that would come on top, litres. */ extraL?: number }>()
const { quantity } = useSay()
const share = computed(() => charShareOfBed(bed, history))
const layerL = computed(() => bedAreaM2(bed) * bed.depthM * 1000)
const more = computed(() => share.value + extraL / layerL.value)
const END = BEDS.charCeiling * 1.15
const x = (of: number) => 400 * Math.min(1, of / END)
const percent = (of: number) => `${Math.round(1000 * of) / 10} %`
const said = computed(
  () =>
    `${percent(share.value)} char in the top ${quantity('length', bed.depthM)}; ${percent(BEDS.charTarget)} is aimed at, `
    + `${percent(BEDS.charCeiling)} is too much`,
)
</script>

<template>
  <figure class="max-w-md">
    <svg
      viewBox="0 0 400 46"
      class="w-full h-auto"
      role="img"
      :aria-label="said"
      data-char-bar
    >
      <rect
        width="400"
        height="46"
        fill="var(--ground)"
      />
      <rect
        :width="x(more)"
        height="46"
        fill="url(#hatch-char)"
        fill-opacity="0.45"
      />
      <rect
        :width="x(share)"
        height="46"
        fill="url(#hatch-char)"
      />
      <line
        v-for="limit in [BEDS.charTarget, BEDS.charCeiling]"
        :key="limit"
        :x1="x(limit)"
        :x2="x(limit)"
        y1="0"
        y2="46"
        :stroke="limit === BEDS.charCeiling ? 'var(--heat)' : 'var(--glow)'"
        stroke-width="3"
        :stroke-dasharray="limit === BEDS.charCeiling ? undefined : '6 5'"
      />
    </svg>
    <figcaption class="aside-note leading-snug">
      {{ percent(share) }} char so far{{ extraL > 0 ? `, ${percent(more)} with this` : '' }}; dashed {
      { percent(BEDS.charTarget) }} aimed at, line {{ percent(BEDS.charCeiling) }} too much
    </figcaption>
  </figure>
</template>
