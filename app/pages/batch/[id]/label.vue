<script setup lang="ts">
/** A label to print, cut out and tie on. */
const print = () => window.print()
</script>

<template>
  <BatchPage
    v-slot="{ known }"
    title="Label"
  >
    <p class="no-print mb-4">
      <button
        type="button"
        class="label-button"
        @click="print"
      >
        <UIcon
          name="i-ph-printer"
          class="size-5"
        />
        Print
      </button>
    </p>
    <PlantLabel :known="known" />
  </BatchPage>
</template>
