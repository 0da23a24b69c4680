<script setup lang="ts">
import type { Family } from '#core/materials/material'

/** A chip of a material's hatch: its mark in lists. */
const { family, size = 28 } = defineProps<{ family: Family, size?: number }>()
</script>

<template>
  <svg
    :width="size"
    :height="size"
    viewBox="0 0 28 28"
    class="shrink-0"
    aria-hidden="true"
  >
    <path
      d="M2 5q6-4 12-2t12 0v20q-6 4-12 2t-12 0z"
      :fill="`url(#hatch-${family})`"
      stroke="var(--ui-text-toned)"
      stroke-width="1.2"
    />
  </svg>
</template>
