<script setup lang="ts">
const print = () => window.print()
</script>

<template>
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
</template>
