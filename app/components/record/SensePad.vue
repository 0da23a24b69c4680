<script setup lang="ts">
import type { Sense } from '#core/methods/contract'
import type { KnownBatch } from '~/composables/useGarden'

/** One sense, one tap: what was felt, smelt or seen. */
const { known, sense } = defineProps<{ known: KnownBatch, sense: Sense }>()
const emit = defineEmits<{ done: [] }>()
const { record } = useRecorder()
const at = useMoment()
const SIGNS = { good: 'i-ph-check', mind: 'i-ph-warning-circle', bad: 'i-ph-warning' } as const

async function note(finding: Sense['findings'][number]): Promise<void> {
  const done = await record(
    { kind: 'observed', at: at(), batchId: known.batch.id, sense: sense.id, finding: finding.id },
    `${known.batch.name}: ${sense.label.toLowerCase()}, ${finding.label.toLowerCase()}.`, finding.answer,
  )
  if (done) emit('done')
}
</script>

<template>
  <div>
    <p class="mb-2">
      {{ sense.question }}
    </p>
    <div class="flex flex-wrap gap-2">
      <button
        v-for="finding in sense.findings"
        :key="finding.id"
        type="button"
        class="label-button"
        @click="note(finding)"
      >
        <UIcon
          :name="SIGNS[finding.sign]"
          class="size-5"
          :class="finding.sign === 'good' ? 'text-primary' : finding.sign === 'mind' ? 'text-warning' : 'text-error'"
        />
        {{ finding.label }}
      </button>
    </div>
  </div>
</template>
