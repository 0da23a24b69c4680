<script setup lang="ts">
import { approachOf } from '#core/methods/method'
import type { KnownBatch } from '~/composables/useGarden'

const { known } = defineProps<{ known: KnownBatch }>()
const HeatChart = defineAsyncComponent(() => import('./HeatChart.vue'))
const { surroundings } = useGarden()
const { quantity, day: dayText } = useSay()
const { day, standing, readyWindow, tasks, course, strata, builtM, heightM, lastReading, coreC } = useBatchView(() => known)

const bench = useBench()
/** Lays what went into this one on the bench, with how it went kept beside it. */
async function another(): Promise<void> {
  const { methodId, approachId, vessel, ingredients } = known.batch.built
  bench.replace({ methodId, approachId, vessel, ingredients: ingredients.map(({ materialId, amount, prepared }) => ({ materialId, amount, ...(prepared ? { prepared } : {}) })), pinned: [], capped: [], likeBatchId: known.batch.id })
  await navigateTo('/bench')
}
const chosen = ref<string>()
const TONES = { good: 'text-primary', mind: 'text-warning', bad: 'text-error' } as const
const ambientC = computed(() => surroundings.value.ambientC(surroundings.value.now))
const sunk = computed(() => builtM.value > 0 ? Math.round((1 - heightM.value / builtM.value) * 100) : 0)
const caption = computed(() => {
  const sunkText = sunk.value > 1 ? `, sunk by ${sunk.value} % since ${dayText(known.batch.built.at)}` : ''
  const basis = lastReading.value && coreC.value === lastReading.value.coreC ? `Core read on ${dayText(lastReading.value.at)}.` : 'Core as expected, not read lately.'
  return `${quantity('length', heightM.value)} high${sunkText}.${known.batch.finish ? '' : ` ${basis}`}`
})
const shownCourse = computed(() => known.batch.finish ? course.value.filter(one => one.day <= (new Date(known.batch.finish!.at).getTime() - new Date(known.batch.built.at).getTime()) / 86_400_000) : course.value)
</script>

<template>
  <div>
    <header class="flex flex-wrap items-baseline justify-between gap-x-6 gap-y-1">
      <BatchName :batch="known.batch" />
      <p class="aside-note">
        {{ known.method.name }} · {{ approachOf(known.method, known.batch.built.approachId).name.toLowerCase() }}
      </p>
    </header>
    <p class="mt-1 text-lg">
      <strong
        class="font-semibold"
        :class="TONES[standing.tone]"
      >{{ standing.label }}.</strong> {{ standing.sentence }}
    </p>

    <InAndOutNote
      v-if="known.batch.finish"
      :known="known"
      class="mt-4"
    />
    <RecordPanel
      v-else
      v-model:chosen="chosen"
      :known="known"
      class="mt-4"
    />

    <div class="mt-6 grid gap-x-10 gap-y-6 md:grid-cols-[auto_minmax(0,1fr)]">
      <figure class="max-w-full">
        <CutawayDrawing
          :vessel="known.batch.built.vessel"
          :layers="strata"
          :fill-m="heightM"
          :built-m="builtM"
          :core-c="known.batch.finish ? undefined : coreC"
          :ambient-c="ambientC"
          :px-per-metre="215"
          ruler
          :label="`${known.batch.name} cut open, ${quantity('length', heightM)} high`"
        />
        <figcaption class="aside-note">
          {{ caption }}
        </figcaption>
      </figure>
      <div class="min-w-0 space-y-5">
        <section
          v-if="!known.batch.finish"
          aria-labelledby="ready"
        >
          <h2
            id="ready"
            class="section-rule mb-1"
          >
            When it is ready
          </h2>
          <WindowLine
            :built-at="known.batch.built.at"
            :window="readyWindow"
          />
        </section>
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
          <ul>
            <TaskRow
              v-for="task in tasks"
              :key="task.id"
              :task="task"
              :known="known"
              :show-batch="false"
            />
          </ul>
        </section>
      </div>
    </div>

    <section
      aria-labelledby="heat"
      class="mt-6"
    >
      <h2
        id="heat"
        class="section-rule"
      >
        Heat
      </h2>
      <HeatChart
        :batch="known.batch"
        :course="shownCourse"
      />
      <p class="aside-note">
        Dots: core. Squares: edge. Dashed with its band: what is expected, drawn towards your readings. Hollow: stands apart from its neighbours. Upright lines: turned.
        A first, plain curve; day {{ Math.floor(day) }}.
      </p>
    </section>
    <section
      aria-labelledby="log"
      class="mt-6"
    >
      <h2
        id="log"
        class="section-rule"
      >
        Log
      </h2>
      <BatchLog :known="known" />
      <p class="mt-3 flex flex-wrap gap-3">
        <NuxtLink
          :to="`/batch/${known.batch.id}/sheet`"
          class="label-button"
        >Build sheet</NuxtLink>
        <button
          type="button"
          class="label-button"
          @click="another"
        >
          Plan one like it
        </button>
        <NuxtLink
          v-if="!known.batch.finish"
          :to="`/batch/${known.batch.id}/finish`"
          class="label-button"
        >Take it down</NuxtLink>
      </p>
    </section>
  </div>
</template>
