<script setup lang="ts">
definePageMeta({ title: 'Probe and files' })
</script>

<template>
  <BatchPage
    v-slot="{ known }"
    title="Probe and files"
  >
    <ReadingsPanel :known="known" />
  </BatchPage>
</template>
