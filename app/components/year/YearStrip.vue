<script setup lang="ts">
import { monthText, monthYearText } from '#core/units/dates'
import type { Strip, StripBar } from '#core/year/strip'

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
const id = useId()
const fade = `${id}-fade`
/** With more months than this each has room for three letters. */
const FEW = 4
const comesIn = computed(() => strip.incomes.some(({ litres }) => litres > 0))
const HEAD = 'relative !text-[0.94rem] !font-sans pl-2.5 mt-2'
</script>

<template>
  <section
    aria-label="The year in one drawing"
    class="relative select-none"
    data-strip
  >
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
          :id="fade"
          maskContentUnits="objectBoundingBox"
        ><rect
          width="1"
          height="1"
          :fill="`url(#${id}-in)`"
        /></mask>
      </defs>
    </svg>
    <div class="relative">
      <div
        class="absolute inset-0"
        aria-hidden="true"
      >
        <span
          v-for="month in strip.months"
          :key="month.at"
          class="absolute inset-y-0 border-l border-default"
          :style="{ left: alongText(month.at) }"
        />
        <span
          class="absolute inset-y-0 border-l-3 border-(--ui-text-highlighted)"
          :style="{ left: alongText(strip.today) }"
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
          :style="{ width: alongText(month.to - month.at) }"
        >
          {{ strip.months.length > FEW ? monthText(month.first).slice(0, 3) : monthYearText(month.first) }}
        </li>
      </ol>
      <template v-if="comesIn">
        <h2 :class="HEAD">
          Comes in
        </h2>
        <StripIncomes :strip="strip" />
      </template>
      <template v-if="strip.bars.length > 0">
        <h2 :class="HEAD">
          Stands, and comes
        </h2>
        <ul class="relative">
          <StripStock
            v-for="bar in strip.bars"
            :key="bar.id"
            :bar="bar"
            :strip="strip"
            :moved-days="moved?.id === bar.id ? moved.days : 0"
            :movable="movable(bar)"
            :fade="fade"
            @move="emit('move', bar.id, $event)"
            @drop="emit('drop', bar.id, $event)"
          />
        </ul>
      </template>
      <template v-if="strip.needs.length > 0">
        <h2 :class="HEAD">
          Is wanted
        </h2>
        <StripWanted :strip="strip" />
      </template>
    </div>
    <StripKey :fade="fade" />
  </section>
</template>
