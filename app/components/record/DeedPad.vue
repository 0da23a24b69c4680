<script setup lang="ts">
import type { Answers } from '#core/questions/answers'
import type { Deed } from '#core/methods/contract'
import { completed, usualAnswers } from '#core/questions/question'
import { wordsIn } from '#core/units/words'
import type { KnownBatch } from '~/composables/useGarden'

/** A deed: what to do, what is asked of it, one button, and what to mind beside it. */
const { known, deed } = defineProps<{ known: KnownBatch, deed: Deed }>()
const emit = defineEmits<{ done: [] }>()
const recording = useRecording()
const { at } = useWhen()
const answers = ref<Answers>(usualAnswers(deed.asks))
const { surroundings } = useGarden()
/** What has to come first, while it has not. */
const shut = computed(() =>
  deed.gate === undefined
    ? undefined
    : known.method.life.gates(known.batch, surroundings.value).find(({ id, open }) => id === deed.gate && !open),
)
/** It was done all the same: what happened is recorded. */
const anyway = ref(false)

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
    <p
      v-if="shut"
      class="caution"
      data-refused
    >
      <strong>{{ shut.label }}:</strong> {{ shut.reason }}
    </p>
    <p v-if="deed.how">
      {{ wordsIn(deed.how, surroundings.units) }}
    </p>
    <QuestionFields
      v-if="deed.asks.length > 0"
      v-model="answers"
      :questions="deed.asks"
    />
    <WhenRow />
    <button
      v-if="!shut || anyway"
      class="label-button strong"
    >
      {{ deed.label }}
    </button>
    <button
      v-else-if="!shut.never"
      type="button"
      class="tap aside-note underline underline-offset-3 decoration-dotted"
      data-anyway
      @click="anyway = true"
    >
      it was done all the same
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
