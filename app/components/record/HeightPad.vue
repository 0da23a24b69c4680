<script setup lang="ts">
import type { KnownBatch } from '~/composables/useGarden'

/** The height of the fill, by stick or tape. */
const { known } = defineProps<{ known: KnownBatch }>()
const emit = defineEmits<{ done: [] }>()
const { record } = useRecorder()
const at = useMoment()
const { quantity } = useSay()
const view = useBatchView(() => known)
const heightM = ref(Math.round(view.heightM.value * 100) / 100)

async function save(): Promise<void> {
  const sunk = view.builtM.value > 0 ? Math.round((1 - heightM.value / view.builtM.value) * 100) : 0
  const done = await record(
    { kind: 'measured', at: at(), batchId: known.batch.id, heightM: heightM.value },
    `${known.batch.name}: ${quantity('length', heightM.value)} high.`, sunk > 0 ? `It has sunk by ${sunk} %.` : '',
  )
  if (done) emit('done')
}
</script>

<template>
  <form
    class="flex flex-wrap gap-3 items-end"
    @submit.prevent="save"
  >
    <QuantityNumber
      v-model="heightM"
      quantity="length"
      label="Height from the ground"
      :min="0"
      :max="6"
    />
    <button class="label-button strong">
      Record the height
    </button>
  </form>
</template>
