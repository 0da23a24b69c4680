<script setup lang="ts">
/** How the strip is read: two samples. */
const { fade } = defineProps<{ fade: string }>()
</script>

<template>
  <p class="aside-note mt-2 flex flex-wrap gap-x-5 gap-y-1 items-center">
    <span class="inline-flex items-center gap-2"><svg
      width="44"
      height="14"
      aria-hidden="true"
    ><rect
      width="44"
      height="14"
      fill="url(#hatch-finished)"
      :mask="`url(#${fade})`"
    /></svg>perhaps there</span>
    <span class="inline-flex items-center gap-2"><svg
      width="26"
      height="18"
      aria-hidden="true"
    ><rect
      x="1"
      y="1"
      width="24"
      height="16"
      fill="none"
      stroke="var(--ui-error)"
      stroke-width="2"
      stroke-dasharray="5 4"
    /><rect
      x="1"
      y="9"
      width="24"
      height="8"
      fill="url(#hatch-finished)"
    /></svg>wanted: the open part is short</span>
  </p>
</template>
