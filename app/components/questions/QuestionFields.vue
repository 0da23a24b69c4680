<script setup lang="ts">
import type { Answers } from '#core/questions/answers'
import { isPut, type Question } from '#core/questions/question'
import type { Quantity } from '#core/units/system'
import { wordsIn } from '#core/units/words'

/** What is asked, each in the control that fits. What is shown counts, also when it is left as it stands. */
const { questions } = defineProps<{ questions: readonly Question[] }>()
const answers = defineModel<Answers>({ required: true })
const { units } = useUnits()

const START_C = 18
const usual = (question: Question): number | string | undefined =>
  question.kind === 'temperature'
    ? (question.usual ?? START_C)
    : question.kind === 'text' || question.kind === 'day' || question.kind === 'pieces'
      ? undefined
      : question.usual
const set = (id: string, value: number | string) => { answers.value = { ...answers.value, [id]: value } }
watch(() => questions, (all) => {
  const missing = all.flatMap((question) => {
    const value = usual(question)
    return answers.value[question.id] === undefined && value !== undefined ? [[question.id, value] as const] : []
  })
  if (missing.length > 0) answers.value = { ...answers.value, ...Object.fromEntries(missing) }
}, { immediate: true })
const numberAt = (id: string) => Number(answers.value[id] ?? 0)
const measured = (question: Question): Quantity | undefined =>
  question.kind === 'temperature'
  || question.kind === 'volume'
  || question.kind === 'length'
  || question.kind === 'area'
  || question.kind === 'mass'
  || question.kind === 'smallMass'
    ? question.kind
    : undefined
/** A pinch is weighed to the hundredth, a handful to the whole gram or ounce. */
const digitsOf = (question: Question) => question.kind !== 'smallMass' ? 1 : question.usual > 0 && question.usual < 10 ? 2 : 0
const label = (question: Question) => wordsIn(question.label, units.value)
const choicesOf = ({ choices }: Extract<Question, { kind: 'choice' }>) =>
  choices.map(({ id, label: words, hint }) => ({
    id, label: wordsIn(words, units.value),
    ...(hint ? { hint: wordsIn(hint, units.value) } : {}),
  }))
const put = computed(() => questions.filter(question => isPut(question, answers.value)))
const most = (question: Question) => 'most' in question ? question.most : 95
</script>

<template>
  <div class="flex flex-wrap gap-x-6 gap-y-3 items-end">
    <template
      v-for="question in put"
      :key="question.id"
    >
      <ChoiceRow
        v-if="question.kind === 'choice'"
        :model-value="String(answers[question.id] ?? '')"
        :label="label(question)"
        :choices="choicesOf(question)"
        @update:model-value="set(question.id, $event ?? '')"
      />
      <label
        v-else-if="question.kind === 'text'"
        class="block flex-1 min-w-48"
      >
        <span class="field-label">{{ label(question) }}</span>
        <input
          class="text-field"
          maxlength="80"
          :value="answers[question.id] ?? ''"
          :placeholder="question.hint"
          @change="set(question.id, ($event.target as HTMLInputElement).value)"
        >
      </label>
      <label
        v-else-if="question.kind === 'day'"
        class="block"
      >
        <span class="field-label">{{ label(question) }}</span>
        <input
          type="date"
          class="text-field"
          :value="answers[question.id] ?? ''"
          @change="set(question.id, ($event.target as HTMLInputElement).value)"
        >
      </label>
      <PiecesField
        v-else-if="question.kind === 'pieces'"
        :model-value="String(answers[question.id] ?? '')"
        :label="label(question)"
        @update:model-value="set(question.id, $event)"
      />
      <QuantityNumber
        v-else-if="measured(question)"
        :model-value="numberAt(question.id)"
        :quantity="measured(question)!"
        :label="label(question)"
        :min="question.kind === 'temperature' ? -20 : 0"
        :max="most(question)"
        :digits="digitsOf(question)"
        @update:model-value="set(question.id, $event)"
      />
      <StepNumber
        v-else-if="question.kind === 'percent' || question.kind === 'count'"
        :model-value="numberAt(question.id)"
        :label="label(question)"
        :max="question.kind === 'percent' ? 100 : question.most"
        :step="question.kind === 'percent' ? 5 : 1"
        :unit="question.kind === 'percent' ? '%' : question.unit ?? ''"
        :digits="question.kind === 'count' ? question.digits ?? 0 : 0"
        @update:model-value="set(question.id, $event)"
      />
    </template>
  </div>
</template>
