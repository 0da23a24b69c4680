<script setup lang="ts">
/** What is wrong? For one batch. */
const known = useRouteBatch()
</script>

<template>
  <BatchPage
    v-if="known"
    :known="known"
    title="What is wrong?"
  >
    <WrongPanel
      :key="known.batch.id"
      :known="known"
    />
  </BatchPage>
  <NoBatch v-else />
</template>
