<script setup lang="ts">
import type { TestAnswers } from '#core/journal/garden'
import type { TestQuestion } from '#core/readiness/test'

/** What a test asks, each in the control that fits. */
const { questions } = defineProps<{ questions: readonly TestQuestion[] }>()
const answers = defineModel<TestAnswers>({ required: true })

const START_C = 18
const usual = (question: TestQuestion): number | undefined => question.kind === 'temperature' ? START_C : question.kind === 'choice' ? undefined : question.usual
const set = (id: string, value: number | string) => { answers.value = { ...answers.value, [id]: value } }
watch(() => questions, (all) => {
  // What is shown counts, also when it is left as it stands.
  const missing = all.flatMap((question) => {
    const value = usual(question)
    return answers.value[question.id] === undefined && value !== undefined ? [[question.id, value] as const] : []
  })
  if (missing.length > 0) answers.value = { ...answers.value, ...Object.fromEntries(missing) }
}, { immediate: true })
const numberAt = (id: string) => Number(answers.value[id] ?? 0)
</script>

<template>
  <div class="flex flex-wrap gap-x-6 gap-y-3 items-end">
    <template
      v-for="question in questions"
      :key="question.id"
    >
      <ChoiceRow
        v-if="question.kind === 'choice'"
        :model-value="String(answers[question.id] ?? '')"
        :label="question.label"
        :choices="question.choices"
        @update:model-value="set(question.id, $event ?? '')"
      />
      <QuantityNumber
        v-else-if="question.kind === 'temperature'"
        :model-value="numberAt(question.id)"
        quantity="temperature"
        :label="question.label"
        :min="-20"
        :max="95"
        @update:model-value="set(question.id, $event)"
      />
      <StepNumber
        v-else
        :model-value="numberAt(question.id)"
        :label="question.label"
        :max="question.kind === 'percent' ? 100 : question.most"
        :step="question.kind === 'percent' ? 5 : 1"
        :unit="question.kind === 'percent' ? '%' : ''"
        :digits="0"
        @update:model-value="set(question.id, $event)"
      />
    </template>
  </div>
</template>
