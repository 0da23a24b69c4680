<script setup lang="ts">
import { shortWeekdayText, monthText } from '#core/units/dates'

/** The days ahead in one line where a station tells them; otherwise what is usual, what was noted, and a place to note today. */
const { days, madeUp, usualC, usualRainMm, today, notable, note, askAgain } = useWeather()
const { quantity, span } = useSay()
const { settings, now } = useGarden()
const noting = ref(false)
/** On a phone today stands in one line, and the days after it behind a tap. */
const narrow = useMediaQuery('(max-width: 639px)')
const ahead = ref(false)
const rainText = (rainMm: number) => (rainMm >= 0.5 ? quantity('rain', rainMm) : 'dry')
const values = ref({ minC: 0, maxC: 0, rainMm: 0 })
const day = ref('')
/** What was noted of the day, else what is usual. */
function take(): void {
  const usual = Math.round(usualC.value)
  const noted = notable.value.find(one => one.day === day.value)?.noted
  values.value = noted ? { ...noted } : { minC: usual - 4, maxC: usual + 4, rainMm: 0 }
}
function begin(): void {
  day.value = notable.value[0]?.day ?? ''
  take()
  noting.value = !noting.value
}
async function save(): Promise<void> {
  await note({ ...values.value, day: day.value })
  noting.value = false
}
onMounted(askAgain)
const dayName = (index: number, at: Date) => index === 0 ? 'today' : index === 1 ? 'yesterday' : shortWeekdayText(at)
</script>

<template>
  <div
    class="min-w-0 max-w-full min-h-11 sm:min-h-23"
  >
    <button
      v-if="days?.[0] && narrow"
      type="button"
      class="tap flex items-center gap-2"
      :aria-expanded="ahead"
      data-weather-ahead
      @click="ahead = !ahead"
    >
      today {{ span('temperature', days[0].minC, days[0].maxC) }}, {{ rainText(days[0].rainMm) }}
      <UIcon
        :name="ahead ? 'i-ph-caret-up' : 'i-ph-caret-down'"
        class="size-5"
      />
    </button>
    <ul
      v-if="days && (ahead || !narrow)"
      class="flex gap-4 overflow-x-auto"
      aria-label="Weather of the coming days, simulated"
      tabindex="0"
    >
      <li
        v-for="(one, index) in days"
        :key="one.at.getTime()"
        class="shrink-0 leading-tight"
      >
        <span class="aside-note block">{{ index === 0 ? 'today' : shortWeekdayText(one.at) }}</span>
        <span class="block whitespace-nowrap">{{ span('temperature', one.minC, one.maxC) }}</span>
        <span
          class="block whitespace-nowrap"
          :class="one.rainMm >= 0.5 ? 'text-info font-semibold' : 'aside-note'"
        >{{ rainText(one.rainMm) }}</span>
      </li>
    </ul>
    <p
      v-if="madeUp && (ahead || !narrow || !days)"
      class="aside-note mt-1"
    >
      {{ days ? 'Made-up weather' : 'No weather from here: reckoned with what is usual' }} for “{{ settings.climate.name.toLowerCase() }}”.
    </p>
    <template v-else-if="!madeUp">
      <p class="aside-note">
        <template v-if="today">
          Noted today: {{ span('temperature', today.minC, today.maxC) }},
          {{ rainText(today.rainMm) }}.
        </template>
        <template v-else>
          Reckoned with a usual {{ monthText(now) }}: {{ quantity('temperature', usualC) }}, {{ quantity('rain', usualRainMm) }} of rain in
          the month.
        </template>
        <button
          type="button"
          class="tap underline underline-offset-3 decoration-dotted"
          :aria-expanded="noting"
          data-note-weather
          @click="begin"
        >
          {{ today ? 'set it right' : 'note the weather' }}
        </button>
      </p>
      <form
        v-if="noting"
        class="flex flex-wrap gap-3 items-end"
        @submit.prevent="save"
      >
        <label class="block">
          <span class="field-label">Day</span>
          <select
            v-model="day"
            class="text-field"
            data-weather-day
            @change="take"
          >
            <option
              v-for="(one, index) in notable"
              :key="one.day"
              :value="one.day"
            >
              {{ dayName(index, one.at) }}{{ one.noted ? ', noted' : '' }}
            </option>
          </select>
        </label>
        <QuantityNumber
          v-model="values.minC"
          quantity="temperature"
          label="Coldest"
          :min="-60"
          :max="60"
        />
        <QuantityNumber
          v-model="values.maxC"
          quantity="temperature"
          label="Warmest"
          :min="-60"
          :max="60"
        />
        <QuantityNumber
          v-model="values.rainMm"
          quantity="rain"
          label="Rain"
          :max="500"
        />
        <button class="label-button strong">
          Note it
        </button>
      </form>
    </template>
  </div>
</template>
