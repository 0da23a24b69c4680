<script setup lang="ts">
/** What was just recorded, what it means, and the way back. */
const { shown, undo, dismiss } = useRecorder()
</script>

<template>
  <div
    class="no-print fixed z-40 inset-x-0 bottom-19 md:bottom-4 md:left-30 px-3 pointer-events-none"
    role="status"
    aria-live="polite"
  >
    <div
      v-if="shown"
      class="pointer-events-auto mx-auto max-w-xl flex items-center gap-2 bg-inverted text-inverted rounded-sm pl-4 pr-1 py-1.5 shadow-lg"
    >
      <p class="flex-1 leading-snug">
        <strong class="font-semibold">{{ shown.said }}</strong>
        <span
          v-if="shown.answer"
          class="block"
        >{{ shown.answer }}</span>
      </p>
      <button
        type="button"
        class="tap px-3 font-semibold underline underline-offset-3"
        @click="undo"
      >
        Take back
      </button>
      <button
        type="button"
        class="tap grid place-items-center"
        aria-label="Close"
        @click="dismiss"
      >
        <UIcon
          name="i-ph-x"
          class="size-5"
        />
      </button>
    </div>
  </div>
</template>
