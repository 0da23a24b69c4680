<script setup lang="ts">
import type { Plot } from '#core/plots/trial'

/** One side of a pair: a bed or a part of it, or a tray or pot by its name. */
const { label, side } = defineProps<{ label: string, side: string }>()
const model = defineModel<Plot>({ required: true })
const { beds } = useBeds()
const bedId = computed({
  get: () => model.value.bedId ?? '',
  set: (id: string) => { model.value = { called: model.value.called, ...(id ? { bedId: id } : {}) } },
})
const called = computed({ get: () => model.value.called, set: (text: string) => { model.value = { ...model.value, called: text } } })
</script>

<template>
  <fieldset class="space-y-2">
    <legend class="field-label">
      {{ label }}
    </legend>
    <label class="block">
      <span class="sr-only">{{ label }}: bed, tray or pot</span>
      <select
        v-model="bedId"
        class="text-field"
        :data-plot="side"
      >
        <option value="">
          a tray or pot
        </option>
        <option
          v-for="bed in beds"
          :key="bed.id"
          :value="bed.id"
        >{{ bed.name }}</option>
      </select>
    </label>
    <label class="block">
      <span class="aside-note">{{ bedId ? 'Which part of it, if not all' : 'What it is called' }}</span>
      <input
        v-model="called"
        class="text-field"
        maxlength="80"
        autocomplete="off"
        :placeholder="bedId ? 'left half' : 'tray one'"
        :data-plot-called="side"
      >
    </label>
  </fieldset>
</template>
