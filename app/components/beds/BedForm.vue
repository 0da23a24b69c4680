<script setup lang="ts">
import { BED_LIMITS, USUAL_DEPTH_M, type Bed } from '#core/beds/bed'
import { BED_WORDS } from '#core/beds/words'

/** A bed: its name, its ground, and what is known of it. */
const { bed } = defineProps<{ bed?: Bed }>()
const emit = defineEmits<{ done: [] }>()
const { save } = useBeds()
const name = ref(bed?.name ?? '')
const shape = ref<'rectangle' | 'circle'>(bed?.ground.shape ?? 'rectangle')
const widthM = ref(bed?.ground.shape === 'rectangle' ? bed.ground.widthM : 1.2)
const lengthM = ref(bed?.ground.shape === 'rectangle' ? bed.ground.lengthM : 3)
const diameterM = ref(bed?.ground.shape === 'circle' ? bed.ground.diameterM : 1.5)
const depthM = ref(bed?.depthM ?? USUAL_DEPTH_M)
const soil = ref<Bed['soil'] | undefined>(bed?.soil ?? 'loam')
const reaction = ref<Bed['reaction'] | undefined>(bed?.reaction ?? 'untested')
const grows = ref<Bed['grows'] | undefined>(bed?.grows ?? 'usual')
const eaten = ref<Bed['eaten'] | undefined>(bed?.eaten ?? 'touching')
const choices = <K extends string>(words: Readonly<Record<K, string>>) => Object.entries<string>(words).map(([id, text]) => {
  const [label, hint] = text.split(': ')
  return { id: id as K, label: label!, ...(hint ? { hint } : {}) }
})

async function keep(): Promise<void> {
  const ground = shape.value === 'circle' ? { shape: 'circle' as const, diameterM: diameterM.value } : { shape: 'rectangle' as const, widthM: widthM.value, lengthM: lengthM.value }
  if (await save({ name: name.value.trim(), ground, soil: soil.value ?? 'loam', reaction: reaction.value ?? 'untested', grows: grows.value ?? 'usual', eaten: eaten.value ?? 'touching', depthM: depthM.value }, bed?.id)) emit('done')
}
</script>

<template>
  <form
    class="space-y-3 pl-3 border-l-4 border-accented"
    data-bed-form
    @submit.prevent="keep"
  >
    <div class="flex flex-wrap gap-x-5 gap-y-3 items-end">
      <label class="block min-w-52">
        <span class="field-label">What the bed is called</span>
        <input
          v-model="name"
          class="text-field"
          maxlength="80"
          required
          autocomplete="off"
        >
      </label>
      <ChoiceRow
        v-model="shape"
        label="Its shape"
        :choices="[{ id: 'rectangle', label: 'rectangle' }, { id: 'circle', label: 'round' }]"
      />
      <template v-if="shape === 'rectangle'">
        <QuantityNumber
          v-model="widthM"
          quantity="length"
          label="Width"
          :min="BED_LIMITS.sideM.low"
          :max="BED_LIMITS.sideM.high"
          :step="10"
        />
        <QuantityNumber
          v-model="lengthM"
          quantity="length"
          label="Length"
          :min="BED_LIMITS.sideM.low"
          :max="BED_LIMITS.sideM.high"
          :step="10"
        />
      </template>
      <QuantityNumber
        v-else
        v-model="diameterM"
        quantity="length"
        label="Across"
        :min="BED_LIMITS.sideM.low"
        :max="BED_LIMITS.sideM.high"
        :step="10"
      />
      <QuantityNumber
        v-model="depthM"
        quantity="length"
        label="Worked so deep"
        :min="BED_LIMITS.depthM.low"
        :max="BED_LIMITS.depthM.high"
      />
    </div>
    <ChoiceRow
      v-model="soil"
      label="Soil"
      :choices="choices(BED_WORDS.soil)"
    />
    <ChoiceRow
      v-model="reaction"
      label="By a soil test it is"
      :choices="choices(BED_WORDS.reaction)"
    />
    <ChoiceRow
      v-model="grows"
      label="What grows there"
      :choices="choices(BED_WORDS.grows)"
    />
    <ChoiceRow
      v-model="eaten"
      label="What is eaten grows"
      :choices="choices(BED_WORDS.eaten)"
    />
    <button
      class="label-button strong"
      :disabled="name.trim() === ''"
    >
      Keep the bed
    </button>
  </form>
</template>
