<script setup lang="ts">
import type { ReadyWindow } from '#core/methods/method'

/** From building to ready as a line: today's place on it and the window ahead. */
const { builtAt, window } = defineProps<{ builtAt: string, window: ReadyWindow }>()
const { now } = useGarden()
const say = useSay()

const startMs = computed(() => new Date(builtAt).getTime())
const endMs = computed(() => Math.max(window.to.getTime(), now.value.getTime()) + 5 * 86_400_000)
const at = (moment: number) => 100 * (moment - startMs.value) / (endMs.value - startMs.value)
const open = computed(() => window.from <= now.value)
</script>

<template>
  <div>
    <p class="text-lg leading-snug">
      <span class="aside-note block">{{ open ? 'Ready to test since' : 'Ready between' }}</span>
      <strong class="font-serif font-semibold text-highlighted">{{ open ? say.day(window.from) : say.window(window.from, window.to) }}</strong>
    </p>
    <svg
      viewBox="0 0 100 10"
      preserveAspectRatio="none"
      class="w-full h-5 my-1"
      aria-hidden="true"
    >
      <line
        x1="0"
        x2="100"
        y1="7"
        y2="7"
        stroke="var(--ui-border-accented)"
        stroke-width="1"
        vector-effect="non-scaling-stroke"
      />
      <rect
        :x="at(window.from.getTime())"
        y="2"
        :width="Math.max(1, at(window.to.getTime()) - at(window.from.getTime()))"
        height="6"
        fill="url(#hatch-finished)"
      />
      <line
        :x1="at(now.getTime())"
        :x2="at(now.getTime())"
        y1="0"
        y2="10"
        stroke="var(--ui-text-highlighted)"
        stroke-width="2.5"
        vector-effect="non-scaling-stroke"
      />
    </svg>
    <p class="flex justify-between aside-note">
      <span>built {{ say.day(builtAt) }}</span><span>{{ say.day(window.to) }}</span>
    </p>
    <details>
      <summary class="tap flex items-center cursor-pointer underline underline-offset-3">
        Why then?
      </summary>
      <ul class="space-y-1">
        <li
          v-for="reason in window.reasons"
          :key="reason"
        >
          {{ reason }}
        </li>
        <li class="aside-note">
          An estimate from the stages of the approach and your readings: early and late usual cases, no promise.
        </li>
      </ul>
    </details>
  </div>
</template>
