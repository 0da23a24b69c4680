<script setup lang="ts">
import type { Sense } from '#core/methods/contract'
import type { KnownBatch } from '~/composables/useGarden'

/** One sense, one tap: what was felt, smelt or seen, each drawn small beside its words. */
const { known, sense } = defineProps<{ known: KnownBatch, sense: Sense }>()
const emit = defineEmits<{ done: [] }>()
const { record } = useRecorder()
const { at } = useWhen()
const SIGNS = { good: 'i-ph-check', mind: 'i-ph-warning-circle', bad: 'i-ph-warning' } as const
const SPOKEN = { good: 'good', mind: 'mind', bad: 'amiss' } as const

async function note(finding: Sense['findings'][number]): Promise<void> {
  const moment = at()
  if (!moment) return
  const done = await record(
    { kind: 'observed', at: moment, batchId: known.batch.id, sense: sense.id, finding: finding.id },
    `${known.batch.name}: ${sense.label.toLowerCase()}, ${finding.label.toLowerCase()}.`, finding.answer,
  )
  if (done) emit('done')
}
</script>

<template>
  <div class="space-y-2">
    <p>{{ sense.question }}</p>
    <WhenRow />
    <div class="grid grid-cols-2 sm:flex sm:flex-wrap gap-2">
      <button
        v-for="finding in sense.findings"
        :key="finding.id"
        type="button"
        class="label-button !justify-start !text-left !pl-2"
        :data-finding="finding.id"
        @click="note(finding)"
      >
        <FindingDrawing
          v-if="finding.drawn"
          :strokes="finding.drawn"
        />
        <span class="flex-1">{{ finding.label }}</span>
        <UIcon
          :name="SIGNS[finding.sign]"
          class="size-5"
          :class="finding.sign === 'good' ? 'text-primary' : finding.sign === 'mind' ? 'text-warning' : 'text-error'"
          :aria-label="SPOKEN[finding.sign]"
          role="img"
        />
      </button>
    </div>
  </div>
</template>
