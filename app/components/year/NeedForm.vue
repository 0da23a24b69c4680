<script setup lang="ts">
import { addMonths, endOfMonth, startOfMonth } from 'date-fns'
import { purposeName } from '#core/bench/choosing'
import { PURPOSES, type Purpose } from '#core/methods/contract'
import { monthText } from '#core/units/dates'
import { capital } from '#core/units/plural'
import { dayOf } from '#core/year/need'

/** Something that will be wanted, in three taps: what for, how much, when. */
const emit = defineEmits<{ done: [] }>()
const { now, units } = useGarden()
const { want } = useNeeds()
const { showNote } = useRecorder()
const { needs, forget } = useNeeds()
const { quantity } = useSay()

const purpose = ref<Purpose>()
const litres = ref<number | undefined>(undefined)
const own = ref(false)
/** Amounts that people want of a thing, by what it is for; round in either system. */
const USUAL: Readonly<Record<Purpose, readonly number[]>> = {
  beds: [60, 150, 300, 600], mulch: [100, 250, 500, 1000], potting: [20, 40, 80, 150], seeds: [5, 10, 20, 40],
  feeding: [5, 10, 20, 50], microbes: [5, 10, 20, 50], lasting: [10, 20, 40, 80],
}
const GALLON_L = 3.785
const amounts = computed(() => purpose.value
  ? USUAL[purpose.value].map((one) => {
      const value = units.value === 'us' ? Math.max(1, Math.round(one / GALLON_L / 5) * 5 || Math.round(one / GALLON_L)) * GALLON_L : one
      return { id: String(value), label: quantity('volume', value) }
    })
  : [])
const amountId = computed({
  get: () => own.value ? 'own' : litres.value === undefined ? undefined : String(litres.value),
  set: (id: string | undefined) => {
    own.value = id === 'own'
    litres.value = id === undefined ? undefined : own.value ? litres.value ?? 100 : Number(id)
  },
})
const months = computed(() => Array.from({ length: 12 }, (_, index) => {
  const first = addMonths(startOfMonth(now.value), index)
  return { id: dayOf(first), label: monthText(first), first }
}))
async function sayMonth(id: string | undefined): Promise<void> {
  const month = months.value.find(one => one.id === id)
  if (!month || !purpose.value || litres.value === undefined) return
  const name = `${capital(purposeName(purpose.value))}, ${month.label}`
  const saved = await want({
    name, purpose: purpose.value, litres: litres.value, from: dayOf(month.first), to: dayOf(endOfMonth(month.first)), yearly: true,
    bedIds: [],
  })
  if (!saved) return
  showNote(`${name}: ${quantity('volume', litres.value)} wanted, each year.`, () => {
    const one = needs.value.find(need => need.id === saved)
    if (one) void forget(one)
  })
  emit('done')
}
</script>

<template>
  <form
    class="space-y-3 max-w-3xl"
    data-need-form
    @submit.prevent
  >
    <ChoiceRow
      v-model="purpose"
      label="What for?"
      :choices="PURPOSES.map(id => ({ id, label: purposeName(id) }))"
    />
    <template v-if="purpose">
      <ChoiceRow
        v-model="amountId"
        label="How much?"
        :choices="[...amounts, { id: 'own', label: 'another amount' }]"
      />
      <QuantityNumber
        v-if="own"
        v-model="litres"
        quantity="volume"
        label="So much"
        :min="0.1"
        :max="20000"
        :step="5"
        :start="100"
      />
    </template>
    <ChoiceRow
      v-if="litres !== undefined"
      :model-value="undefined"
      label="In which month?"
      :choices="months"
      @update:model-value="sayMonth"
    />
  </form>
</template>
