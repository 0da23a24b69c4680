<script setup lang="ts">
import { howItWent } from '#core/garden/past'
import { hasBegun } from '#core/journal/garden'
import { findMethod } from '#core/methods'

/** The past batch a plan was copied from, with how it went. */
const bench = useBenchPlan()
const { draft } = bench
const { store, materials, units } = useGarden()

const past = computed(() => {
  const batch = draft.value.likeBatchId ? store.journal.garden.batches.get(draft.value.likeBatchId) : undefined
  return batch && hasBegun(batch) ? batch : undefined
})
const outcome = computed(() =>
  past.value ? howItWent(past.value, findMethod(past.value.began.methodId), { materials: materials.value, units: units.value }) : [],
)
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
