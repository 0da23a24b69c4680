<script setup lang="ts">
/** A new version waits here until it is wanted; nothing reloads by itself. */
const { $pwa } = useNuxtApp()
const later = ref(false)
</script>

<template>
  <div
    v-if="$pwa?.needRefresh && !later"
    class="no-print fixed z-40 top-2 inset-x-2 md:left-auto md:w-96 bg-elevated border-2 border-inverted rounded-sm p-3"
    role="status"
  >
    <p>A new version of Wastrum is here. Take it when you are done with what you are doing.</p>
    <div class="flex gap-2 mt-2">
      <button
        type="button"
        class="label-button strong"
        @click="$pwa?.updateServiceWorker()"
      >
        Take it now
      </button>
      <button
        type="button"
        class="label-button plain"
        @click="later = true"
      >
        Later
      </button>
    </div>
  </div>
</template>
