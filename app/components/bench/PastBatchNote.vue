<script setup lang="ts">
import { hasBegun } from '#core/journal/garden'
import { findMethod } from '#core/methods'
import { inAndOut } from '#core/garden/batch'
import { differenceInCalendarDays } from 'date-fns'

/** The past batch a plan was copied from, with how it went. */
const bench = useBenchPlan()
const { draft } = bench
const { store, materials, surroundings } = useGarden()
const { quantity } = useSay()

const past = computed(() => {
  const batch = draft.value.likeBatchId ? store.journal.garden.batches.get(draft.value.likeBatchId) : undefined
  return batch && hasBegun(batch) ? batch : undefined
})
const outcome = computed(() => {
  if (!past.value) return []
  const { began, ended } = past.value
  const chart = findMethod(began.methodId)?.look.charts(past.value, surroundings.value)[0]
  const values = chart?.dots.filter(({ main }) => main).flatMap(({ points }) => points.map(({ value }) => value)) ?? []
  const out = inAndOut(past.value, materials.value)
  const turns = chart?.marks.length ?? 0
  return [
    ...(chart?.unit === 'temperature' ? [values.length > 0 ? `${quantity('temperature', Math.max(...values))} at its hottest` : 'no heat was read', `turned ${turns === 1 ? 'once' : `${turns} times`}`] : []),
    ...(ended ? [`taken down after ${differenceInCalendarDays(new Date(ended.at), new Date(began.at))} days`] : ['still standing']),
    ...(out ? [`gave ${quantity('volume', out.outL)} of ${quantity('volume', out.inL)} that went in`] : []),
  ]
})
</script>

<template>
  <p
    v-if="past"
    class="flex flex-wrap items-center gap-x-3 border-l-4 border-(--ui-border-accented) pl-3 my-2"
    data-past-batch
  >
    <span>Like <NuxtLink
      :to="`/batch/${past.id}`"
      class="underline underline-offset-3"
    >{{ past.name }}</NuxtLink>: {{ outcome.join(', ') }}.</span>
    <button
      type="button"
      class="tap underline underline-offset-3 decoration-dotted"
      @click="bench.change({ likeBatchId: undefined })"
    >
      forget that
    </button>
  </p>
</template>
