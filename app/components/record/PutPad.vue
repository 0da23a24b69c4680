<script setup lang="ts">
import { usualContainer } from '#core/bench/offered'
import { gatheredCautions } from '#core/materials/gathered'
import type { Material } from '#core/materials/material'
import type { PutOffer } from '#core/methods/contract'
import type { Ingredient } from '#core/mix/portion'
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
const AS_IT_COMES = 'as-it-comes'
/** What goes in together: one thing mostly, or several in one load. The one at hand is changed. */
const lines = shallowRef<readonly Ingredient[]>(put.usual?.(known.batch, surroundings.value) ?? [])
const current = ref(0)
const adding = ref(false)
const line = computed(() => lines.value[current.value])
const changed = (over: Partial<Ingredient>) => lines.value.map((one, index) => index === current.value ? { ...one, ...over } : one)
const amount = computed<Amount | undefined>({
  get: () => line.value?.amount,
  set: value => lines.value = value ? changed({ amount: value }) : lines.value,
})
const prepared = computed<string>({
  get: () => line.value?.prepared ?? AS_IT_COMES,
  set: (value) => {
    const way = ways.value.find(one => one === value)
    lines.value = lines.value.map((one, index) =>
      index === current.value ? { material: one.material, amount: one.amount, ...(way ? { prepared: way } : {}) } : one)
  },
})
const minded = computed(() => gatheredCautions(lines.value))
const ways = computed(() => line.value ? preparationsFor(line.value.material) : [])
const words = (one: Ingredient) => `${amountText(one.amount.count, one.amount.container)} of ${one.material.short}`

function pick(picked: Material): void {
  const lot = stored.value.find(one => one.material.id === picked.id)?.lot
  const started: Ingredient = {
    material: picked,
    amount: {
      count: 1, container: lot?.container ?? containerThen(usualContainer(picked, materialContainers.value)),
      packing: lot?.packing ?? 'loose',
    },
  }
  if (adding.value || !line.value) {
    lines.value = [...lines.value, started]
    current.value = lines.value.length - 1
  }
  else lines.value = lines.value.map((one, index) => index === current.value ? started : one)
  picking.value = false
}
function leaveOut(): void {
  lines.value = lines.value.filter((_, index) => index !== current.value)
  current.value = 0
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
  if (lines.value.length === 0 || !moment) return
  const done = await record(
    { kind: 'put', at: moment, batchId: known.batch.id, inputs: inputsFrom(lines.value, put.role), waterL: 0 },
    `${known.batch.name}: ${lines.value.map(words).join(', ')} ${put.button.toLowerCase()}.`,
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
    <ul
      v-if="lines.length > 1"
      aria-label="What goes in together"
    >
      <li
        v-for="(one, index) in lines"
        :key="index"
        class="line-rule flex items-center gap-2"
      >
        <HatchSwatch :family="one.material.family" />
        <button
          type="button"
          class="tap grow text-left"
          :class="index === current ? 'font-semibold text-highlighted' : ''"
          :aria-pressed="index === current"
          @click="current = index"
        >
          {{ words(one) }}
        </button>
      </li>
    </ul>
    <p class="flex flex-wrap gap-2">
      <button
        type="button"
        class="label-button"
        @click="adding = false; picking = true"
      >
        {{ line ? line.material.name : `What was ${put.button.toLowerCase()}?` }}
      </button>
      <button
        v-if="line"
        type="button"
        class="label-button"
        data-beside
        @click="adding = true; picking = true"
      >
        <UIcon
          name="i-ph-plus"
          class="size-5"
        />
        Something with it
      </button>
      <button
        v-if="lines.length > 1"
        type="button"
        class="label-button"
        @click="leaveOut"
      >
        Not this
      </button>
    </p>
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
      :chosen="lines.map(({ material }) => material.id)"
      @pick="pick"
    />
  </form>
</template>
