<script setup lang="ts">
/** A batch: its cutaway, how it is, what it asks for, its heat and its log. */
const known = useRouteBatch()
const { unknown } = useGarden()
const route = useRoute()
const newer = computed(() => unknown.value.find(({ id }) => id === route.params.id))
</script>

<template>
  <BatchView
    v-if="known"
    :key="known.batch.id"
    :known="known"
  />
  <UnknownBatch
    v-else-if="newer"
    :batch="newer"
  />
  <NoBatch v-else />
</template>
