<script setup lang="ts">
/** A part beside the page: should it break, the page stands without it, and the browser's console says why. */
const broken = ref(false)
onErrorCaptured((cause) => {
  broken.value = true
  console.error(cause)
  return false
})
</script>

<template>
  <slot v-if="!broken" />
</template>
