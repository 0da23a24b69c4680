<script setup lang="ts">
import { endOfDay } from 'date-fns'
import { inRoundOrder } from '#core/garden/round'
import { chartSentences } from '#core/methods/contract/chart-words'
import { uncapital } from '#core/units/plural'
import { approachOf, balancedOf, quantityByThermometer, stepNow } from '#core/methods/contract'
import type { KnownBatch } from '~/composables/useGarden'

/**
 * A batch: how it is, what it asks for now, its picture through time, when it is ready, what is likely to be recorded. The rest waits
 * behind its headings, and stays as it was left.
 */
const { known } = defineProps<{ known: KnownBatch }>()
const BatchChart = defineAsyncComponent(() => import('./BatchChart.vue'))
const { now, units, surroundings } = useGarden()
const { day, situation, found, standing, windows, tasks, charts, facts, gates } = useBatchView(() => known)
const { day: dayOf } = useSay()
const { supposed, whatIf } = useWhatIf(() => known)
const wondering = ref(false)
watch(wondering, (on) => { if (!on) supposed.value = [] })

const route = useRoute()
const another = useAnother()
useSteadyTaps(useTemplateRef<HTMLElement>('asked'))
useSteadyTaps(useTemplateRef<HTMLElement>('recording'))
const chosen = ref<string>()
/** The page is drawn in parts, what is wanted first before what is large. */
const PARTS = { picture: 2, rest: 3 }
const part = useGrowing(() => PARTS.rest, 1)
const TONES = { good: 'text-primary', mind: 'text-warning', bad: 'text-error' } as const
const words = computed(() => known.method.face.words)
/** Something that is done in one go, as long as there is a step left. */
const step = computed(() => {
  const guide = known.method.life.guide?.(known.batch, surroundings.value)
  return guide && stepNow(guide)
})
const stands = computed(() => !known.batch.ended)
const bands = computed(() => known.method.life.bands?.(known.batch, surroundings.value))
const supposing = computed(() => balancedOf(known.method)?.supposing)
/** What today asks for, and what comes later. */
const due = computed(() => inRoundOrder(tasks.value.filter(task => task.due <= endOfDay(now.value))))
const later = computed(() => tasks.value.filter(task => !due.value.includes(task)))
const shut = computed(() => gates.value.filter(({ open }) => !open))
</script>

<template>
  <div>
    <header class="flex flex-wrap items-baseline justify-between gap-x-6 gap-y-1">
      <BatchName
        :batch="known.batch"
        :method="known.method"
      />
      <p class="aside-note">
        {{ known.method.face.name }} · {{ approachOf(known.method.face, known.batch.began.approachId).name.toLowerCase() }}
      </p>
    </header>
    <p class="mt-1 text-lg">
      <strong
        class="font-semibold"
        :class="TONES[standing.tone]"
      ><TermNote :word="standing.label" />.</strong> {{ standing.sentence }}
    </p>
    <p
      v-for="gate in shut"
      :key="gate.id"
      class="mt-1"
      data-gate
    >
      <strong class="font-semibold">{{ gate.label }}:</strong> {{ gate.reason }}
    </p>
    <InAndOutNote
      v-if="!stands"
      :known="known"
      class="mt-4"
    />

    <div
      class="mt-3 grid gap-x-10 gap-y-5 items-start"
      :class="stands ? 'md:grid-cols-[auto_minmax(0,1fr)]' : ''"
    >
      <section
        v-if="stands"
        aria-labelledby="next"
        class="md:col-start-2 min-w-0"
        data-asked
      >
        <h2
          id="next"
          class="section-rule"
        >
          What it asks for
        </h2>
        <ul
          v-if="due.length > 0"
          ref="asked"
        >
          <TaskRow
            v-for="(task, at) in due"
            :key="task.id"
            :task="task"
            :known="known"
            :brief="at > 0"
          />
        </ul>
        <p v-else>
          Nothing today.<template v-if="later[0]">
            Next: {{ uncapital(later[0].title) }}, {{ dayOf(later[0].due) }}.
          </template>
        </p>
        <NuxtLink
          v-if="step"
          :to="`/batch/${known.batch.id}/run`"
          class="label-button strong mt-2"
          data-run
        >
          <UIcon
            name="i-ph-list-checks"
            class="size-5"
          />
          Step by step
        </NuxtLink>
      </section>
      <TimePicture
        v-if="part >= PARTS.picture"
        class="md:col-start-1 md:row-start-1 md:row-span-3"
        :known="known"
        :day="day"
      />
      <template v-if="stands && part >= PARTS.picture">
        <WindowList
          v-if="windows.length > 0"
          class="md:col-start-2 min-w-0"
          :known="known"
          :windows="windows"
        />
        <section
          ref="recording"
          class="md:col-start-2 min-w-0"
          aria-labelledby="record"
        >
          <h2
            id="record"
            class="section-rule mb-2"
          >
            Record
          </h2>
          <RecordPanel
            v-model:chosen="chosen"
            :known="known"
            :tasks="tasks"
          />
          <p class="mt-2 flex flex-wrap gap-x-5 items-center">
            <NuxtLink
              v-if="known.method.life.diagnosis"
              :to="`/batch/${known.batch.id}/wrong`"
              class="tap inline-flex items-center underline underline-offset-3"
            >What is wrong?</NuxtLink>
            <NuxtLink
              v-if="known.method.life.ripeness"
              :to="`/batch/${known.batch.id}/ready`"
              class="tap inline-flex items-center underline underline-offset-3"
            >Is it ready?</NuxtLink>
            <PhotoButton :known="known" />
          </p>
        </section>
      </template>
    </div>

    <div
      v-if="part >= PARTS.rest"
      class="mt-6"
    >
      <FoldedPart
        v-if="stands && later.length > 0"
        part="later"
        title="What it asks for later"
      >
        <ul>
          <TaskRow
            v-for="task in later"
            :key="task.id"
            :task="task"
            :known="known"
          />
        </ul>
      </FoldedPart>
      <FoldedPart
        v-if="stands || facts.length > 0"
        part="known"
        title="How it is today"
      >
        <KnownList
          v-if="stands"
          :situation="situation"
          :found="found"
        />
        <FactList
          v-if="facts.length > 0"
          :facts="facts"
        />
        <CharWithin :known="known" />
        <FromAbove
          v-if="stands"
          :known="known"
        />
        <PipelineChart
          v-if="bands"
          :pipeline="bands"
          class="mt-6"
        />
      </FoldedPart>
      <FoldedPart
        v-if="charts.length > 0"
        part="charts"
        :title="charts.length === 1 ? charts[0]!.title : 'Charts'"
      >
        <div
          v-for="chart in charts"
          :key="chart.id"
          class="mb-6"
        >
          <h3 v-if="charts.length > 1">
            {{ chart.title }}
          </h3>
          <p
            :id="`${chart.id}-said`"
            data-chart-said
          >
            {{ chartSentences(chart, stands ? windows : [], now, units) }}
          </p>
          <BatchChart
            :chart="chart"
            :supposed="whatIf?.line"
            :ended="!stands"
          />
          <ChartTable :chart="chart" />
          <ChartKey
            :chart="chart"
            :what-if="whatIf !== undefined"
          />
          <p class="mt-2 flex flex-wrap gap-2">
            <button
              v-if="stands && supposing"
              type="button"
              class="label-button"
              :aria-expanded="wondering"
              @click="wondering = !wondering"
            >
              <UIcon
                name="i-ph-question"
                class="size-5"
              />
              What if I…
            </button>
            <NuxtLink
              v-if="quantityByThermometer(known.method.life)"
              :to="`/batch/${known.batch.id}/readings`"
              class="label-button"
            >
              <UIcon
                name="i-ph-broadcast"
                class="size-5"
              />
              Probe and files
            </NuxtLink>
          </p>
          <WhatIfPanel
            v-if="wondering && supposing"
            v-model="supposed"
            :supposing="supposing"
            :what-if="whatIf"
            class="mt-3 pl-3 border-l-4 border-accented"
          />
        </div>
      </FoldedPart>
      <FoldedPart
        part="log"
        title="Log and pictures"
        :at-once="route.query.entry !== undefined"
      >
        <PhotoStrip :known="known" />
        <BatchLog :known="known" />
      </FoldedPart>
      <BecomesBed :known="known" />
      <p class="section-rule flex flex-wrap gap-x-5 items-center">
        <NuxtLink
          v-if="stands"
          :to="`/batch/${known.batch.id}/finish`"
          class="tap inline-flex items-center underline underline-offset-3"
        >{{ words.take }}</NuxtLink>
        <NuxtLink
          :to="`/batch/${known.batch.id}/sheet`"
          class="tap inline-flex items-center underline underline-offset-3"
        >Build sheet</NuxtLink>
        <NuxtLink
          :to="`/batch/${known.batch.id}/label`"
          class="tap inline-flex items-center underline underline-offset-3"
        >Label</NuxtLink>
        <button
          type="button"
          class="tap underline underline-offset-3"
          @click="another(known)"
        >
          Plan one like it
        </button>
        <NuxtLink
          :to="`/trials?with=${known.batch.id}`"
          class="tap inline-flex items-center underline underline-offset-3"
        >Compare it</NuxtLink>
      </p>
    </div>
  </div>
</template>
