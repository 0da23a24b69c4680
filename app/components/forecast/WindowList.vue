<script setup lang="ts">
import { addHours } from 'date-fns'
import type { NamedWindow } from '#core/methods/contract'
import { DAY_MS } from '#core/units/time'
import type { KnownBatch } from '~/composables/useGarden'

/** What comes of a batch and when: its windows on one line of time. */
const { known, windows } = defineProps<{ known: KnownBatch, windows: readonly NamedWindow[] }>()
const { now } = useGarden()
const forecasts = useForecastStore()

const busy = computed(() => forecasts.working?.batchId === known.batch.id ? forecasts.working : undefined)
const forecast = computed(() => forecasts.forecastOf(known.batch.id))
/** The window that comes next, and those that wait behind it. */
const next = computed(() => windows.find(({ to }) => to > now.value) ?? windows.at(-1))
const others = computed(() => windows.filter(window => window !== next.value))
const endMs = computed(() => {
  const starts = windows.flatMap(({ id }) => {
    const start = known.batch.foretold?.windows[id] ?? forecast.value?.windows[id]?.start
    return start ? [addHours(new Date(known.batch.began.at), Math.round(start.high * 24)).getTime()] : []
  })
  const last = Math.max(now.value.getTime(), ...windows.map(({ to }) => to.getTime()), ...starts)
  // Where all of it is now, there is still a day to draw.
  return Math.max(Date.parse(known.batch.began.at) + DAY_MS, last + Math.min(5 * DAY_MS, (last - Date.parse(known.batch.began.at)) * 0.1))
})
</script>

<template>
  <section aria-labelledby="windows">
    <h2
      id="windows"
      class="section-rule mb-1"
    >
      {{ windows.length === 1 && windows[0]!.id === 'ready' ? 'When it is ready' : 'What comes when' }}
    </h2>
    <WindowStory
      v-if="next"
      :key="next.id"
      :known="known"
      :window="next"
      :end-ms="endMs"
    />
    <details v-if="others.length > 0">
      <summary class="tap flex items-center cursor-pointer underline underline-offset-3">
        What else comes
      </summary>
      <div class="space-y-3">
        <WindowStory
          v-for="window in others"
          :key="window.id"
          :known="known"
          :window="window"
          :end-ms="endMs"
        />
      </div>
    </details>
    <p
      v-if="busy"
      class="aside-note flex items-center gap-2 min-h-7"
      role="status"
    >
      <progress
        class="w-28"
        :value="busy.share"
        max="1"
        aria-label="working out the forecast"
      />
      {{ forecast ? 'Taking in what was recorded…' : 'Working out the range…' }}
    </p>
    <p
      v-else-if="forecasts.silent && !forecast"
      class="aside-note"
    >
      The closer forecast does not come: the days above are rough. Everything else works.
    </p>
    <!-- What is recorded below stays where it is when the forecast has come. -->
    <p
      v-else
      class="min-h-7"
      aria-hidden="true"
    />
  </section>
</template>
