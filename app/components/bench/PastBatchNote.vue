<script setup lang="ts">
import { isBuilt } from '#core/journal/garden'
import { inAndOut } from '#core/garden/batch'
import { differenceInCalendarDays } from 'date-fns'

/** The past batch a plan was copied from, with how it went. */
const bench = useBench()
const { draft } = bench
const { store, materials } = useGarden()
const { quantity } = useSay()

const past = computed(() => {
  const batch = draft.value.likeBatchId ? store.journal.garden.batches.get(draft.value.likeBatchId) : undefined
  return batch && isBuilt(batch) ? batch : undefined
})
const outcome = computed(() => {
  if (!past.value) return []
  const { built, readings, turns, finish } = past.value
  const hottest = Math.max(...readings.map(({ coreC }) => coreC ?? -Infinity))
  const out = inAndOut(past.value, materials.value)
  return [
    Number.isFinite(hottest) ? `${quantity('temperature', hottest)} at its hottest` : 'no heat was read',
    `turned ${turns.length === 1 ? 'once' : `${turns.length} times`}`,
    ...(finish ? [`taken down after ${differenceInCalendarDays(new Date(finish.at), new Date(built.at))} days`] : ['still standing']),
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
