<script setup lang="ts">
/** Probe and files For one batch. */
const known = useRouteBatch()
</script>

<template>
  <BatchPage
    v-if="known"
    :known="known"
    title="Probe and files"
  >
    <ReadingsPanel
      :key="known.batch.id"
      :known="known"
    />
  </BatchPage>
  <NoBatch v-else />
</template>
