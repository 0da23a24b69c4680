<script setup lang="ts">
import { containerThen, type Amount, type Packing } from '#core/units/container'

/** How many of which container, filled how. */
const { label } = defineProps<{ label: string }>()
const model = defineModel<Amount>({ required: true })
const { materialContainers } = useGarden()
const { quantity } = useSay()

const PACKING_CHOICES: readonly { id: Packing, label: string }[] = [
  { id: 'loose', label: 'loose' }, { id: 'shaken', label: 'shaken down' }, { id: 'packed', label: 'packed tight' },
]

const count = computed({ get: () => model.value.count, set: (value: number) => { model.value = { ...model.value, count: value } } })
const packing = computed({
  get: () => model.value.packing,
  set: (value: Packing | undefined) => {
    model.value = { ...model.value, packing: value ?? 'loose' }
  },
})
/** What was measured with stays choosable even when the container is no longer owned. */
const choices = computed(() => materialContainers.value.some(({ id }) => id === model.value.container.id)
  ? materialContainers.value
  : [model.value.container, ...materialContainers.value])
const containerId = computed({
  get: () => model.value.container.id,
  set: (id: string | undefined) => {
    const container = materialContainers.value.find(one => one.id === id)
    if (container) model.value = { ...model.value, container: containerThen(container) }
  },
})
</script>

<template>
  <div class="space-y-3">
    <StepNumber
      v-model="count"
      :label="label"
      :step="count >= 1 ? 1 : 0.25"
      :max="1000"
    />
    <ChoiceRow
      v-model="containerId"
      label="In"
      :choices="choices.map(one => ({ id: one.id, label: one.plural, hint: quantity('volume', one.volumeL) }))"
    />
    <ChoiceRow
      v-model="packing"
      label="Filled"
      :choices="PACKING_CHOICES"
    />
  </div>
</template>
