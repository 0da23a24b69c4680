<script setup lang="ts">
import { distanceText, groundSize, groundWords, type GroundPart, type GroundPlan } from '#core/picture/ground'

/** Something seen from above, to scale: channels with what they reach, fields with how full they are, distances. */
const { plan, pxPerMetre = 210 } = defineProps<{ plan: GroundPlan, pxPerMetre?: number }>()
const { units } = useUnits()
const MARGIN_CM = 6
const BESIDE_CM = 62
const size = computed(() => groundSize(plan.ground))
/** Small things are drawn larger. */
const scale = computed(() => Math.max(0.45, Math.min(3, 0.8 / size.value.widthM)))
const half = computed(() => ({ x: size.value.widthM * 50, y: size.value.depthM * 50 }))
/** Measures beside the ground, and pieces that pass its edge, need room. */
const passes = computed(() =>
  Math.max(
    0,
    ...plan.parts.flatMap(part =>
      part.kind === 'sheet'
        ? part.corners.map(([x, y]) => Math.max(Math.abs(x) * 100 - half.value.x, Math.abs(y) * 100 - half.value.y))
        : [],
    ),
  ),
)
const margin = computed(() =>
  plan.parts.some(part => part.kind === 'sheet' || part.kind === 'stem' || part.kind === 'cover')
    ? Math.max(BESIDE_CM, passes.value + MARGIN_CM)
    : MARGIN_CM,
)
const box = computed(() => ({
  x: -half.value.x - margin.value, y: -half.value.y - margin.value, width: 2 * (half.value.x + margin.value),
  height: 2 * (half.value.y + margin.value),
}))
type Part<K extends GroundPart['kind']> = Extract<GroundPart, { kind: K }>
const of = <K extends GroundPart['kind']>(kind: K) => plan.parts.filter((part): part is Part<K> => part.kind === kind)
const distances = computed(() => of('distance').map((part) => {
  const [x1, y1, x2, y2] = [part.fromM[0] * 100, -part.fromM[1] * 100, part.toM[0] * 100, -part.toM[1] * 100]
  return { x1, y1, x2, y2, x: (x1 + x2) / 2, y: (y1 + y2) / 2, text: distanceText(part, units.value) }
}))
const clip = useId()
const points = (corners: readonly (readonly [number, number])[]) => corners.map(([x, y]) => `${x * 100},${-y * 100}`).join(' ')
</script>

<template>
  <svg
    role="img"
    data-from-above
    :aria-label="groundWords(plan, units)"
    :viewBox="`${box.x} ${box.y} ${box.width} ${box.height}`"
    :width="box.width * pxPerMetre * scale / 100"
    :height="box.height * pxPerMetre * scale / 100"
    class="max-w-full h-auto"
  >
    <clipPath :id="clip">
      <circle
        v-if="plan.ground.shape === 'circle'"
        :r="half.x"
      />
      <template v-else-if="plan.ground.shape === 'pieces'">
        <polygon
          v-for="(piece, index) in plan.ground.pieces"
          :key="`clip-${index}`"
          :points="points(piece)"
        />
      </template>
      <rect
        v-else
        :x="-half.x"
        :y="-half.y"
        :width="2 * half.x"
        :height="2 * half.y"
      />
    </clipPath>
    <g :clip-path="`url(#${clip})`">
      <rect
        :x="box.x"
        :y="box.y"
        :width="box.width"
        :height="box.height"
        fill="var(--ui-bg-muted)"
      />
      <rect
        v-for="(one, index) in of('cover')"
        :key="`cover-${index}`"
        :x="one.xM * 100"
        :y="-(one.yM + one.depthM) * 100"
        :width="one.widthM * 100"
        :height="one.depthM * 100"
        :fill="`url(#hatch-${one.family})`"
      />
      <circle
        v-for="(one, index) in of('stem')"
        :key="`clear-${index}`"
        :cx="one.xM * 100"
        :cy="-one.yM * 100"
        :r="one.clearM * 100 + 3"
        fill="var(--ground)"
      />
      <circle
        v-for="(one, index) in of('stem')"
        :key="`stem-${index}`"
        :cx="one.xM * 100"
        :cy="-one.yM * 100"
        r="3"
        fill="var(--ui-text-highlighted)"
      />
      <circle
        v-for="one in of('channel')"
        :key="`reach-${one.number}`"
        :cx="one.xM * 100"
        :cy="-one.yM * 100"
        :r="one.reachM * 100"
        fill="var(--sky)"
        fill-opacity="0.55"
        stroke="var(--ui-text-muted)"
        :stroke-width="0.6 / scale"
        :stroke-dasharray="`${3 / scale} ${3 / scale}`"
      />
      <g
        v-for="one in of('field')"
        :key="one.label"
      >
        <rect
          :x="(one.xM - one.widthM / 2) * 100"
          :y="-(one.yM + one.depthM / 2) * 100"
          :width="one.widthM * 100"
          :height="one.depthM * 100"
          fill="var(--ui-bg)"
          :stroke="one.next ? 'var(--ui-primary)' : 'var(--ui-text-muted)'"
          :stroke-width="(one.next ? 2.2 : 0.6) / scale"
        />
        <rect
          v-if="one.share > 0.01"
          :x="(one.xM - one.widthM / 2 * Math.sqrt(one.share)) * 100"
          :y="-(one.yM + one.depthM / 2 * Math.sqrt(one.share)) * 100"
          :width="one.widthM * Math.sqrt(one.share) * 100"
          :height="one.depthM * Math.sqrt(one.share) * 100"
          :rx="2 / scale"
          :fill="`url(#hatch-${one.family})`"
          stroke="var(--ui-text-toned)"
          :stroke-width="0.5 / scale"
        />
        <circle
          :cx="(one.xM - one.widthM / 2) * 100 + 8 / scale"
          :cy="-(one.yM + one.depthM / 2) * 100 + 8 / scale"
          :r="6.5 / scale"
          fill="var(--ui-bg)"
          :stroke="one.next ? 'var(--ui-primary)' : 'var(--ui-text-muted)'"
          :stroke-width="1 / scale"
        />
        <text
          :x="(one.xM - one.widthM / 2) * 100 + 8 / scale"
          :y="-(one.yM + one.depthM / 2) * 100 + 11.2 / scale"
          text-anchor="middle"
          font-weight="700"
          :font-size="9 / scale"
          fill="var(--ui-text-highlighted)"
        >{{ one.label }}</text>
      </g>
    </g>
    <polygon
      v-for="(one, index) in of('sheet')"
      :key="`sheet-${index}`"
      :points="points(one.corners)"
      :fill="one.missing ? 'var(--ui-bg)' : 'url(#hatch-paper)'"
      :fill-opacity="one.missing ? 0.5 : 0.62"
      :stroke="one.missing ? 'var(--ui-error)' : 'var(--ui-text-toned)'"
      :stroke-width="(one.missing ? 1.4 : 0.8) / scale"
      :stroke-dasharray="one.missing ? `${4 / scale} ${3 / scale}` : undefined"
      :data-sheet="one.missing ? 'missing' : 'own'"
    />
    <template v-if="plan.ground.shape === 'pieces'">
      <polygon
        v-for="(piece, index) in plan.ground.pieces"
        :key="`edge-${index}`"
        :points="points(piece)"
        fill="none"
        stroke="var(--ui-text-highlighted)"
        :stroke-width="2 / scale"
      />
    </template>
    <circle
      v-else-if="plan.ground.shape === 'circle'"
      :r="half.x"
      fill="none"
      stroke="var(--ui-text-highlighted)"
      :stroke-width="2 / scale"
    />
    <rect
      v-else
      :x="-half.x"
      :y="-half.y"
      :width="2 * half.x"
      :height="2 * half.y"
      fill="none"
      stroke="var(--ui-text-highlighted)"
      :stroke-width="2 / scale"
    />
    <g
      v-for="(line, index) in distances"
      :key="`distance-${index}`"
    >
      <line
        :x1="line.x1"
        :y1="line.y1"
        :x2="line.x2"
        :y2="line.y2"
        stroke="var(--ui-text-highlighted)"
        :stroke-width="0.9 / scale"
      />
      <text
        :x="line.x"
        :y="line.y - 2 / scale"
        text-anchor="middle"
        :font-size="8 / scale"
        font-weight="600"
        fill="var(--ui-text-highlighted)"
        paint-order="stroke"
        stroke="var(--ui-bg)"
        :stroke-width="3 / scale"
      >{{ line.text }}</text>
    </g>
    <g
      v-for="one in of('channel')"
      :key="`channel-${one.number}`"
    >
      <circle
        :cx="one.xM * 100"
        :cy="-one.yM * 100"
        :r="one.diameterM * 50"
        fill="var(--ui-bg)"
        stroke="var(--ui-text-highlighted)"
        :stroke-width="(one.pulled ? 1 : 2.4) / scale"
        :stroke-dasharray="one.pulled ? `${2 / scale} ${2 / scale}` : undefined"
      />
      <text
        :x="one.xM * 100"
        :y="-one.yM * 100 + 2.8 / scale"
        text-anchor="middle"
        font-weight="700"
        :font-size="8 / scale"
        fill="var(--ui-text-highlighted)"
      >{{ one.number }}</text>
    </g>
  </svg>
</template>
