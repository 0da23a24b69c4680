<script setup lang="ts">
import type { Timer } from '#core/methods/contract'
import { timeText } from '#core/units/dates'

/** A clock that runs from a moment: how long so far, against how long it usually takes. It goes on when the device slept. */
const { timer } = defineProps<{ timer: Timer }>()
const now = useNow({ interval: 1000 })
const minutes = computed(() => Math.max(0, (now.value.getTime() - timer.from.getTime()) / 60_000))
const clock = computed(() => {
  const whole = Math.floor(minutes.value)
  const seconds = String(Math.floor((minutes.value - whole) * 60)).padStart(2, '0')
  return whole < 600 ? `${whole}:${seconds}` : `${Math.floor(whole / 60)} h`
})
const at = (min: number) => timeText(new Date(timer.from.getTime() + min * 60_000))
const end = computed(() => Math.max(timer.minutes.high * 1.15, minutes.value))
const share = (min: number) => `${Math.min(100, min / end.value * 100)}%`
</script>

<template>
  <div data-timer>
    <p class="flex flex-wrap items-baseline gap-x-3">
      <span
        class="figure !text-4xl"
        role="timer"
        aria-live="off"
        :aria-label="`${Math.floor(minutes)} minutes so far`"
      >{{ clock }}</span>
      <span>usually between {{ at(timer.minutes.low) }} and {{ at(timer.minutes.high) }},
        <span class="aside-note">{{ timer.label }}</span></span>
    </p>
    <div
      class="relative h-4 mt-1 bg-elevated border border-accented"
      aria-hidden="true"
    >
      <div
        class="absolute inset-y-0 bg-(--color-straw-400)/60"
        :style="{ left: share(timer.minutes.low), width: `calc(${share(timer.minutes.high)} - ${share(timer.minutes.low)})` }"
      />
      <div
        class="absolute inset-y-0 left-0 bg-(--family-char)/80"
        :style="{ width: share(minutes) }"
      />
    </div>
  </div>
</template>
