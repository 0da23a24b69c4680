<script setup lang="ts">
/** A file of a plan or a recipe that is taken in, and what is wrong with it where it is. */
const { label, trouble } = defineProps<{ label: string, trouble: string }>()
const emit = defineEmits<{ pick: [file: File] }>()
function chosen(event: Event): void {
  const field = event.target as HTMLInputElement
  const file = field.files?.[0]
  if (file) emit('pick', file)
  field.value = ''
}
</script>

<template>
  <p>
    <label
      class="tap inline-flex items-center underline underline-offset-3 decoration-dotted focus-within:outline-3
        focus-within:outline-info"
    >
      {{ label }}
      <input
        type="file"
        accept=".json,application/json"
        class="sr-only"
        data-plan-file
        @change="chosen"
      >
    </label>
    <span
      v-if="trouble"
      role="alert"
      class="block border-l-4 border-error pl-3"
    >{{ trouble }}</span>
  </p>
</template>
