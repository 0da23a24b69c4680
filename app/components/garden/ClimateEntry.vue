<script setup lang="ts">
import { CLIMATES, checkedMeans, type Climate } from '#core/garden/climate'
import { readNumber } from '#core/units/number'
import { decimalSign } from '#core/units/region'
import { fromShown, toShown } from '#core/units/system'
import { MONTHS } from './months'

/** A climate by type, with its twelve means and its frosts open to change. */
const model = defineModel<Climate>({ required: true })
const { units } = defineProps<{ units: 'metric' | 'us' }>()

const chosen = computed({
  get: () => model.value.id,
  set: (id: string | undefined) => {
    const climate = CLIMATES.find(one => one.id === id)
    if (climate) model.value = climate
  },
})
const MOST_LATITUDE = 66
const trouble = ref('')

function setMonth(index: number, text: string): void {
  const read = readNumber(text, decimalSign())
  const shown = read.ok ? read.value : Number.NaN
  const meanC = model.value.meanC.map((mean, month) => month === index ? fromShown('temperature', units, shown) : mean)
  const checked = checkedMeans(meanC)
  trouble.value = checked.ok ? '' : `${MONTHS[index]} cannot be ${text}. It stays as it was.`
  if (checked.ok) model.value = { ...model.value, meanC: checked.value }
}

function setFrost(which: 'lastFrost' | 'firstFrost', text: string): void {
  if (/^\d{4}-\d\d-\d\d$/.test(text)) model.value = { ...model.value, [which]: text.slice(5) }
}
function setLatitude(text: string): void {
  const read = readNumber(text, decimalSign())
  const sound = read.ok && Math.abs(read.value) <= MOST_LATITUDE
  trouble.value = sound ? '' : `A latitude cannot be ${text}: it lies between −${MOST_LATITUDE} and ${MOST_LATITUDE}. It stays as it was.`
  if (sound) model.value = { ...model.value, latitudeDeg: read.value }
}
const shownMonth = (mean: number) => Math.round(toShown('temperature', units, mean) * 10) / 10
</script>

<template>
  <div class="space-y-3">
    <ChoiceRow
      v-model="chosen"
      label="Climate like"
      :choices="CLIMATES.map(({ id, name, hint }) => ({ id, label: name, hint }))"
    />
    <details class="line-rule pt-2">
      <summary class="tap flex items-center cursor-pointer underline underline-offset-3">
        Months and frosts
      </summary>
      <div class="grid grid-cols-4 sm:grid-cols-6 gap-2 mt-2">
        <label
          v-for="(mean, index) in model.meanC"
          :key="index"
        >
          <span class="field-label">{{ MONTHS[index]?.slice(0, 3) }}</span>
          <input
            class="text-field text-center"
            inputmode="text"
            :value="shownMonth(mean)"
            @change="setMonth(index, ($event.target as HTMLInputElement).value)"
          >
        </label>
      </div>
      <p
        v-if="trouble"
        role="alert"
        class="text-error mt-2"
      >
        {{ trouble }}
      </p>
      <div class="grid grid-cols-2 gap-3 mt-3 max-w-md">
        <label>
          <span class="field-label">Last frost of spring</span>
          <input
            type="date"
            class="text-field"
            :value="`2001-${model.lastFrost}`"
            @change="setFrost('lastFrost', ($event.target as HTMLInputElement).value)"
          >
        </label>
        <label>
          <span class="field-label">First frost of autumn</span>
          <input
            type="date"
            class="text-field"
            :value="`2001-${model.firstFrost}`"
            @change="setFrost('firstFrost', ($event.target as HTMLInputElement).value)"
          >
        </label>
      </div>
      <label class="block mt-3 max-w-48">
        <span class="field-label">Degrees of latitude, south below 0</span>
        <input
          class="text-field"
          inputmode="text"
          :value="model.latitudeDeg"
          @change="setLatitude(($event.target as HTMLInputElement).value)"
        >
      </label>
      <p class="aside-note mt-2">
        Latitude tells how long the days are: under glass light decides before warmth.
      </p>
      <p class="aside-note mt-2">
        Mean temperature of each month in {{ units === 'us' ? '°F' : '°C' }}. The year of the frost dates does not count.
      </p>
    </details>
  </div>
</template>
