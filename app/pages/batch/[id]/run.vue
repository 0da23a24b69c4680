<script setup lang="ts">
definePageMeta({ title: 'Step by step' })
</script>

<template>
  <BatchPage
    v-slot="{ known }"
    title="Step by step"
  >
    <GuidedRun :known="known" />
  </BatchPage>
</template>
