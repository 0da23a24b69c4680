<script setup lang="ts">
/** Whether a label is printed with the others. */
defineProps<{ name: string, out: boolean }>()
defineEmits<{ turn: [] }>()
</script>

<template>
  <label class="no-print tap flex items-center gap-2 aside-note">
    <input
      type="checkbox"
      class="size-5 accent-[var(--ui-primary)]"
      :checked="!out"
      :aria-label="`print the label of ${name}`"
      data-print-label
      @change="$emit('turn')"
    >
    print
  </label>
</template>
