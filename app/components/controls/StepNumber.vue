<script setup lang="ts">
/** A number with big minus and plus, for gloves; it can be typed as well. */
const { label, min = 0, max = 10_000, step = 1, unit = '', digits = 2, hideLabel = false } = defineProps<{
  label: string
  min?: number
  max?: number
  step?: number
  unit?: string
  digits?: number
  hideLabel?: boolean
}>()
const model = defineModel<number>({ required: true })
const id = useId()

const shown = computed(() => String(Number(model.value.toFixed(digits))))

function set(value: number): void {
  if (Number.isFinite(value)) model.value = Math.min(max, Math.max(min, Number(value.toFixed(6))))
}

function typed(event: Event): void {
  const field = event.target as HTMLInputElement
  const text = field.value.trim().replace(',', '.')
  if (text !== '') set(Number(text))
  field.value = shown.value
}
</script>

<template>
  <div>
    <label
      :for="id"
      :class="hideLabel ? 'sr-only' : 'field-label'"
    >{{ label }}</label>
    <div class="flex items-stretch">
      <button
        type="button"
        class="tap label-button !rounded-none !rounded-l !px-0 w-12 text-xl"
        :disabled="model <= min"
        :aria-label="`less: ${label}`"
        @click="set(model - step)"
      >
        −
      </button>
      <span class="relative flex items-center">
        <input
          :id="id"
          :value="shown"
          inputmode="decimal"
          autocomplete="off"
          class="text-field !rounded-none !border-x-0 text-center font-semibold"
          :class="unit ? 'w-24 pr-8' : 'w-18'"
          @change="typed"
        >
        <span
          v-if="unit"
          class="absolute right-2 pointer-events-none aside-note"
        >{{ unit }}</span>
      </span>
      <button
        type="button"
        class="tap label-button !rounded-none !rounded-r !px-0 w-12 text-xl"
        :disabled="model >= max"
        :aria-label="`more: ${label}`"
        @click="set(model + step)"
      >
        +
      </button>
    </div>
  </div>
</template>
