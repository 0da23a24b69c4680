<script setup lang="ts">
import { DAY_MS } from '#core/units/time'
import { monthText, monthYearText, shortDayText } from '#core/units/dates'
import type { Strip, StripBar } from '#core/year/strip'
import { surenessOf } from '#core/year/words'

/**
 * The year in one drawing: what comes in, what stands and fades in where nobody is sure, what is wanted and what of it is short.
 * What stands can be moved along time, to see what that does.
 */
const { strip, moved, movable } = defineProps<{
  strip: Strip
  /** What is being moved, and by how many days. */
  moved?: { readonly id: string, readonly days: number } | undefined
  movable: (bar: StripBar) => boolean
}>()
const emit = defineEmits<{ move: [id: string, days: number], drop: [id: string, days: number] }>()
const { quantity } = useSay()
const id = useId()

const days = computed(() => (strip.to.getTime() - strip.from.getTime()) / DAY_MS)
const pct = (along: number) => `${(100 * along).toFixed(2)}%`
const mostIn = computed(() => Math.max(1, ...strip.incomes.map(({ litres }) => litres)))
const mostWanted = computed(() => Math.max(1, ...strip.needs.map(({ litres }) => litres)))
const dateAt = (along: number) => new Date(strip.from.getTime() + along * days.value * DAY_MS)

/** From the ground up, one family on the other. */
const columns = computed(() => strip.incomes.flatMap(({ at, to, by }) => {
  let below = 0
  return by.map(({ family, litres }) => {
    const height = 100 * litres / mostIn.value
    below += height
    return { key: `${at} ${family}`, family, x: at, width: to - at, y: 100 - below, height }
  })
}))
/** Needs side by side where they lie on one another. */
const steps = computed(() => {
  const lanes: number[] = []
  return [...strip.needs].sort((a, b) => a.from - b.from).map((need) => {
    const free = lanes.findIndex(end => end <= need.from + 1e-6)
    const lane = free < 0 ? lanes.length : free
    lanes[lane] = need.to
    return { ...need, lane, height: 14 + 42 * Math.sqrt(need.litres / mostWanted.value) }
  })
})
const lanesCount = computed(() => Math.max(1, ...steps.value.map(({ lane }) => lane + 1)))
const LANE_PX = 66

/** A bar where it would be after it was moved. */
function shown(bar: StripBar): StripBar {
  if (moved?.id !== bar.id) return bar
  const by = moved.days / days.value
  const at = (along: number) => Math.min(1, Math.max(0, along + by))
  return { ...bar, maybe: at(bar.maybe), surely: at(bar.surely), from: bar.kind === 'batch' ? bar.from : at(bar.from) }
}
function said(bar: StripBar): string {
  const { maybe, surely, litres } = shown(bar)
  const when = surely <= strip.today
    ? 'there now'
    : surely >= 1
      ? `perhaps from ${shortDayText(dateAt(maybe))}`
      : `between ${shortDayText(dateAt(maybe))} and ${shortDayText(dateAt(surely))}`
  return `${quantity('volume', litres)}, ${when}`
}

const incomeText = computed(() => strip.incomes
  .filter(({ litres }) => litres > 0)
  .map(({ at, litres }) => `${monthText(dateAt(at + 0.001))} ${quantity('volume', litres)}`)
  .join(', '))

const track = useTemplateRef('track')
let from: { readonly id: string, readonly x: number, readonly days: number } | undefined
function grab(event: PointerEvent, bar: StripBar): void {
  if (!movable(bar)) return
  ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
  from = { id: bar.id, x: event.clientX, days: moved?.id === bar.id ? moved.days : 0 }
}
function drag(event: PointerEvent): void {
  const width = track.value?.clientWidth ?? 0
  if (!from || width === 0) return
  emit('move', from.id, from.days + Math.round((event.clientX - from.x) / width * days.value))
}
function letGo(): void {
  if (from && moved?.id === from.id && moved.days !== 0) emit('drop', from.id, moved.days)
  from = undefined
}
const WEEK = 7
function byKey(event: KeyboardEvent, bar: StripBar): void {
  const by = { ArrowLeft: -WEEK, ArrowRight: WEEK }[event.key]
  if (by !== undefined) {
    event.preventDefault()
    emit('move', bar.id, (moved?.id === bar.id ? moved.days : 0) + by)
  }
  else if (event.key === 'Enter' && moved?.id === bar.id) emit('drop', bar.id, moved.days)
  else if (event.key === 'Escape') emit('move', bar.id, 0)
}
</script>

<template>
  <section
    aria-label="The year in one drawing"
    class="relative select-none avoid-break"
    data-strip
  >
    <div
      ref="track"
      class="relative"
    >
      <div
        class="absolute inset-0"
        aria-hidden="true"
      >
        <span
          v-for="month in strip.months"
          :key="month.at"
          class="absolute inset-y-0 border-l border-default"
          :style="{ left: pct(month.at) }"
        />
        <span
          class="absolute inset-y-0 border-l-3 border-(--ui-text-highlighted)"
          :style="{ left: pct(strip.today) }"
        />
      </div>
      <ol
        class="relative flex"
        aria-hidden="true"
      >
        <li
          v-for="month in strip.months"
          :key="month.at"
          class="pl-2 text-[0.86rem] text-toned overflow-hidden"
          :style="{ width: pct(month.to - month.at) }"
        >
          {{ strip.months.length > 4 ? monthText(month.first).slice(0, 3) : monthYearText(month.first) }}
        </li>
      </ol>

      <template v-if="strip.incomes.some(({ litres }) => litres > 0)">
        <h2 class="relative !text-[0.94rem] !font-sans pl-2.5 mt-1">
          Comes in
        </h2>
        <svg
          class="relative w-full h-16 block"
          viewBox="0 0 1 100"
          preserveAspectRatio="none"
          role="img"
          :aria-label="incomeText"
        />
        <svg
          class="absolute w-full h-16 -mt-16"
          aria-hidden="true"
        >
          <rect
            v-for="column in columns"
            :key="column.key"
            :x="pct(column.x + 0.004)"
            :width="pct(Math.max(0.002, column.width - 0.008))"
            :y="`${column.y}%`"
            :height="`${column.height}%`"
            :fill="`url(#hatch-${column.family})`"
            stroke="var(--ui-text-toned)"
            stroke-width="0.8"
          />
        </svg>
      </template>

      <template v-if="strip.bars.length > 0">
        <h2 class="relative !text-[0.94rem] !font-sans pl-2.5 mt-2">
          Stands, and comes
        </h2>
        <svg
          class="absolute w-0 h-0"
          aria-hidden="true"
        >
          <defs>
            <linearGradient :id="`${id}-in`"><stop
              offset="0"
              stop-color="white"
              stop-opacity="0.12"
            /><stop
              offset="1"
              stop-color="white"
            /></linearGradient>
            <mask
              :id="`${id}-fade`"
              maskContentUnits="objectBoundingBox"
            ><rect
              width="1"
              height="1"
              :fill="`url(#${id}-in)`"
            /></mask>
          </defs>
        </svg>
        <ul class="relative">
          <li
            v-for="bar in strip.bars"
            :key="bar.id"
            class="pt-0.5"
            :data-bar="bar.id"
          >
            <div
              class="text-[0.86rem] leading-tight flex gap-2 pl-2.5"
            >
              <NuxtLink
                v-if="bar.kind === 'batch'"
                :to="`/batch/${bar.id}`"
                class="font-semibold underline decoration-dotted underline-offset-2 whitespace-nowrap"
              >{{ bar.name }}</NuxtLink>
              <strong
                v-else
                class="font-semibold"
              >{{ bar.name }}</strong>
              <span class="text-muted truncate">{{ said(bar) }}</span>
            </div>
            <component
              :is="movable(bar) ? 'button' : 'div'"
              :type="movable(bar) ? 'button' : undefined"
              class="block w-full relative h-5"
              :class="movable(bar) ? 'cursor-ew-resize touch-pan-y' : ''"
              :aria-label="movable(bar) ? `${bar.name}, ${said(bar)}: move it with the arrow keys` : undefined"
              @pointerdown="grab($event as PointerEvent, bar)"
              @pointermove="drag($event as PointerEvent)"
              @pointerup="letGo"
              @pointercancel="letGo"
              @keydown="byKey($event as KeyboardEvent, bar)"
            >
              <svg
                class="w-full h-full block"
                aria-hidden="true"
              >
                <line
                  :x1="pct(Math.max(shown(bar).from, bar.kind === 'batch' ? strip.today : 0))"
                  :x2="pct(shown(bar).maybe)"
                  y1="50%"
                  y2="50%"
                  stroke="var(--ui-text-toned)"
                  stroke-width="1.6"
                  stroke-dasharray="2 5"
                />
                <rect
                  v-if="shown(bar).surely > shown(bar).maybe"
                  :x="pct(Math.max(strip.today, shown(bar).maybe))"
                  :width="pct(Math.max(0, shown(bar).surely - Math.max(strip.today, shown(bar).maybe)))"
                  y="3"
                  height="14"
                  :fill="`url(#hatch-${bar.family})`"
                  :mask="`url(#${id}-fade)`"
                />
                <line
                  v-if="shown(bar).surely > shown(bar).maybe"
                  :x1="pct(Math.max(strip.today, shown(bar).maybe))"
                  :x2="pct(shown(bar).surely)"
                  y1="17"
                  y2="17"
                  stroke="var(--ui-text-toned)"
                  stroke-width="0.8"
                />
                <rect
                  :x="pct(Math.max(strip.today, shown(bar).surely))"
                  :width="pct(Math.max(0.003, bar.until - Math.max(strip.today, shown(bar).surely)))"
                  y="3"
                  height="14"
                  :fill="`url(#hatch-${bar.family})`"
                  stroke="var(--ui-text-toned)"
                  stroke-width="0.8"
                />
              </svg>
            </component>
          </li>
        </ul>
      </template>

      <template v-if="steps.length > 0">
        <h2 class="relative !text-[0.94rem] !font-sans pl-2.5 mt-2">
          Is wanted
        </h2>
        <ul
          class="relative"
          :style="{ height: `${lanesCount * LANE_PX}px` }"
        >
          <li
            v-for="need in steps"
            :key="need.id"
            class="absolute"
            :style="{ left: pct(need.from), width: pct(need.to - need.from), top: `${need.lane * LANE_PX}px`, height: `${LANE_PX}px` }"
            :data-step="need.id"
          >
            <svg
              class="absolute inset-x-0 bottom-0 w-full"
              :height="need.height"
              role="img"
              :aria-label="`${need.name}: ${quantity('volume', need.litres)}, ${quantity('volume', need.share * need.litres)} of it there`"
            >
              <rect
                x="1"
                y="1"
                width="100%"
                :height="need.height - 2"
                style="width: calc(100% - 2px)"
                :fill="surenessOf(need.chance) === 'sure' || surenessOf(need.chance) === 'likely' ? 'none' : 'url(#hatch-paper)'"
                fill-opacity="0.35"
                :stroke="need.chance < 0.5 ? 'var(--ui-error)' : 'var(--ui-text-toned)'"
                stroke-width="2"
                :stroke-dasharray="need.share > 0.98 ? undefined : '5 4'"
              />
              <rect
                x="1"
                :y="1 + (need.height - 2) * (1 - need.share)"
                style="width: calc(100% - 2px)"
                :height="(need.height - 2) * need.share"
                fill="url(#hatch-finished)"
              />
            </svg>
          </li>
        </ul>
      </template>
    </div>
    <p class="aside-note mt-2 flex flex-wrap gap-x-5 gap-y-1 items-center">
      <span class="inline-flex items-center gap-2"><svg
        width="44"
        height="14"
        aria-hidden="true"
      ><rect
        width="44"
        height="14"
        fill="url(#hatch-finished)"
        :mask="`url(#${id}-fade)`"
      /></svg>perhaps there</span>
      <span class="inline-flex items-center gap-2"><svg
        width="26"
        height="18"
        aria-hidden="true"
      ><rect
        x="1"
        y="1"
        width="24"
        height="16"
        fill="none"
        stroke="var(--ui-error)"
        stroke-width="2"
        stroke-dasharray="5 4"
      /><rect
        x="1"
        y="9"
        width="24"
        height="8"
        fill="url(#hatch-finished)"
      /></svg>wanted: the open part is short</span>
    </p>
  </section>
</template>
