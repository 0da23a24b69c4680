<script setup lang="ts">
import { movedBar, type Strip, type StripBar } from '#core/year/strip'
import { barText } from '#core/year/strip-text'
import { daysBetween } from '#core/units/time'

/** One stock along time: dotted until it may be there, fading in until it surely is. It can be moved, by a finger or by keys. */
const { bar, strip, movedDays, movable, fade } = defineProps<{
  bar: StripBar
  strip: Strip
  /** By so many days it is moved now. */
  movedDays: number
  movable: boolean
  /** The mask by which it fades in. */
  fade: string
}>()
const emit = defineEmits<{ move: [days: number], drop: [days: number] }>()
const { units } = useGarden()

const shown = computed(() => movedBar(bar, movedDays, strip))
const said = computed(() => barText(shown.value, strip, units.value))
const maybe = computed(() => Math.max(strip.today, shown.value.maybe))
const surely = computed(() => Math.max(strip.today, shown.value.surely))
/** No wider than a line can be seen. */
const THIN = 0.003

let from: { readonly x: number, readonly days: number, readonly perPx: number } | undefined
function grab(event: PointerEvent): void {
  const track = event.currentTarget as HTMLElement
  if (!movable || track.clientWidth === 0) return
  track.setPointerCapture(event.pointerId)
  from = { x: event.clientX, days: movedDays, perPx: daysBetween(strip.from, strip.to) / track.clientWidth }
}
function drag(event: PointerEvent): void {
  if (from) emit('move', from.days + Math.round((event.clientX - from.x) * from.perPx))
}
function letGo(): void {
  if (from && movedDays !== 0) emit('drop', movedDays)
  from = undefined
}
const WEEK = 7
function byKey(event: KeyboardEvent): void {
  const by = { ArrowLeft: -WEEK, ArrowRight: WEEK }[event.key]
  if (by !== undefined) {
    event.preventDefault()
    emit('move', movedDays + by)
  }
  else if (event.key === 'Enter' && movedDays !== 0) emit('drop', movedDays)
  else if (event.key === 'Escape') emit('move', 0)
}
</script>

<template>
  <li
    class="pt-0.5"
    :data-bar="bar.id"
  >
    <div class="text-[0.86rem] leading-tight flex gap-2 pl-2.5">
      <NuxtLink
        v-if="bar.kind === 'batch'"
        :to="`/batch/${bar.id}`"
        class="font-semibold underline decoration-dotted underline-offset-2 whitespace-nowrap"
      >{{ bar.name }}</NuxtLink>
      <strong
        v-else
        class="font-semibold"
      >{{ bar.name }}</strong>
      <span class="text-muted truncate">{{ said }}</span>
    </div>
    <component
      :is="movable ? 'button' : 'div'"
      :type="movable ? 'button' : undefined"
      class="block w-full relative h-5"
      :class="movable ? 'cursor-ew-resize touch-pan-y' : ''"
      :aria-label="movable ? `${bar.name}, ${said}: move it with the arrow keys` : undefined"
      @pointerdown="grab($event as PointerEvent)"
      @pointermove="drag($event as PointerEvent)"
      @pointerup="letGo"
      @pointercancel="letGo"
      @keydown="byKey($event as KeyboardEvent)"
    >
      <svg
        class="w-full h-full block"
        aria-hidden="true"
      >
        <line
          :x1="alongText(Math.max(shown.from, bar.kind === 'batch' ? strip.today : 0))"
          :x2="alongText(shown.maybe)"
          y1="50%"
          y2="50%"
          stroke="var(--ui-text-toned)"
          stroke-width="1.6"
          stroke-dasharray="2 5"
        />
        <template v-if="surely > maybe">
          <rect
            :x="alongText(maybe)"
            :width="alongText(surely - maybe)"
            y="3"
            height="14"
            :fill="`url(#hatch-${bar.family})`"
            :mask="`url(#${fade})`"
          />
          <line
            :x1="alongText(maybe)"
            :x2="alongText(surely)"
            y1="17"
            y2="17"
            stroke="var(--ui-text-toned)"
            stroke-width="0.8"
          />
        </template>
        <rect
          :x="alongText(surely)"
          :width="alongText(Math.max(THIN, bar.until - surely))"
          y="3"
          height="14"
          :fill="`url(#hatch-${bar.family})`"
          stroke="var(--ui-text-toned)"
          stroke-width="0.8"
        />
      </svg>
    </component>
  </li>
</template>
