<script setup lang="ts">
import { addDays, formatDistanceStrict } from 'date-fns'
import { earliestOf } from '#core/journal/garden'
import type { Answers } from '#core/questions/answers'
import type { TestState } from '#core/readiness/taken'
import type { KnownBatch } from '~/composables/useGarden'

/** One test to walk through: set up, wait, read; the result stands and the test can be done again. */
const { state, known } = defineProps<{ state: TestState, known: KnownBatch }>()
const { now } = useGarden()
const { day } = useSay()
const { record } = useRecorder()

const open = ref(state.kind === 'running')
const answers = ref<Answers>({})
const trouble = ref('')
const GRADES = {
  passed: { label: 'passed', tone: 'text-primary' }, doubtful: { label: 'cannot tell', tone: 'text-warning' },
  failed: { label: 'failed', tone: 'text-error' },
} as const

const step = computed(() => state.kind === 'running' || state.test.days === 0 ? 'reading' : 'setUp')
const questions = computed(() => step.value === 'reading' ? state.test.atReading : state.test.atSetUp)
const due = computed(() => state.kind === 'running' && state.readableAt <= now.value)
const status = computed(() => {
  if (state.kind === 'read') return ''
  if (state.kind === 'open') return state.test.days > 0 ? `takes ${state.test.days} days` : 'read at once'
  return due.value ? 'to be read now' : `running, to be read in ${formatDistanceStrict(state.readableAt, now.value)}`
})
watch(() => state.kind, () => {
  answers.value = {}
  trouble.value = ''
})

/** Nothing is read before it was set up. */
const { at } = provideWhen(() => state.kind === 'running' ? state.begun.at : earliestOf(known.batch.began))

async function setUp(): Promise<void> {
  const when = at()
  if (!when) return
  await record(
    { kind: 'test-begun', at: when, batchId: known.batch.id, test: state.test.id, answers: { ...answers.value } },
    `${state.test.name}: set up.`, `Read it from ${day(addDays(new Date(when), state.test.days))}; it comes up on the round.`,
  )
}

async function read(): Promise<void> {
  const when = at()
  if (!when) return
  const atSetUp = state.kind === 'running' ? state.begun.answers : {}
  const result = state.test.judge(atSetUp, answers.value)
  trouble.value = result.ok ? '' : result.error.message
  if (!result.ok) return
  const begun = state.kind === 'running' ? { begunId: state.begun.eventId } : {}
  await record(
    {
      kind: 'test-read', at: when, batchId: known.batch.id, test: state.test.id,
      ...begun,
      answers: { ...answers.value },
      result: { grade: result.value.grade, text: result.value.text },
    },
    `${state.test.name}: ${GRADES[result.value.grade].label}.`, result.value.text,
  )
  open.value = false
}
</script>

<template>
  <li
    class="line-rule py-2"
    :data-test="state.test.id"
  >
    <details
      :open="open"
      @toggle="open = ($event.target as HTMLDetailsElement).open"
    >
      <summary class="tap cursor-pointer flex flex-wrap gap-x-3 items-center">
        <span class="font-serif font-semibold text-highlighted">{{ state.test.name }}</span>
        <span
          v-if="state.kind === 'read'"
          class="font-semibold"
          :class="GRADES[state.result.grade].tone"
        >{{ GRADES[state.result.grade].label }}</span>
        <span
          v-else
          class="aside-note"
          :class="due ? '!text-error font-semibold' : ''"
        >{{ status }}</span>
      </summary>
      <p
        v-if="state.kind === 'read'"
        class="py-1"
      >
        {{ day(state.at) }}: {{ state.result.text }}
      </p>
      <p class="aside-note">
        {{ state.test.purpose }}
      </p>
      <ol class="list-decimal pl-6 my-2 space-y-0.5">
        <li
          v-for="line in step === 'setUp' ? state.test.setUp : state.test.reading"
          :key="line"
        >
          {{ line }}
        </li>
      </ol>
      <p
        v-for="caution in state.test.cautions"
        :key="caution"
        class="caution my-1"
      >
        {{ caution }}
      </p>
      <form
        class="space-y-3 mt-3"
        @submit.prevent="step === 'setUp' ? setUp() : read()"
      >
        <QuestionFields
          v-model="answers"
          :questions="questions"
        />
        <p
          v-if="trouble"
          role="alert"
          class="border-l-4 border-error pl-3"
        >
          {{ trouble }}
        </p>
        <p
          v-if="state.kind === 'running' && !due"
          class="aside-note"
        >
          Its time is not over; read now, it tells less.
        </p>
        <WhenRow :label="step === 'reading' ? 'When it was read' : 'When it was set up'" />
        <button class="label-button strong">
          {{ step === 'setUp' ? state.kind === 'read' ? 'Set it up again' : 'It is set up' : 'Record the result' }}
        </button>
      </form>
    </details>
  </li>
</template>
