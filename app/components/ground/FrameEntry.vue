<script setup lang="ts">
import type { Site } from '#core/vessel/site'

/** A bed that carries a frame, by its measures. */
type Frame = Extract<Site, { kind: 'frame' }>
const model = defineModel<Frame>({ required: true })
const limits = { quantity: 'length', min: 0.4, max: 6, step: 10 } as const
const changed = (part: Partial<Frame>) => {
  model.value = {
    ...model.value,
    ...part,
    id: 'own-frame',
    name: model.value.id === 'own-frame' ? model.value.name : `My ${model.value.name.toLowerCase()}`,
  }
}
</script>

<template>
  <div class="flex flex-wrap gap-x-5 gap-y-3">
    <QuantityNumber
      v-bind="limits"
      :model-value="model.widthM"
      label="Width of the bed"
      @update:model-value="widthM => changed({ widthM })"
    />
    <QuantityNumber
      v-bind="limits"
      :model-value="model.depthM"
      label="From front to back"
      @update:model-value="depthM => changed({ depthM })"
    />
    <QuantityNumber
      v-bind="limits"
      :model-value="model.heightM"
      :min="0.3"
      :max="1.5"
      :step="5"
      label="Trodden so deep"
      @update:model-value="heightM => changed({ heightM })"
    />
  </div>
</template>
