<script setup lang="ts">
import { ratioText } from '#core/units/format'
import type { Outlook } from '#core/methods/contract'
import type { Comfort } from '#core/mix/judgement'
import type { Measures } from '#core/mix/measures'
import { portionOf, type Ingredient } from '#core/mix/portion'
import { mixRanges } from '#core/mix/ranges'
import { containersFor } from '#core/units/container'

/** One way to build it: what goes in, what it would be, why it is offered, and the tap that takes it. */
const { title, reasons, ingredients, measures, waterL, comfort, outlook, action = 'Take this one' } = defineProps<{
  title: string
  reasons: readonly string[]
  ingredients: readonly Ingredient[]
  measures: Measures
  waterL: number
  comfort: Comfort
  outlook: Outlook
  action?: string
}>()
const emit = defineEmits<{ adopt: [] }>()
const { waterCan } = useGarden()
const { quantity, amount } = useSay()

const said = computed(() => ingredients.map(({ material, amount: { count, container, packing }, prepared }) => ({
  id: material.id,
  family: material.family,
  text: `${amount(count, container)} of ${prepared ? `${prepared} ` : ''}${material.short}${packing === 'loose' ? '' : `, ${packing}`}`,
})))
const numbers = computed(() => [
  waterL < 0.5 ? 'no water' : `${amount(containersFor(waterL, waterCan.value), waterCan.value)} of water`,
  `${quantity('volume', measures.volumeL)} mixed`,
  `${outlook.label}, about ${quantity('temperature', Math.round(outlook.peakC / 5) * 5)}`,
].join(' · '))
/** How sure it is to be a mix that works, whatever the stuff really is. */
const sure = computed(() => {
  const ranges = mixRanges(ingredients.map(portionOf), waterL, comfort)
  return ranges.ok ? `works in ${Math.round(ranges.value.chance.works * 10)} of 10 cases` : ''
})
/** For those who want it. */
const ratio = computed(
  () => `${ratioText(measures.availableCarbonToNitrogen)} in what decays, ${Math.round(measures.moistureFraction * 100)} % moist`,
)
</script>

<template>
  <li
    class="line-rule py-3"
    data-answer
  >
    <div class="flex flex-wrap items-start justify-between gap-x-4 gap-y-1">
      <h3>{{ title }}</h3>
      <p
        v-if="reasons.length > 0"
        class="aside-note"
      >
        {{ reasons.join(' · ') }}
      </p>
    </div>
    <ul class="flex flex-wrap gap-x-4 gap-y-1 mt-1.5">
      <li
        v-for="one in said"
        :key="one.id"
        class="flex items-center gap-1.5 text-highlighted"
      >
        <HatchSwatch
          :family="one.family"
          :size="20"
        />{{ one.text }}
      </li>
    </ul>
    <p class="aside-note mt-1">
      {{ numbers }} · <span class="whitespace-nowrap">{{ ratio }}</span> · <span
        class="whitespace-nowrap"
        data-sure
      >{{ sure }}</span>
    </p>
    <button
      type="button"
      class="label-button mt-2"
      @click="emit('adopt')"
    >
      {{ action }}
    </button>
  </li>
</template>
