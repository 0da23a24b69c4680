<script setup lang="ts">
/** Is it ready? For one batch. */
const known = useRouteBatch()
</script>

<template>
  <BatchPage
    v-if="known"
    :known="known"
    title="Is it ready?"
  >
    <ReadyPanel
      :key="known.batch.id"
      :known="known"
    />
  </BatchPage>
  <NoBatch v-else />
</template>
