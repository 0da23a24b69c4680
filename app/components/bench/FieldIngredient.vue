<script setup lang="ts">
import type { FieldPoint } from './field'

/** One ingredient on the field: where it stands, how far its values spread, and that it can be pulled. */
const { point, label, pulled, count, end, said } = defineProps<{
  point: FieldPoint
  label: { readonly x: number, readonly anchor: 'start' | 'end' }
  pulled: boolean
  count: number
  end: number
  /** What the mix is at this count, for those who cannot see it. */
  said: string
}>()
const emit = defineEmits<{ grab: [event: PointerEvent], take: [], step: [by: number], to: [count: number] }>()

const KEYS: Readonly<Record<string, () => void>> = {
  ArrowRight: () => emit('step', 1), ArrowUp: () => emit('step', 1), ArrowLeft: () => emit('step', -1), ArrowDown: () => emit('step', -1),
  PageUp: () => emit('step', 4), PageDown: () => emit('step', -4), Home: () => emit('to', 0), End: () => emit('to', end),
}
function key(event: KeyboardEvent): void {
  const act = KEYS[event.key]
  if (!act) return
  event.preventDefault()
  act()
}
</script>

<template>
  <g
    role="slider"
    tabindex="0"
    class="field-ingredient"
    :data-pull="point.id"
    :aria-label="`how much ${point.label}`"
    :aria-valuenow="count"
    aria-valuemin="0"
    :aria-valuemax="end"
    :aria-valuetext="said"
    aria-orientation="horizontal"
    @focus="emit('take')"
    @keydown="key"
    @pointerdown="event => emit('grab', event)"
  >
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
    <!-- A finger is wider than a small share of the mix. -->
    <circle
      :cx="point.x"
      :cy="point.y"
      r="24"
      fill="transparent"
    />
    <circle
      :cx="point.x"
      :cy="point.y"
      :r="point.radius"
      :fill="`url(#hatch-${point.family})`"
      stroke="var(--ui-text-highlighted)"
      :stroke-width="pulled ? 3.5 : 1.3"
      class="field-dot"
    />
    <text
      :x="label.x"
      :y="point.y + 5"
      :text-anchor="label.anchor"
      font-size="15"
      font-weight="600"
      fill="var(--ui-text-highlighted)"
      paint-order="stroke"
      stroke="var(--sky)"
      stroke-width="4"
    >
      {{ point.label }}
    </text>
  </g>
</template>

<style scoped>
.field-ingredient { cursor: grab; touch-action: none; outline: none; }
.field-ingredient:focus-visible .field-dot { stroke: var(--ui-primary); stroke-width: 4.5; }
</style>
