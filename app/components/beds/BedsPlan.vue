<script setup lang="ts">
import type { Bed } from '#core/beds/bed'
import { charShareOfBed, spreadDepthM } from '#core/beds/history'
import { shapeBounds, shapePieces } from '#core/ground/shape'
import { bedWords } from '#core/beds/words'
import { BEDS } from '#core/beds/constants'

/** All beds from above, to one scale: char as its flecks, what was spread within the year as a depth. */
const { beds } = defineProps<{ beds: readonly Bed[] }>()
const { historyOf } = useBeds()
const { now } = useGarden()
const { quantity } = useSay()
/** So much ground side by side: on a narrow screen less, so that names can be read. */
const narrow = useMediaQuery('(max-width: 640px)')
const rowM = computed(() => narrow.value ? 4.6 : 13)
const PATH_M = 0.5
/** A small bed still has room for its name. */
const LEAST_M = 2
const A_YEAR_MS = 365 * 86_400_000

/** The long side lies across; an outline lies as it was drawn. */
const isTurned = ({ ground }: Bed) => ground.shape === 'rectangle' && ground.lengthM > ground.widthM
const sizeOf = (bed: Bed) => {
  const { widthM, depthM } = shapeBounds(bed.ground)
  return isTurned(bed) ? { w: depthM, h: widthM } : { w: widthM, h: depthM }
}
const outlineOf = (bed: Bed, high: number) =>
  shapePieces(bed.ground).map(corners =>
    corners.map(([x, y]) => (isTurned(bed) ? `${y * 100},${x * 100}` : `${x * 100},${(high - y) * 100}`)).join(' '),
  )
/** Laid in rows as they would be walked. */
const laid = computed(() => {
  let [x, y, high] = [0, 0, 0]
  return beds.map((bed) => {
    const { w, h } = sizeOf(bed)
    const room = Math.max(w, LEAST_M)
    if (x > 0 && x + room > rowM.value) [x, y, high] = [0, y + high + 0.8, 0]
    const place = { bed, x, y, w, h }
    x += room + PATH_M
    high = Math.max(high, h)
    return place
  })
})
const width = computed(() => Math.max(4, ...laid.value.map(({ x, w }) => x + Math.max(w, LEAST_M))))
const height = computed(() => Math.max(1, ...laid.value.map(({ y, h }) => y + h + 0.6)))
const yearly = (bed: Bed) =>
  historyOf(bed).filter(({ material, at }) => material?.family === 'finished' && now.value.getTime() - Date.parse(at) < A_YEAR_MS)
const depthOf = (bed: Bed) => spreadDepthM(bed, yearly(bed).reduce((sum, { litres }) => sum + litres, 0))
const shareOf = (bed: Bed) => charShareOfBed(bed, historyOf(bed))
const dose = (bed: Bed) =>
  [
    shareOf(bed) > 0.001 ? `char ${Math.round(1000 * shareOf(bed)) / 10} %` : '',
    depthOf(bed) > 0.0005 ? `compost ${quantity('length', depthOf(bed), 1)} this year` : '',
  ]
    .filter(Boolean)
    .join(', ') || 'nothing so far'
const said = computed(() => `Beds from above: ${beds.map(bed => `${bed.name}, ${bedWords(bed)}, ${dose(bed)}`).join('; ')}`)
</script>

<template>
  <svg
    role="img"
    :aria-label="said"
    :viewBox="`-0.15 -0.15 ${width + 0.3} ${height + 0.2}`"
    class="w-full h-auto"
    :style="{ maxWidth: `${Math.min(1100, width * 100)}px` }"
    data-beds-plan
  >
    <g
      v-for="{ bed, x, y, w, h } in laid"
      :key="bed.id"
      :transform="`translate(${x} ${y})`"
    >
      <template
        v-for="layer in [
          { fill: 'var(--ground)', opacity: 1 },
          { fill: 'url(#hatch-finished)', opacity: depthOf(bed) > 0.0005 ? Math.min(0.95, 0.3 + depthOf(bed) / 0.05) : 0 },
          { fill: 'url(#hatch-char)', opacity: shareOf(bed) > 0.001 ? Math.min(0.95, 0.3 + shareOf(bed) / BEDS.charCeiling) : 0 },
        ]"
        :key="layer.fill"
      >
        <ellipse
          v-if="bed.ground.shape === 'circle'"
          :cx="w / 2"
          :cy="h / 2"
          :rx="w / 2"
          :ry="h / 2"
          :fill="layer.fill"
          :fill-opacity="layer.opacity"
        />
        <g
          v-else
          :fill-opacity="layer.opacity"
          transform="scale(0.01)"
        >
          <polygon
            v-for="points in outlineOf(bed, h)"
            :key="points"
            :points="points"
            :fill="layer.fill"
          />
        </g>
      </template>
      <text
        x="0"
        :y="h + 0.26"
        font-size="0.21"
        font-weight="700"
        font-family="var(--font-serif)"
        fill="var(--ui-text-highlighted)"
      >{{ bed.name }}</text>
      <text
        x="0"
        :y="h + 0.48"
        font-size="0.17"
        fill="var(--ui-text-toned)"
      >{{ dose(bed) }}</text>
    </g>
  </svg>
</template>
