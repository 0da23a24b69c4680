<script setup lang="ts">
/** A new version waits here until it is wanted; where another tab took it, this page waits until nobody is busy on it. */
const { offered, due, takeNow } = useUpdates()
const garden = useGardenStore()
const later = ref(false)
</script>

<template>
  <div
    v-if="due || (offered && !later)"
    class="no-print fixed z-40 top-2 inset-x-2 md:left-auto md:w-96 bg-elevated border-2 border-inverted rounded-sm p-3"
    role="status"
  >
    <p v-if="due && !garden.lasting">
      A new version of Wastrum is in use. This page stays as it is until what you recorded is kept. Save it, to be sure.
    </p>
    <p v-else-if="due">
      A new version of Wastrum is in use. This page is loaded again as soon as you have finished what you are writing; it is kept.
    </p>
    <template v-else>
      <p>A new version of Wastrum is here. Take it when you are done with what you are doing.</p>
      <div class="flex gap-2 mt-2">
        <button
          type="button"
          class="label-button strong"
          @click="takeNow"
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
    </template>
  </div>
</template>
