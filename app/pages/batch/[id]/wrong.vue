<script setup lang="ts">
definePageMeta({ title: 'What is wrong?' })
</script>

<template>
  <BatchPage
    v-slot="{ known }"
    title="What is wrong?"
  >
    <WrongPanel
      v-if="known.method.diagnosis"
      :known="known"
      :diagnosis="known.method.diagnosis"
    />
  </BatchPage>
</template>
