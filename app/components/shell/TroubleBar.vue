<script setup lang="ts">
/** Trouble with keeping things, in plain words, until it is read. */
const store = useGardenStore()
</script>

<template>
  <div
    v-if="store.trouble"
    role="alert"
    class="no-print flex gap-3 items-start px-4 md:px-8 py-3 border-b-2 border-error"
  >
    <UIcon
      name="i-ph-warning"
      class="size-6 text-error shrink-0"
    />
    <p class="flex-1">
      {{ store.trouble.message }}
    </p>
    <button
      type="button"
      class="tap label-button plain"
      @click="store.trouble = undefined"
    >
      I see
    </button>
  </div>
</template>
