<script setup lang="ts">
import { approachOf } from '#core/methods/method'
import type { KnownBatch } from '~/composables/useGarden'

const { known } = defineProps<{ known: KnownBatch }>()
const HeatChart = defineAsyncComponent(() => import('./HeatChart.vue'))
const { day, standing, readyWindow, tasks, course, strata, builtM, heightM, coreC } = useBatchView(() => known)
const { supposed, changed, summary } = useSupposed(() => known, () => course.value)
const wondering = ref(false)
/** The chart shows the days that matter for heat; the cutaway goes on to the end. */
const chartDays = computed(() => Math.max(21, day.value + 12))
const chartCourse = computed(() => shownCourse.value.filter(one => one.day <= chartDays.value))
watch(wondering, (on) => { if (!on) supposed.value = [] })

const bench = useBench()
/** Lays what went into this one on the bench, with how it went kept beside it. */
async function another(): Promise<void> {
  const { methodId, approachId, vessel, ingredients } = known.batch.built
  bench.replace({ methodId, approachId, vessel, ingredients: ingredients.map(({ materialId, amount, prepared }) => ({ materialId, amount, ...(prepared ? { prepared } : {}) })), pinned: [], capped: [], likeBatchId: known.batch.id })
  await navigateTo('/bench')
}
const chosen = ref<string>()
const TONES = { good: 'text-primary', mind: 'text-warning', bad: 'text-error' } as const
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

    <p
      v-if="!known.batch.finish"
      class="mt-3 flex flex-wrap gap-2"
    >
      <NuxtLink
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

    <div class="mt-6 grid gap-x-10 gap-y-6 md:grid-cols-[auto_minmax(0,1fr)]">
      <TimeCutaway
        :known="known"
        :course="shownCourse"
        :strata="strata"
        :height-m="heightM"
        :built-m="builtM"
        :core-c="coreC"
        :day="known.batch.finish ? shownCourse.at(-1)?.day ?? 0 : day"
      />
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
          <WindowStory
            :known="known"
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
        :course="chartCourse"
        :supposed="changed.filter(one => one.day <= chartDays)"
      />
      <p class="aside-note">
        Dots: core as read. Squares: edge. Dashed in its band: what is expected, eight times in ten. Dotted: as it looked at the start. Hollow: stands apart from its neighbours. Upright lines: turned.<template v-if="changed.length > 0">
          Solid: what if.
        </template>
      </p>
      <p class="mt-2 flex flex-wrap gap-2">
        <button
          v-if="!known.batch.finish"
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
        v-if="wondering"
        v-model="supposed"
        :summary="summary"
        class="mt-3 pl-3 border-l-4 border-accented"
      />
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
      <PhotoStrip :known="known" />
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
