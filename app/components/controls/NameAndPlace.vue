<script setup lang="ts">
/** What one is called and where it stands; a name is suggested. */
const { suggested, hint = '' } = defineProps<{ suggested: string, hint?: string }>()
const name = defineModel<string>('name', { required: true })
const place = defineModel<string>('place', { required: true })
</script>

<template>
  <label class="flex-1 min-w-48">
    <span class="field-label">Name</span>
    <input
      v-model="name"
      class="text-field"
      maxlength="80"
      :placeholder="suggested"
      autocomplete="off"
    >
  </label>
  <label class="flex-1 min-w-48">
    <span class="field-label">Where it stands</span>
    <input
      v-model="place"
      class="text-field"
      maxlength="80"
      :placeholder="hint"
      autocomplete="off"
    >
  </label>
</template>
