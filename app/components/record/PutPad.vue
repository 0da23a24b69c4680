<script setup lang="ts">
import { usualContainer } from '#core/bench/offered'
import { gatheredCautions } from '#core/materials/gathered'
import type { Material } from '#core/materials/material'
import type { PutOffer } from '#core/methods/contract'
import type { Preparation } from '#core/materials/preparation'
import { preparationsFor } from '#core/materials/preparation'
import { containerThen, type Amount } from '#core/units/container'
import type { KnownBatch } from '~/composables/useGarden'

/** Something put in: water in cans, or stuff in its containers, taken from the store as far as it is there. */
const { known, put } = defineProps<{ known: KnownBatch, put: PutOffer }>()
const emit = defineEmits<{ done: [] }>()
const { stored, materialContainers, waterCan, surroundings } = useGarden()
const { record } = useRecorder()
const { inputsFrom } = useRecording()
const { at } = useWhen()
const { amount: amountText, quantity } = useSay()

const cans = ref(1)
const picking = ref(false)
const usual = put.usual?.(known.batch, surroundings.value)
const material = shallowRef<Material | undefined>(usual?.material)
const amount = shallowRef<Amount | undefined>(usual?.amount)
const AS_IT_COMES = 'as-it-comes'
const prepared = ref<string>(AS_IT_COMES)
const minded = computed(() => material.value ? gatheredCautions([{ material: material.value }]) : [])
const ways = computed(() => material.value ? preparationsFor(material.value) : [])

function pick(picked: Material): void {
  const lot = stored.value.find(one => one.material.id === picked.id)?.lot
  material.value = picked
  prepared.value = AS_IT_COMES
  amount.value = {
    count: 1, container: lot?.container ?? containerThen(usualContainer(picked, materialContainers.value)),
    packing: lot?.packing ?? 'loose',
  }
  picking.value = false
}

async function water(): Promise<void> {
  const litres = cans.value * waterCan.value.volumeL
  const moment = at()
  if (
    moment
    && (await record(
      { kind: 'put', at: moment, batchId: known.batch.id, inputs: [], waterL: litres },
      `${known.batch.name}: ${amountText(cans.value, waterCan.value)} of water.`,
    ))
  )
    emit('done')
}
async function stuff(): Promise<void> {
  const moment = at()
  if (!material.value || !amount.value || !moment) return
  const way = ways.value.find((one): one is Preparation => one === prepared.value)
  const inputs = inputsFrom([{ material: material.value, amount: amount.value, ...(way ? { prepared: way } : {}) }], put.role)
  const done = await record(
    { kind: 'put', at: moment, batchId: known.batch.id, inputs, waterL: 0 },
    `${known.batch.name}: ${amountText(amount.value.count, amount.value.container)} of ${material.value.short} `
    + `${put.button.toLowerCase()}.`,
  )
  if (done) emit('done')
}
</script>

<template>
  <form
    v-if="put.what === 'water'"
    class="flex flex-wrap gap-3 items-end"
    @submit.prevent="water"
  >
    <StepNumber
      v-model="cans"
      :label="`${waterCan.plural} of ${quantity('volume', waterCan.volumeL)}`"
      :min="0.25"
      :max="100"
      :step="cans < 2 ? 0.5 : 1"
    />
    <WhenRow class="w-full" />
    <button class="label-button strong">
      {{ put.button }}
    </button>
  </form>
  <form
    v-else
    class="space-y-3"
    @submit.prevent="stuff"
  >
    <button
      type="button"
      class="label-button"
      @click="picking = true"
    >
      {{ material ? material.name : `What was ${put.button.toLowerCase()}?` }}
    </button>
    <template v-if="amount">
      <AmountEntry
        v-model="amount"
        label="How many"
      />
      <ChoiceRow
        v-if="ways.length > 0"
        v-model="prepared"
        label="Before it went in"
        :choices="[{ id: AS_IT_COMES, label: 'as it came' }, ...ways.map(id => ({ id, label: id }))]"
      />
      <WhenRow />
      <button class="label-button strong">
        {{ put.button }}
      </button>
      <p
        v-for="caution in minded"
        :key="caution"
        class="caution"
        data-carried
      >
        {{ caution }}
      </p>
    </template>
    <MaterialPicker
      v-model:open="picking"
      :title="`What was ${put.button.toLowerCase()}?`"
      :families="put.families"
      :chosen="material ? [material.id] : []"
      @pick="pick"
    />
  </form>
</template>
