<script setup lang="ts">
import type { KnownBatch } from '~/composables/useGarden'

/** A note in one's own words. */
const { known } = defineProps<{ known: KnownBatch }>()
const emit = defineEmits<{ done: [] }>()
const { record } = useRecorder()
const { at } = useWhen()
const text = useDraft(`note.${known.batch.id}`)

async function save(): Promise<void> {
  const said = text.value.trim()
  const moment = at()
  if (!said || !moment) return
  const done = await record({ kind: 'noted', at: moment, batchId: known.batch.id, text: said }, `${known.batch.name}: noted.`)
  if (!done) return
  text.value = ''
  emit('done')
}
</script>

<template>
  <form
    class="space-y-2"
    @submit.prevent="save"
  >
    <label class="block">
      <span class="field-label">Note</span>
      <textarea
        v-model="text"
        class="text-field"
        rows="3"
        maxlength="4000"
      />
    </label>
    <WhenRow />
    <button
      class="label-button strong"
      :disabled="!text.trim()"
    >
      Keep the note
    </button>
  </form>
</template>
