<script setup lang="ts">
/** The way back to the page that this one belongs to. */
const { to } = defineProps<{ to: string }>()
</script>

<template>
  <NuxtLink
    :to="to"
    class="tap inline-flex items-center gap-1 underline underline-offset-3 no-print"
  >
    <UIcon
      name="i-ph-arrow-left"
      class="size-5"
    />
    <slot />
  </NuxtLink>
</template>
