<script setup lang="ts">
import { format } from 'date-fns'
import { quantityByThermometer } from '#core/methods/contract'
import type { UnitSystem } from '#core/units/system'
import type { KnownBatch } from '~/composables/useGarden'

/** Readings from devices and files, in and out. */
const { known } = defineProps<{ known: KnownBatch }>()
const { now, store } = useGarden()

const { surroundings } = useGarden()
const quantity = computed(() => quantityByThermometer(known.method.life))
const gauges = computed(() => quantity.value ? known.batch.gauged[quantity.value.id] ?? [] : [])
const odd = computed(
  () =>
    known.method.life
      .charts(known.batch, surroundings.value)
      .flatMap(({ dots }) => dots.flatMap(({ points }) => points.filter(one => one.odd))).length,
)
/** Values of one event and moment are one reading. */
const readings = computed(() => new Map(gauges.value.map(({ eventId, at, source }) => [`${eventId} ${at}`, source])))
const counts = computed(() => {
  const sources = [...readings.value.values()]
  return { all: sources.length, file: sources.filter(one => one === 'file').length, probe: sources.filter(one => one === 'probe').length }
})

const told = computed(() => {
  const { all, file, probe } = counts.value
  const parts = [`${all} readings`, ...(file > 0 ? [`${file} of them from files`] : []), ...(probe > 0 ? [`${probe} from the probe`] : [])]
  const stands = odd.value === 1 ? 'stands apart from its' : 'stand apart from their'
  return `${parts.join(', ')}.${odd.value > 0 ? ` ${odd.value} ${stands} neighbours: kept, and given little weight.` : ''}`
})

const column = ref<UnitSystem>(surroundings.value.units)
async function save(): Promise<void> {
  const { readingsCsv } = await import('#core/formats/readings-csv')
  download(
    readingsCsv(
      known.batch.name, (quantity.value?.spots ?? []).map(({ id }) => id), gauges.value, column.value,
    ),
    'text/csv', `${known.batch.name.toLowerCase().replace(/[^a-z0-9]+/g, '-')}-${format(now.value, 'yyyy-MM-dd')}.csv`,
  )
}
</script>

<template>
  <div class="space-y-8 max-w-3xl">
    <section
      v-if="store.which === 'demo'"
      aria-labelledby="probe"
    >
      <h2
        id="probe"
        class="section-rule"
      >
        Probe
      </h2>
      <LiveProbe :known="known" />
    </section>
    <section aria-labelledby="file">
      <h2
        id="file"
        class="section-rule"
      >
        From a thermometer's file
      </h2>
      <ThermometerFile :known="known" />
    </section>
    <section aria-labelledby="out">
      <h2
        id="out"
        class="section-rule"
      >
        Out of Wastrum
      </h2>
      <p>{{ told }}</p>
      <ChoiceRow
        v-model="column"
        label="Columns in"
        :choices="[{ id: 'metric', label: '°C' }, { id: 'us', label: '°F' }]"
      />
      <button
        type="button"
        class="label-button mt-2"
        :disabled="counts.all === 0"
        @click="save"
      >
        <UIcon
          name="i-ph-download-simple"
          class="size-5"
        />
        Save the readings as a table
      </button>
    </section>
  </div>
</template>
