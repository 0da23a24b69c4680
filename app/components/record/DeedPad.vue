<script setup lang="ts">
import type { Answers } from '#core/journal/garden'
import type { Deed } from '#core/methods/contract'
import { completed, usualAnswers } from '#core/questions/question'
import type { KnownBatch } from '~/composables/useGarden'

/** A deed: what to do, what is asked of it, one button, and what to mind beside it. */
const { known, deed } = defineProps<{ known: KnownBatch, deed: Deed }>()
const emit = defineEmits<{ done: [] }>()
const recording = useRecording()
const { at } = useWhen()
const answers = ref<Answers>(usualAnswers(deed.asks))

async function save(): Promise<void> {
  const moment = at()
  if (moment && await recording.deed(known, deed, completed(deed.asks, answers.value), moment)) emit('done')
}
</script>

<template>
  <form
    class="space-y-2"
    @submit.prevent="save"
  >
    <p>{{ deed.how }}</p>
    <QuestionFields
      v-if="deed.asks.length > 0"
      v-model="answers"
      :questions="deed.asks"
    />
    <WhenRow />
    <button class="label-button strong">
      {{ deed.label }}
    </button>
    <p
      v-for="caution in deed.cautions"
      :key="caution"
      class="caution"
    >
      {{ caution }}
    </p>
  </form>
</template>
