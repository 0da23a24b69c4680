<script setup lang="ts">
import { daysText } from '#core/units/plural'

/** What is tried out on the strip, and the way back: over the page, so that nothing moves under the finger. */
const emit = defineEmits<{ back: [] }>()
const { moved } = useYear()
const { nameOf } = useYearAnswer()
</script>

<template>
  <div
    class="no-print fixed z-20 inset-x-0 bottom-19 md:bottom-4 md:left-30 px-3 pointer-events-none"
    role="status"
  >
    <div
      v-if="moved"
      class="pointer-events-auto mx-auto max-w-xl flex flex-wrap items-center gap-3 pl-4 pr-2 py-1.5
        bg-elevated border-2 border-inverted/60"
    >
      <span class="flex-1 min-w-52">{{ nameOf(moved.id) }}, {{ daysText(Math.abs(moved.days)) }}
        {{ moved.days > 0 ? 'later' : 'sooner' }}: this is only tried out.</span>
      <button
        type="button"
        class="label-button"
        @click="emit('back')"
      >
        Put it back
      </button>
    </div>
  </div>
</template>
