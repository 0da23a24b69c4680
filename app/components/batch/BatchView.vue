<script setup lang="ts">
import { chartSentences } from '#core/methods/contract/chart-words'
import { approachOf, balancedOf, quantityByThermometer, stepNow } from '#core/methods/contract'
import type { KnownBatch } from '~/composables/useGarden'

/** A batch: how it is, what can be recorded, its picture through time, its windows, its charts, its log. */
const { known } = defineProps<{ known: KnownBatch }>()
const BatchChart = defineAsyncComponent(() => import('./BatchChart.vue'))
const { now, units, surroundings } = useGarden()
const { day, situation, found, standing, windows, tasks, charts, facts, gates } = useBatchView(() => known)
const { supposed, whatIf } = useWhatIf(() => known)
const wondering = ref(false)
watch(wondering, (on) => { if (!on) supposed.value = [] })

const another = useAnother()
useSteadyTaps(useTemplateRef<HTMLElement>('asked'))
const chosen = ref<string>()
/** The page is drawn in parts, what is wanted first before what is large. */
const PARTS = { picture: 2, log: 3, charts: 4 }
const part = useGrowing(() => PARTS.charts, 1)
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

    <CharWithin :known="known" />
    <InAndOutNote
      v-if="!stands"
      :known="known"
      class="mt-4"
    />
    <RecordPanel
      v-else
      v-model:chosen="chosen"
      :known="known"
      class="mt-4"
    />

    <p
      v-if="stands"
      class="mt-3 flex flex-wrap gap-2"
    >
      <NuxtLink
        v-if="step"
        :to="`/batch/${known.batch.id}/run`"
        class="label-button strong"
        data-run
      >
        <UIcon
          name="i-ph-list-checks"
          class="size-5"
        />
        Step by step
      </NuxtLink>
      <NuxtLink
        v-if="known.method.life.diagnosis"
        :to="`/batch/${known.batch.id}/wrong`"
        class="label-button"
      >
        <UIcon
          name="i-ph-magnifying-glass"
          class="size-5"
        />
        What is wrong?
      </NuxtLink>
      <NuxtLink
        v-if="known.method.life.ripeness"
        :to="`/batch/${known.batch.id}/ready`"
        class="label-button"
      >
        <UIcon
          name="i-ph-flask"
          class="size-5"
        />
        Is it ready?
      </NuxtLink>
      <PhotoButton :known="known" />
    </p>
    <BecomesBed :known="known" />

    <div
      v-if="part >= PARTS.picture"
      class="mt-6 grid gap-x-10 gap-y-6 md:grid-cols-[auto_minmax(0,1fr)]"
    >
      <div>
        <TimePicture
          :known="known"
          :day="day"
        />
        <FromAbove
          v-if="stands"
          :known="known"
        />
      </div>
      <div class="min-w-0 space-y-5">
        <WindowList
          v-if="windows.length > 0 && stands"
          :known="known"
          :windows="windows"
        />
        <KnownList
          v-if="stands"
          :situation="situation"
          :found="found"
        />
        <FactList
          v-if="facts.length > 0"
          :facts="facts"
        />
        <section
          v-if="tasks.length > 0"
          aria-labelledby="next"
        >
          <h2
            id="next"
            class="section-rule"
          >
            What it asks for next
          </h2>
          <ul ref="asked">
            <TaskRow
              v-for="task in tasks"
              :key="task.id"
              :task="task"
              :known="known"
            />
          </ul>
        </section>
      </div>
    </div>

    <PipelineChart
      v-if="bands && part >= PARTS.charts"
      :pipeline="bands"
      class="mt-6"
    />
    <section
      v-for="chart in part >= PARTS.charts ? charts : []"
      :key="chart.id"
      :aria-labelledby="chart.id"
      class="mt-6"
    >
      <h2
        :id="chart.id"
        class="section-rule"
      >
        {{ chart.title }}
      </h2>
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
      <p class="aside-note">
        {{ chart.legend }}<template v-if="whatIf">
          Solid: what if.
        </template>
      </p>
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
    </section>
    <section
      v-if="part >= PARTS.log"
      aria-labelledby="log"
      class="mt-6"
    >
      <h2
        id="log"
        class="section-rule"
      >
        Log
      </h2>
      <PhotoStrip :known="known" />
      <BatchLog :known="known" />
      <p class="mt-3 flex flex-wrap gap-3">
        <NuxtLink
          :to="`/batch/${known.batch.id}/sheet`"
          class="label-button"
        >Build sheet</NuxtLink>
        <NuxtLink
          :to="`/batch/${known.batch.id}/label`"
          class="label-button"
        >Label</NuxtLink>
        <button
          type="button"
          class="label-button"
          @click="another(known)"
        >
          Plan one like it
        </button>
        <NuxtLink
          :to="`/trials?with=${known.batch.id}`"
          class="label-button"
        >Compare it</NuxtLink>
        <NuxtLink
          v-if="stands"
          :to="`/batch/${known.batch.id}/finish`"
          class="label-button"
        >{{ words.take }}</NuxtLink>
      </p>
    </section>
  </div>
</template>
