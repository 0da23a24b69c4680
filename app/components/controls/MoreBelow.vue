<script setup lang="ts">
/** The end of a list of which not all is drawn: it draws more as it comes into view, or when it is pressed. */
const { left } = defineProps<{ left: number }>()
const emit = defineEmits<{ more: [] }>()
const end = useTemplateRef<HTMLElement>('end')
const near = useElementVisibility(end, { rootMargin: '400px' })
watch([near, () => left], async () => {
  if (!near.value || left <= 0) return
  await breath()
  emit('more')
}, { immediate: true })
</script>

<template>
  <p
    v-if="left > 0"
    ref="end"
  >
    <button
      type="button"
      class="tap underline underline-offset-3 decoration-dotted"
      data-more
      @click="emit('more')"
    >
      {{ left }} more
    </button>
  </p>
</template>
