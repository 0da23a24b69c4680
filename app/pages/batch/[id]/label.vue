<script setup lang="ts">
definePageMeta({ title: 'Label' })
</script>

<!-- A label to print, cut out and tie on. -->
<template>
  <BatchPage
    v-slot="{ known }"
    title="Label"
  >
    <p class="no-print mb-4">
      <PrintButton />
    </p>
    <PlantLabel :known="known" />
  </BatchPage>
</template>
