<script setup lang="ts">
import { BED_LIMITS, type Bed } from '#core/beds/bed'
import { BEDS } from '#core/beds/constants'
import type { AreaShape } from '#core/ground/shape'
import { BED_WORDS } from '#core/beds/words'

/** A bed: its name, its ground, and what is known of it. */
const { bed } = defineProps<{ bed?: Bed }>()
const emit = defineEmits<{ done: [] }>()
const { save } = useBeds()
const name = ref(bed?.name ?? '')
const ground = ref<AreaShape>(bed?.ground ?? { shape: 'rectangle', widthM: 1.2, lengthM: 3 })
const depthM = ref(bed?.depthM ?? BEDS.usualDepthM)
const soil = ref<Bed['soil'] | undefined>(bed?.soil ?? 'loam')
const reaction = ref<Bed['reaction'] | undefined>(bed?.reaction ?? 'untested')
const grows = ref<Bed['grows'] | undefined>(bed?.grows ?? 'usual')
const eaten = ref<Bed['eaten'] | undefined>(bed?.eaten ?? 'touching')
const choices = <K extends string>(words: Readonly<Record<K, string>>) => Object.entries<string>(words).map(([id, text]) => {
  const [label, hint] = text.split(': ')
  return { id: id as K, label: label!, ...(hint ? { hint } : {}) }
})

async function keep(): Promise<void> {
  if (
    await save(
      {
        name: name.value.trim(), ground: ground.value, soil: soil.value ?? 'loam', reaction: reaction.value ?? 'untested',
        grows: grows.value ?? 'usual', eaten: eaten.value ?? 'touching', depthM: depthM.value,
      },
      bed?.id,
    )
  )
    emit('done')
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
      <QuantityNumber
        v-model="depthM"
        quantity="length"
        label="Worked so deep"
        :min="BED_LIMITS.depthM.low"
        :max="BED_LIMITS.depthM.high"
      />
    </div>
    <GroundEntry
      v-model="ground"
      :low-m="BED_LIMITS.sideM.low"
      :high-m="BED_LIMITS.sideM.high"
    />
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
