<script setup lang="ts">
import type { KnownBatch } from '~/composables/useGarden'

/** A page of one batch beside its main one: where one is, and the way back. */
const { known, title } = defineProps<{ known: KnownBatch, title: string }>()
</script>

<template>
  <div>
    <header class="mb-4">
      <NuxtLink
        :to="`/batch/${known.batch.id}`"
        class="tap inline-flex items-center gap-1 underline underline-offset-3"
      >
        <UIcon
          name="i-ph-arrow-left"
          class="size-5"
        />
        {{ known.batch.name }}
      </NuxtLink>
      <h1>{{ title }}</h1>
    </header>
    <slot />
  </div>
</template>
