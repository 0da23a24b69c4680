<script setup lang="ts">
import { drawFromStore } from '#core/garden/store'
import type { Material } from '#core/materials/material'
import { containerThen, type Amount } from '#core/units/container'
import { usualContainer } from '~/composables/useBench'
import type { KnownBatch } from '~/composables/useGarden'

/** Something added to a standing batch, taken from the store as far as it is there. */
const { known } = defineProps<{ known: KnownBatch }>()
const emit = defineEmits<{ done: [] }>()
const { stored, materialContainers } = useGarden()
const { record } = useRecorder()
const at = useMoment()
const { amount: amountText } = useSay()
const picking = ref(false)
const material = shallowRef<Material>()
const amount = shallowRef<Amount>()

function pick(picked: Material): void {
  const lot = stored.value.find(one => one.material.id === picked.id)?.lot
  material.value = picked
  amount.value = { count: 1, container: lot?.container ?? containerThen(usualContainer(picked, materialContainers.value)), packing: lot?.packing ?? 'loose' }
  picking.value = false
}

async function save(): Promise<void> {
  if (!material.value || !amount.value) return
  const { draws } = drawFromStore(stored.value, { material: material.value, amount: amount.value })
  const done = await record(
    { kind: 'added', at: at(), batchId: known.batch.id, ingredient: { materialId: material.value.id, amount: amount.value, draws: [...draws] } },
    `${known.batch.name}: ${amountText(amount.value.count, amount.value.container)} of ${material.value.short} added.`,
  )
  if (done) emit('done')
}
</script>

<template>
  <form
    class="space-y-3"
    @submit.prevent="save"
  >
    <button
      type="button"
      class="label-button"
      @click="picking = true"
    >
      {{ material ? material.name : 'What was added?' }}
    </button>
    <template v-if="amount">
      <AmountEntry
        v-model="amount"
        label="How many"
      />
      <button class="label-button strong">
        Added
      </button>
    </template>
    <MaterialPicker
      v-model:open="picking"
      title="What was added?"
      :chosen="material ? [material.id] : []"
      @pick="pick"
    />
  </form>
</template>
