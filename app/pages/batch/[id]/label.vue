<script setup lang="ts">
definePageMeta({ title: 'Label' })

const { surroundings } = useGarden()
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
    <PlantLabel
      :known="known"
      :windows="known.method.life.windows(known.batch, surroundings)"
    />
  </BatchPage>
</template>
