<script setup lang="ts">
import { addMonths, endOfMonth, startOfMonth } from 'date-fns'
import { purposeName } from '#core/bench/choosing'
import { PURPOSES, type Purpose } from '#core/methods/contract'
import { monthText } from '#core/units/dates'
import { capital } from '#core/units/plural'
import { dayOf } from '#core/year/need'
import { usualAmountsL } from '#core/year/usual-amounts'

/** Something that will be wanted, in three taps: what for, how much, when. */
const emit = defineEmits<{ done: [] }>()
const { now, units } = useGarden()
const { showNote } = useRecorder()
const { needs, want, forget } = useNeeds()
const { quantity } = useSay()

const purpose = ref<Purpose>()
const litres = ref<number | undefined>(undefined)
const own = ref(false)
const amounts = computed(() => purpose.value
  ? usualAmountsL(purpose.value, units.value).map(value => ({ id: String(value), label: quantity('volume', value) }))
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
