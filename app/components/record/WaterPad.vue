<script setup lang="ts">
import type { KnownBatch } from '~/composables/useGarden'

/** Water poured on, in cans. */
const { known } = defineProps<{ known: KnownBatch }>()
const emit = defineEmits<{ done: [] }>()
const { waterCan } = useGarden()
const { record } = useRecorder()
const at = useMoment()
const { amount, quantity } = useSay()
const cans = ref(1)

async function save(): Promise<void> {
  const litres = cans.value * waterCan.value.volumeL
  const done = await record({ kind: 'watered', at: at(), batchId: known.batch.id, litres }, `${known.batch.name}: ${amount(cans.value, waterCan.value)} of water.`)
  if (done) emit('done')
}
</script>

<template>
  <form
    class="flex flex-wrap gap-3 items-end"
    @submit.prevent="save"
  >
    <StepNumber
      v-model="cans"
      :label="`${waterCan.plural} of ${quantity('volume', waterCan.volumeL)}`"
      :min="0.25"
      :max="100"
      :step="cans < 2 ? 0.5 : 1"
    />
    <button class="label-button strong">
      Watered
    </button>
  </form>
</template>
