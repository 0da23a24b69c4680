<script setup lang="ts">
/** Two batches: the one with what is tried, and its control. */
const model = defineModel<{ withId: string, withoutId: string }>({ required: true })
const { batches } = useGarden()
const choices = computed(() =>
  batches.value.map(({ batch, method }) => ({
    id: batch.id, label: `${batch.name}, ${method.face.name.toLowerCase()}${batch.ended ? ', ended' : ''}`,
  })),
)
const set = (side: 'withId' | 'withoutId', id: string) => { model.value = { ...model.value, [side]: id } }
const SIDES = [['withId', 'With it'], ['withoutId', 'Without it, the control']] as const
</script>

<template>
  <div class="grid sm:grid-cols-2 gap-4">
    <label
      v-for="[side, label] in SIDES"
      :key="side"
      class="block"
    >
      <span class="field-label">{{ label }}</span>
      <select
        class="text-field"
        :value="model[side]"
        :data-side="side"
        @change="set(side, ($event.target as HTMLSelectElement).value)"
      >
        <option value="">
          choose a batch
        </option>
        <option
          v-for="one in choices"
          :key="one.id"
          :value="one.id"
        >{{ one.label }}</option>
      </select>
    </label>
  </div>
</template>
