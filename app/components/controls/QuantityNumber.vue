<script setup lang="ts" generic="T extends number | undefined">
import { quantityText } from '#core/units/format'
import { fromShown, SHOWN_UNITS, toShown, type Quantity, type UnitSystem } from '#core/units/system'

/** A quantity entered in the gardener's unit and kept in the core's. */
const { quantity, label, min = 0, max = 10_000, step = 1, digits = 1, start = undefined, hideLabel = false } = defineProps<{
  quantity: Quantity
  label: string
  /** Bounds in the core's unit; the step is in the shown unit. */
  min?: number
  max?: number
  step?: number
  digits?: number
  /** Where minus and plus begin while nothing is there yet, in the core's unit. */
  start?: number
  hideLabel?: boolean
}>()
const model = defineModel<T>({ required: true })
const { units } = useGarden()

const shown = computed<T>({
  get: () => (model.value === undefined ? undefined : toShown(quantity, units.value, model.value)) as T,
  set: (value) => { model.value = (value === undefined ? undefined : fromShown(quantity, units.value, value)) as T },
})
const OTHER: Readonly<Record<UnitSystem, UnitSystem>> = { metric: 'us', us: 'metric' }
/** A value that cannot be in this unit may be one of the other: "131 °F would be 55 °C". */
function doubt(value: number): string | undefined {
  const meant = fromShown(quantity, OTHER[units.value], value)
  return meant >= min && meant <= max
    ? `${value} ${SHOWN_UNITS[quantity][OTHER[units.value]].symbol} would be ${quantityText(quantity, units.value, meant)}.`
    : undefined
}
</script>

<template>
  <StepNumber
    v-model="shown"
    :label="label"
    :min="toShown(quantity, units, min)"
    :max="toShown(quantity, units, max)"
    :step="step"
    :digits="digits"
    :hide-label="hideLabel"
    :unit="SHOWN_UNITS[quantity][units].symbol"
    :spoken="SHOWN_UNITS[quantity][units].spoken"
    :start="start === undefined ? undefined : toShown(quantity, units, start)"
    :doubt="doubt"
  />
</template>
