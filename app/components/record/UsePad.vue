<script setup lang="ts">
import type { UseOffer } from '#core/methods/contract'
import { containersFor } from '#core/units/container'
import type { KnownBatch } from '~/composables/useGarden'

/** Given to a bed: how large it is, how thin; in cans, with what of the batch that takes. */
const { known, use } = defineProps<{ known: KnownBatch, use: UseOffer }>()
const emit = defineEmits<{ done: [] }>()
const { surroundings, waterCan } = useGarden()
const { record } = useRecorder()
const { at } = useWhen()
const { quantity, amount } = useSay()

const offered = computed(() => use.parts(known.batch, surroundings.value))
const place = ref('')
const areaM2 = ref(10)
const parts = ref(offered.value.usual)
const totalL = computed(() => areaM2.value * use.litresPerM2)
const litres = computed(() => totalL.value / (1 + parts.value))
const leftL = computed(() => use.left(known.batch))
const tooMuch = computed(() => litres.value > leftL.value + 0.005)

async function save(): Promise<void> {
  const moment = at()
  if (!moment) return
  const given = Math.min(litres.value, leftL.value)
  const where = place.value.trim() || 'a bed'
  const done = await record(
    {
      kind: 'used', at: moment, batchId: known.batch.id, litres: Math.round(given * 1000) / 1000, place: where, areaM2: areaM2.value,
      waterL: Math.round(given * parts.value * 100) / 100,
    },
    `${known.batch.name}: ${quantity('volume', given, 1)} to ${where}.`, `${quantity('volume', Math.max(0, leftL.value - given), 1)} left.`,
  )
  if (done) emit('done')
}
</script>

<template>
  <form
    class="space-y-3"
    @submit.prevent="save"
  >
    <div class="flex flex-wrap gap-x-5 gap-y-3 items-end">
      <label class="block">
        <span class="field-label">Which bed</span>
        <input
          v-model="place"
          class="text-field"
          maxlength="80"
          placeholder="beans by the fence"
          autocomplete="off"
        >
      </label>
      <QuantityNumber
        v-model="areaM2"
        quantity="area"
        label="Its size"
        :min="0.1"
        :max="2000"
      />
      <StepNumber
        v-model="parts"
        label="Parts of water to one"
        :min="1"
        :max="40"
        :digits="0"
      />
    </div>
    <p
      class="text-lg text-highlighted"
      role="status"
      data-dilution
    >
      {{ quantity('volume', litres, 1) }} in {{ amount(containersFor(totalL, waterCan), waterCan) }} ({{ quantity('volume', totalL) }}), 1
      to {{ parts }}.
    </p>
    <p
      v-if="tooMuch"
      role="alert"
      class="border-l-4 border-error pl-3"
    >
      Only {{ quantity('volume', leftL, 1) }} are left: thinner, or a part of the bed. What is there will be recorded.
    </p>
    <p class="aside-note">
      Usual now: 1 to {{ offered.low }} up to 1 to {{ offered.high }}, {{ quantity('volume', use.litresPerM2) }} on each
      {{ quantity('area', 1, 0).replace('1 ', '') }}.
    </p>
    <WhenRow />
    <button
      class="label-button strong"
      :disabled="leftL < 0.005"
    >
      {{ use.button }}
    </button>
    <p
      v-for="caution in use.cautions(known.batch, surroundings)"
      :key="caution"
      class="caution"
    >
      {{ caution }}
    </p>
  </form>
</template>
