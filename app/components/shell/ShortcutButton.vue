<script setup lang="ts">
/** Opens the sheet of keys. */
const { open } = useShortcutSheet()
</script>

<template>
  <button
    type="button"
    class="tap label-button plain !p-0"
    aria-label="Keys"
    @click="open = true"
  >
    <UIcon
      name="i-ph-question"
      class="size-6"
    />
  </button>
</template>
