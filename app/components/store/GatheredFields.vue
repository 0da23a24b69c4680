<script setup lang="ts">
import { format } from 'date-fns'

/** When something was gathered and where: the source matters for what may be in it. */
const day = defineModel<string>('day', { required: true })
const source = defineModel<string>('source', { required: true })
const { now } = useGarden()
</script>

<template>
  <div class="grid sm:grid-cols-2 gap-3">
    <label>
      <span class="field-label">Gathered on</span>
      <input
        v-model="day"
        type="date"
        class="text-field"
        :max="format(now, 'yyyy-MM-dd')"
        required
      >
    </label>
    <label>
      <span class="field-label">Where from</span>
      <input
        v-model="source"
        class="text-field"
        maxlength="300"
        autocomplete="off"
        placeholder="what was sprayed, which road, which wood"
      >
    </label>
  </div>
</template>
