<script setup lang="ts">
import { fromShown, SHOWN_UNITS, toShown, type Quantity } from '#core/units/system'

/** A quantity entered in the gardener's unit and kept in the core's. */
const { quantity, label, min = 0, max = 10_000, step = 1, digits = 1 } = defineProps<{
  quantity: Quantity
  label: string
  /** Bounds in the core's unit; the step is in the shown unit. */
  min?: number
  max?: number
  step?: number
  digits?: number
}>()
const model = defineModel<number>({ required: true })
const { units } = useGarden()

const shown = computed({
  get: () => toShown(quantity, units.value, model.value),
  set: (value: number) => { model.value = fromShown(quantity, units.value, value) },
})
</script>

<template>
  <StepNumber
    v-model="shown"
    :label="label"
    :min="toShown(quantity, units, min)"
    :max="toShown(quantity, units, max)"
    :step="step"
    :digits="digits"
    :unit="SHOWN_UNITS[quantity][units].symbol"
  />
</template>
