<script setup lang="ts">
import { amountMassKg } from '#core/materials/packing'
import type { Material } from '#core/materials/material'
import { amountVolumeL, containerThen, type Amount } from '#core/units/container'
import { format } from 'date-fns'
import { usualContainer } from '#core/bench/offered'

/** Putting something into the store: so many containers, gathered when and where. */
const { material } = defineProps<{ material: Material }>()
const emit = defineEmits<{ done: [] }>()
const { materialContainers, now } = useGarden()
const { record } = useRecorder()
const { quantity, amount: amountText } = useSay()

const amount = shallowRef<Amount>({ count: 1, container: containerThen(usualContainer(material, materialContainers.value)), packing: 'loose' })
const gathered = ref(format(now.value, 'yyyy-MM-dd'))
const source = useDraft(`stock.${material.id}`)

/** The day as chosen; today means now. */
function gatheredAt(): Date {
  const chosen = new Date(`${gathered.value}T12:00`)
  return gathered.value === format(now.value, 'yyyy-MM-dd') || Number.isNaN(chosen.getTime()) ? new Date() : chosen
}

async function save(): Promise<void> {
  const done = await record(
    { kind: 'stocked', at: gatheredAt().toISOString(), materialId: material.id, amount: amount.value, source: source.value.trim() },
    `${amountText(amount.value.count, amount.value.container)} of ${material.short} in the store.`,
    material.keepsDays < 90 ? `Keeps ${material.keepsDays} days.` : '',
  )
  if (!done) return
  source.value = ''
  emit('done')
}
</script>

<template>
  <form
    class="space-y-4"
    @submit.prevent="save"
  >
    <h2 class="flex items-center gap-3">
      <HatchSwatch
        :family="material.family"
        :size="34"
      />{{ material.name }}
    </h2>
    <AmountEntry
      v-model="amount"
      label="How many"
    />
    <p class="aside-note">
      {{ quantity('volume', amountVolumeL(amount)) }}, about {{ quantity('mass', amountMassKg(material, amount)) }}.
    </p>
    <div class="grid sm:grid-cols-2 gap-3">
      <label>
        <span class="field-label">Gathered on</span>
        <input
          v-model="gathered"
          type="date"
          class="text-field"
          :max="format(now, 'yyyy-MM-dd')"
          required
        >
      </label>
      <label>
        <span class="field-label">Where from</span>
        <input
          v-model="source"
          class="text-field"
          maxlength="300"
          autocomplete="off"
          placeholder="what was sprayed, which road, which wood"
        >
      </label>
    </div>
    <p
      v-for="caution in material.cautions"
      :key="caution"
      class="caution first-letter:uppercase"
    >
      {{ caution }}
    </p>
    <button class="label-button strong">
      Into the store
    </button>
  </form>
</template>
