<script setup lang="ts">
import type { KnownBatch } from '~/composables/useGarden'

/** A page beside the main one of the batch in the address: where one is, the way back, and what it shows of that batch. */
const { title } = defineProps<{ title: string }>()
defineSlots<{ default: (given: { known: KnownBatch }) => unknown }>()
const known = useRouteBatch()
</script>

<template>
  <div
    v-if="known"
    :key="known.batch.id"
  >
    <header class="mb-4">
      <BackLink :to="`/batch/${known.batch.id}`">
        {{ known.batch.name }}
      </BackLink>
      <h1>{{ title }}</h1>
    </header>
    <slot :known="known" />
  </div>
  <NoBatch v-else />
</template>
