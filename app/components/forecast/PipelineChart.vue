<script setup lang="ts">
import { eachMonthOfInterval, getYear } from 'date-fns'
import { dayText, monthYearText, shortDayText } from '#core/units/dates'
import type { Family } from '#core/materials/material'
import type { Pipeline, PipelineStage } from '#core/methods/contract'

/** Batches that follow one another over the years: a row each, its stages along time, read off by hatch and word. */
const { pipeline } = defineProps<{ pipeline: Pipeline }>()
const { now } = useGarden()

const span = computed(() => pipeline.to.getTime() - pipeline.from.getTime())
const at = (moment: Date) => 100 * (moment.getTime() - pipeline.from.getTime()) / span.value
const HATCHES: Readonly<Record<PipelineStage['tone'], Family>> = {
  filling: 'leaf', resting: 'straw', first: 'wood', second: 'finished', third: 'mineral',
}
/** Over years their turns are marked, over months the months: as many as can be read. */
const MONTHS_UNTIL_MS = 430 * 86_400_000
const marks = computed(() => span.value > MONTHS_UNTIL_MS
  ? Array.from(
      { length: getYear(pipeline.to) - getYear(pipeline.from) },
      (_, index) => new Date(getYear(pipeline.from) + index + 1, 0, 1),
    ).map(at => ({ at, text: String(at.getFullYear()) }))
  : eachMonthOfInterval({ start: pipeline.from, end: pipeline.to })
      .filter(at => at > pipeline.from)
      .map(at => ({ at, text: shortDayText(at).replace(/[^\p{L}]/gu, '') })),
)
const legend = computed(() => [
  ...new Map(
    pipeline.rows
      .filter(({ named }) => !named)
      .flatMap(({ stages }) => stages)
      .map(stage => [stage.tone, stage.label]),
  ).entries(),
])
const said = (stages: readonly PipelineStage[]) =>
  stages.map(({ label, from }) => `${label} from ${span.value > MONTHS_UNTIL_MS ? monthYearText(from) : dayText(from)}`).join(', ')
</script>

<template>
  <section
    :aria-label="pipeline.title"
    data-pipeline
  >
    <h2 class="section-rule">
      {{ pipeline.title }}
    </h2>
    <p
      v-for="line in pipeline.words"
      :key="line"
    >
      {{ line }}
    </p>
    <ul class="mt-3 relative">
      <li
        v-for="row in pipeline.rows"
        :key="row.name"
        class="py-1"
      >
        <NuxtLink
          v-if="row.batchId"
          :to="`/batch/${row.batchId}`"
          class="tap inline-flex items-center font-semibold underline underline-offset-3 decoration-dotted"
        >{{ row.name }}</NuxtLink>
        <span
          v-else
          class="aside-note"
        >{{ row.name }}</span>
        <svg
          class="w-full h-8 block"
          role="img"
          :aria-label="`${row.name}: ${said(row.stages)}`"
          :class="row.batchId ? '' : 'opacity-60'"
        >
          <rect
            v-for="stage in row.stages"
            :key="stage.id"
            :x="`${at(stage.from)}%`"
            y="3"
            :width="`${Math.max(0.3, at(stage.to) - at(stage.from))}%`"
            height="26"
            :fill="`url(#hatch-${HATCHES[stage.tone]})`"
            stroke="var(--ui-bg)"
            stroke-width="1.5"
          />
          <line
            :x1="`${at(now)}%`"
            :x2="`${at(now)}%`"
            y1="0"
            y2="32"
            stroke="var(--ui-text-highlighted)"
            stroke-width="2.5"
          />
        </svg>
      </li>
      <li
        class="relative h-6"
        aria-hidden="true"
      >
        <span
          v-for="mark in marks"
          :key="mark.text"
          class="absolute aside-note -translate-x-1/2"
          :style="{ left: `${at(mark.at)}%` }"
        >{{ mark.text }}</span>
      </li>
    </ul>
    <p class="flex flex-wrap gap-x-5 gap-y-1">
      <span
        v-for="[tone, label] in legend"
        :key="tone"
        class="flex items-center gap-2"
      ><HatchSwatch
        :family="HATCHES[tone]"
        :size="20"
      />{{ label }}</span>
    </p>
  </section>
</template>
