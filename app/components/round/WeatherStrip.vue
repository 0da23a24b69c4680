<script setup lang="ts">
import { format } from 'date-fns'

/** The days ahead in one line: lows, highs and rain. */
const { days, reached, usualC } = useWeather()
const { quantity, span } = useSay()
const { settings } = useGarden()
</script>

<template>
  <div class="min-w-0 max-w-full">
    <ul
      v-if="days"
      class="flex gap-4 overflow-x-auto"
      aria-label="Weather of the coming days, simulated"
      tabindex="0"
    >
      <li
        v-for="(one, index) in days"
        :key="one.at.getTime()"
        class="shrink-0 leading-tight"
      >
        <span class="aside-note block">{{ index === 0 ? 'today' : format(one.at, 'EEE') }}</span>
        <span class="block whitespace-nowrap">{{ span('temperature', one.minC, one.maxC) }}</span>
        <span
          class="block whitespace-nowrap"
          :class="one.rainMm >= 0.5 ? 'text-info font-semibold' : 'aside-note'"
        >{{ one.rainMm >= 0.5 ? quantity('rain', one.rainMm) : 'dry' }}</span>
      </li>
    </ul>
    <p
      v-else-if="reached === false"
      class="aside-note"
    >
      No weather from here. Usual for the season: {{ quantity('temperature', usualC) }}.
    </p>
    <p
      v-if="days"
      class="aside-note mt-1"
    >
      Made-up weather for “{{ settings.climate.name.toLowerCase() }}”.
    </p>
  </div>
</template>
