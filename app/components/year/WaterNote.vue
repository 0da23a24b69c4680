<script setup lang="ts">
import { monthText } from '#core/units/dates'
import { accountOf } from '#core/year/account'
import { BUTT_ID, buttValues, dryMonths, readButt, type Butt } from '#core/year/water'

/** Rain off the roof against what the heaps drink: when the butt runs dry. */
const { store, materials, settings, clock } = useGarden()
const { quantity } = useSay()
const butt = computed<Butt>(() => readButt(store.documents) ?? { roofM2: 0, buttL: 0 })
const dry = computed(() => {
  void store.journal.garden.batches.size
  return butt.value.buttL > 0
    ? dryMonths(butt.value, accountOf(toRaw(store.journal).garden, materials.value), at => usualRain(at), clock.value)
    : []
})
const usualRain = (at: Date) => (settings.value.climate.rainMm[at.getMonth()] ?? 0) / 30.4
const set = (part: Partial<Butt>) =>
  store.write([{ id: BUTT_ID, kind: BUTT_ID, values: buttValues({ ...butt.value, ...part }) }])
const buttL = computed({ get: () => butt.value.buttL, set: (value: number) => { void set({ buttL: value }) } })
const roofM2 = computed({ get: () => butt.value.roofM2, set: (value: number) => { void set({ roofM2: value }) } })
</script>

<template>
  <div data-water>
    <div class="flex flex-wrap gap-4 no-print">
      <QuantityNumber
        v-model="buttL"
        quantity="volume"
        label="Water butt"
        :max="100000"
        :step="50"
        :digits="0"
      />
      <QuantityNumber
        v-model="roofM2"
        quantity="area"
        label="Roof that runs into it"
        :max="5000"
        :step="5"
        :digits="0"
      />
    </div>
    <p
      v-if="butt.buttL > 0"
      class="mt-2"
      role="status"
    >
      <template v-if="dry.length > 0">
        It runs dry in {{ dry.map(one => `${monthText(one.first)} (${quantity('volume', one.missingL)} short)`).join(', ') }}, if you water
        as last year.
      </template>
      <template v-else>
        It gives what your heaps drank last year.
      </template>
    </p>
  </div>
</template>
