<script setup lang="ts">
/** Day or night: paper or soil. */
const mode = useColorMode()
const night = computed(() => mode.value === 'dark')
</script>

<template>
  <button
    type="button"
    class="tap label-button plain !p-0"
    :aria-label="night ? 'Change to day colours' : 'Change to night colours'"
    @click="mode.preference = night ? 'light' : 'dark'"
  >
    <UIcon
      :name="night ? 'i-ph-sun-horizon' : 'i-ph-moon'"
      class="size-6"
    />
  </button>
</template>
