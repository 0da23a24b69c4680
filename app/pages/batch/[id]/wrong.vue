<script setup lang="ts">
definePageMeta({ title: 'What is wrong?' })
</script>

<template>
  <BatchPage
    v-slot="{ known }"
    title="What is wrong?"
  >
    <WrongPanel
      v-if="known.method.life.diagnosis"
      :known="known"
      :diagnosis="known.method.life.diagnosis"
    />
  </BatchPage>
</template>
