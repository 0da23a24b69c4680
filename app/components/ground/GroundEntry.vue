<script setup lang="ts">
import { isGround, shapeAreaM2, shapeBounds, type AreaShape } from '#core/ground/shape'

/** A piece of ground by its measures: a rectangle, a round, strips side by side, or any outline drawn by its corners. */
const { lowM = 0.2, highM = 100, label = 'Its shape' } = defineProps<{ lowM?: number, highM?: number, label?: string }>()
const model = defineModel<AreaShape>({ required: true })
const { quantity } = useSay()

const SHAPES = [
  { id: 'rectangle', label: 'rectangle' }, { id: 'circle', label: 'round' }, { id: 'strip', label: 'strips' },
  { id: 'outline', label: 'any outline' },
] as const
/** Another shape of about the same ground. */
function reshape(shape: string | undefined): void {
  if (shape === model.value.shape) return
  const { widthM, depthM } = shapeBounds(model.value)
  const [w, d] = [Math.round(widthM * 20) / 20, Math.round(depthM * 20) / 20]
  const made: Readonly<Record<string, AreaShape>> = {
    rectangle: { shape: 'rectangle', widthM: w, lengthM: d },
    circle: { shape: 'circle', diameterM: Math.max(lowM, Math.min(w, d)) },
    strip: { shape: 'strip', widthM: Math.max(lowM, Math.min(d, 0.8)), lengthM: w, count: 1 },
    outline: { shape: 'outline', corners: [[0, 0], [w, 0], [w, d], [0, d]] },
  }
  if (shape && made[shape]) model.value = made[shape]
}
const limits = computed(() => ({ quantity: 'length' as const, min: lowM, max: highM, step: 10 }))
const sound = computed(() => model.value.shape !== 'outline' || isGround(model.value.corners))
</script>

<template>
  <div
    class="space-y-3"
    data-ground
  >
    <ChoiceRow
      :model-value="model.shape"
      :label="label"
      :choices="SHAPES"
      @update:model-value="reshape"
    />
    <div class="flex flex-wrap gap-x-5 gap-y-3 items-end">
      <template v-if="model.shape === 'rectangle' || model.shape === 'strip'">
        <QuantityNumber
          v-bind="limits"
          :model-value="model.widthM"
          :label="model.shape === 'strip' ? 'Width of a strip' : 'Width'"
          @update:model-value="widthM => model = { ...model, widthM } as AreaShape"
        />
        <QuantityNumber
          v-bind="limits"
          :model-value="model.lengthM"
          label="Length"
          @update:model-value="lengthM => model = { ...model, lengthM } as AreaShape"
        />
      </template>
      <StepNumber
        v-if="model.shape === 'strip'"
        :model-value="model.count"
        label="Strips"
        :min="1"
        :max="60"
        :digits="0"
        @update:model-value="count => model = { ...model, count: Math.round(count) } as AreaShape"
      />
      <QuantityNumber
        v-if="model.shape === 'circle'"
        v-bind="limits"
        :model-value="model.diameterM"
        label="Across"
        @update:model-value="diameterM => model = { shape: 'circle', diameterM }"
      />
    </div>
    <OutlineEditor
      v-if="model.shape === 'outline'"
      :model-value="model.corners"
      :high-m="highM"
      @update:model-value="corners => model = { shape: 'outline', corners }"
    />
    <p
      class="aside-note"
      role="status"
    >
      {{ sound ? quantity('area', shapeAreaM2(model), 1) : 'Sides cross, or there is nothing between them: move a corner.' }}
    </p>
  </div>
</template>
