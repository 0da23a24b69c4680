<script setup lang="ts">
import { format } from 'date-fns'
import { isSouthernYear, seasonsSoFar, type AgoUnit, type Since } from '#core/already'

/** Since when, as one says it: about so long, a season, a month, or the day. Nothing while it is not said. */
const { label } = defineProps<{ label: string }>()
const model = defineModel<Since | undefined>({ required: true })
const { now, surroundings } = useGarden()

const KINDS = [
  { id: 'about', label: 'about so long' }, { id: 'season', label: 'a season' }, { id: 'month', label: 'a month' },
  { id: 'day', label: 'the day' },
] as const
const kind = ref<Since['kind']>(model.value?.kind ?? 'about')
const count = ref<number | undefined>(model.value?.kind === 'about' ? model.value.count : undefined)
const unit = ref<AgoUnit>(model.value?.kind === 'about' ? model.value.unit : 'weeks')
const season = ref<string>()
const month = ref('')
const day = ref('')
const UNITS = [{ id: 'weeks', label: 'weeks' }, { id: 'months', label: 'months' }, { id: 'years', label: 'years' }] as const
const seasons = computed(() =>
  seasonsSoFar(now.value, isSouthernYear(surroundings.value.weather)).map(({ first, label: name }) => ({ id: first, label: name })),
)
/** The seasons that are offered go no further back than this; an older one is so many years. */
const MOST: Readonly<Record<AgoUnit, number>> = { weeks: 104, months: 120, years: 20 }

function said(): Since | undefined {
  if (kind.value === 'about') return count.value === undefined ? undefined : { kind: 'about', count: count.value, unit: unit.value }
  if (kind.value === 'season') return season.value ? { kind: 'season', first: season.value } : undefined
  if (kind.value === 'month') return month.value ? { kind: 'month', month: month.value } : undefined
  return day.value ? { kind: 'day', day: day.value } : undefined
}
watch([kind, count, unit, season, month, day], () => { model.value = said() })
</script>

<template>
  <div
    class="space-y-2"
    data-since
  >
    <ChoiceRow
      v-model="kind"
      :label="label"
      :choices="KINDS"
    />
    <div
      v-if="kind === 'about'"
      class="flex flex-wrap gap-x-3 gap-y-2 items-end"
    >
      <StepNumber
        v-model="count"
        label="About how many"
        hide-label
        :min="0.5"
        :max="MOST[unit]"
        :start="1"
        :digits="1"
      />
      <ChoiceRow
        v-model="unit"
        label="Weeks, months or years"
        hide-label
        :choices="UNITS"
      />
    </div>
    <ChoiceRow
      v-else-if="kind === 'season'"
      v-model="season"
      label="Which season"
      hide-label
      :choices="seasons"
    />
    <label
      v-else-if="kind === 'month'"
      class="block"
    >
      <span class="sr-only">Which month</span>
      <input
        v-model="month"
        type="month"
        class="text-field !w-auto"
        :max="format(now, 'yyyy-MM')"
      >
    </label>
    <label
      v-else
      class="block"
    >
      <span class="sr-only">Which day</span>
      <input
        v-model="day"
        type="date"
        class="text-field !w-auto"
        :max="format(now, 'yyyy-MM-dd')"
      >
    </label>
  </div>
</template>
