<script setup lang="ts">
import type { SavePlan } from '~/composables/useFiles'

/** A garden with so many pictures that it goes into several files. */
defineProps<{ plan: SavePlan, saved: readonly number[] }>()
defineEmits<{ save: [index: number], done: [] }>()
const size = (bytes: number) => `${Math.max(1, Math.round(bytes / 1e6))} MB`
</script>

<template>
  <div
    class="border-l-4 border-accented pl-3 space-y-2"
    data-save-parts
  >
    <p>
      With {{ plan.pictures }} pictures the garden goes into {{ plan.parts.length }} files. Save each of them; read them in again in any
      order, the first one first.
    </p>
    <ul class="space-y-2">
      <li
        v-for="(part, index) in plan.parts"
        :key="index"
        class="flex flex-wrap gap-3 items-center"
      >
        <button
          type="button"
          class="label-button"
          :class="saved.includes(index) ? 'plain' : ''"
          @click="$emit('save', index)"
        >
          File {{ index + 1 }}
        </button>
        <span>{{ index === 0 ? 'the garden and ' : '' }}{{ part.pictures }} pictures, {{ size(part.bytes) }}</span>
        <span
          v-if="saved.includes(index)"
          class="font-semibold"
        >saved</span>
      </li>
    </ul>
    <button
      type="button"
      class="label-button"
      @click="$emit('done')"
    >
      {{ saved.length >= plan.parts.length ? 'All are saved' : 'Not now' }}
    </button>
  </div>
</template>
