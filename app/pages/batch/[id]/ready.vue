<script setup lang="ts">
definePageMeta({ title: 'Is it ready?' })
</script>

<template>
  <BatchPage
    v-slot="{ known }"
    title="Is it ready?"
  >
    <ReadyPanel
      v-if="known.method.ripeness"
      :known="known"
      :ripeness="known.method.ripeness"
    />
  </BatchPage>
</template>
