<script setup lang="ts">
import { addHours } from 'date-fns'
import { dayText } from '#core/units/dates'
import type { KnownBatch } from '~/composables/useGarden'

/** A batch cut open, then, now and to come: drag along time. */
const { known, day } = defineProps<{ known: KnownBatch, day: number }>()
const { surroundings } = useGarden()

const look = computed(() => known.method.life)
const lastDay = computed(() => look.value.lastDay(known.batch, surroundings.value))
const chosen = ref<number>()
const at = computed(() => chosen.value ?? Math.min(day, lastDay.value))
const step = computed(() => lastDay.value > 400 ? 7 : lastDay.value > 12 ? 0.5 : 0.125)
const isNow = computed(() => chosen.value === undefined || Math.abs(chosen.value - day) < step.value / 2 + 0.01)
const shownDay = computed(() => isNow.value ? undefined : chosen.value)
const moment = computed(() => addHours(new Date(known.batch.began.at), Math.round(at.value * 24)))
const picture = computed(() => look.value.picture(known.batch, surroundings.value, shownDay.value))
const words = computed(() => look.value.told(known.batch, surroundings.value, shownDay.value))
const label = computed(() => `day ${Math.round(at.value)}, ${isNow.value ? 'today' : dayText(moment.value)}`)
</script>

<template>
  <figure class="max-w-full">
    <PictureDrawing
      :picture="picture"
      :px-per-metre="215"
      detail
    />
    <div
      v-if="lastDay > 1"
      class="flex items-center gap-2 mt-1"
    >
      <input
        type="range"
        class="time-slide flex-1 min-w-0"
        :min="0"
        :max="lastDay"
        :step="step"
        :value="at"
        :aria-valuetext="label"
        aria-label="Day to look at"
        @input="chosen = Number(($event.target as HTMLInputElement).value)"
      >
      <button
        type="button"
        class="label-button !px-3"
        :disabled="isNow"
        @click="chosen = undefined"
      >
        Today
      </button>
    </div>
    <figcaption
      class="aside-note max-w-md"
      data-then
    >
      {{ words }}
    </figcaption>
  </figure>
</template>

<style scoped>
.time-slide { height: 44px; accent-color: var(--ui-text-highlighted); cursor: ew-resize; }
</style>
