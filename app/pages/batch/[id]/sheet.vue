<script setup lang="ts">
import { batchProposal } from '#core/garden/batch'

/** The build sheet of a batch that stands. */
const known = useRouteBatch()
const { materials } = useGarden()
const proposal = computed(() => known.value && batchProposal(known.value.batch, materials.value))
const print = () => window.print()
</script>

<template>
  <div v-if="known && proposal">
    <p class="no-print flex flex-wrap gap-3 items-center mb-3">
      <NuxtLink
        :to="`/batch/${known.batch.id}`"
        class="label-button plain"
      >Back to the heap</NuxtLink>
      <button
        type="button"
        class="label-button"
        @click="print"
      >
        <UIcon
          name="i-ph-printer"
          class="size-5"
        />
        Print
      </button>
    </p>
    <BuildSheet
      :proposal="proposal"
      :method="known.method"
      :name="known.batch.name"
      :place="known.batch.place"
    />
  </div>
  <NoBatch v-else />
</template>
