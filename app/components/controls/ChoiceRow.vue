<script setup lang="ts" generic="T extends string">
/** One of a few, as big buttons in a row. */
const { label, choices, hideLabel = false } = defineProps<{
  label: string
  choices: readonly { readonly id: T, readonly label: string, readonly hint?: string }[]
  hideLabel?: boolean
}>()
const model = defineModel<T>()
const id = useId()
</script>

<template>
  <div>
    <span
      :id="id"
      :class="hideLabel ? 'sr-only' : 'field-label'"
    >{{ label }}</span>
    <div
      role="group"
      :aria-labelledby="id"
      class="flex flex-wrap gap-2"
    >
      <button
        v-for="choice in choices"
        :key="choice.id"
        type="button"
        class="label-button !px-3"
        :aria-pressed="model === choice.id"
        @click="model = choice.id"
      >
        <span>{{ choice.label }}<span
          v-if="choice.hint"
          class="block text-[0.82rem] font-normal opacity-85"
        >{{ choice.hint }}</span></span>
      </button>
    </div>
  </div>
</template>
