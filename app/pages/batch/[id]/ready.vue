<script setup lang="ts">
definePageMeta({ title: 'Is it ready?' })
</script>

<template>
  <BatchPage
    v-slot="{ known }"
    title="Is it ready?"
  >
    <ReadyPanel
      v-if="known.method.life.ripeness"
      :known="known"
      :ripeness="known.method.life.ripeness"
    />
  </BatchPage>
</template>
