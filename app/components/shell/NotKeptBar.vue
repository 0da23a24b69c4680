<script setup lang="ts">
/** While nothing is kept, every page says so, and offers what can be done about it. */
const store = useGardenStore()
const { save, state } = useFiles()
const reload = () => location.reload()
</script>

<template>
  <div
    v-if="store.notKept"
    role="alert"
    class="no-print sticky top-0 z-30 bg-default flex flex-wrap gap-3 items-center px-4 md:px-8 py-3 border-b-4 border-error"
    data-not-kept
  >
    <UIcon
      name="i-ph-warning"
      class="size-6 text-error shrink-0"
    />
    <p class="flex-1 min-w-60">
      <strong class="font-semibold">Not kept just now.</strong> {{ store.notKept.message }}
    </p>
    <span class="flex flex-wrap gap-2">
      <button
        type="button"
        class="label-button"
        :disabled="state.kind === 'working'"
        @click="save"
      >
        Save what is here
      </button>
      <button
        v-if="store.notKept.kind === 'deleted'"
        type="button"
        class="label-button"
        @click="store.putBack"
      >
        Put it back
      </button>
      <button
        v-else-if="store.notKept.kind !== 'unavailable'"
        type="button"
        class="label-button plain"
        @click="reload"
      >
        Reload
      </button>
    </span>
  </div>
</template>
