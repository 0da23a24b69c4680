<script setup lang="ts">
/** A small line drawing, as a list of paths in a field of 32 by 32. */
const { strokes } = defineProps<{ strokes: readonly string[] }>()
</script>

<template>
  <svg
    viewBox="0 0 32 32"
    class="size-8 shrink-0"
    fill="none"
    stroke="currentColor"
    stroke-width="1.8"
    stroke-linecap="round"
    stroke-linejoin="round"
    aria-hidden="true"
  >
    <path
      v-for="path in strokes"
      :key="path"
      :d="path"
    />
  </svg>
</template>
