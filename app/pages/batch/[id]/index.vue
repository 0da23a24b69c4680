<script setup lang="ts">
/** A batch: its cutaway, how it is, what it asks for, its heat and its log. */
const known = useRouteBatch()
</script>

<template>
  <BatchView
    v-if="known"
    :key="known.batch.id"
    :known="known"
  />
  <NoBatch v-else />
</template>
