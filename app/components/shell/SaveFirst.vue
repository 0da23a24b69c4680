<script setup lang="ts">
/** Saves a backup from where nothing else works any more. It comes by itself: the first page needs nothing of it. */
const { state, save } = useFiles()
</script>

<template>
  <button
    type="button"
    class="label-button"
    :disabled="state.kind === 'working'"
    @click="save"
  >
    Save a backup
  </button>
</template>
