<script setup lang="ts">
import { leaningOf } from '#core/materials/colour'
import { amountMassKg } from '#core/materials/packing'
import type { Ingredient } from '#core/mix/portion'
import { amountVolumeL, type Amount } from '#core/units/container'

/** One ingredient on the bench: how many of which container, what it leans to, what it weighs. */
const { ingredient, missing } = defineProps<{ ingredient: Ingredient, /** Loose litres the store does not hold. */ missing: number }>()
const emit = defineEmits<{ amount: [amount: Amount], remove: [] }>()
const { stored } = useGarden()
const { quantity } = useSay()
const open = ref(false)

const LEANING = { green: 'green', brown: 'brown', balanced: 'near balance', neither: 'neither' } as const
const count = computed({ get: () => ingredient.amount.count, set: value => emit('amount', { ...ingredient.amount, count: value }) })
const whole = computed({ get: () => ingredient.amount, set: value => emit('amount', value) })
const inStore = computed(() => stored.value.some(({ lot }) => lot.materialId === ingredient.material.id))
</script>

<template>
  <li class="line-rule py-2.5">
    <div class="flex items-center gap-2.5">
      <HatchSwatch
        :family="ingredient.material.family"
        :size="34"
      />
      <div class="flex-1 min-w-0">
        <p class="font-semibold leading-tight first-letter:uppercase text-highlighted">
          {{ ingredient.material.short }}
        </p>
        <p class="aside-note leading-tight">
          {{ LEANING[leaningOf(ingredient.material)] }}, <span class="whitespace-nowrap">{{ ingredient.material.carbonToNitrogen.typical }} : 1</span>
        </p>
      </div>
      <StepNumber
        v-model="count"
        :label="`${ingredient.amount.container.plural} of ${ingredient.material.short}`"
        hide-label
        :step="count < 1 ? 0.25 : count < 3 ? 0.5 : 1"
        :max="1000"
      />
    </div>
    <div class="flex items-center justify-between gap-2 pl-11">
      <button
        type="button"
        class="tap text-left underline underline-offset-3 decoration-dotted"
        :aria-expanded="open"
        @click="open = !open"
      >
        {{ ingredient.amount.container.plural }}<span v-if="ingredient.amount.packing !== 'loose'">, {{ ingredient.amount.packing }}</span>
        <span class="aside-note"> · {{ quantity('volume', amountVolumeL(ingredient.amount)) }}, {{ quantity('mass', amountMassKg(ingredient.material, ingredient.amount)) }}</span>
      </button>
      <button
        type="button"
        class="tap grid place-items-center"
        :aria-label="`leave out the ${ingredient.material.short}`"
        @click="emit('remove')"
      >
        <UIcon
          name="i-ph-x"
          class="size-5"
        />
      </button>
    </div>
    <p
      v-if="inStore && missing > 0"
      class="pl-11 aside-note"
    >
      The store is {{ quantity('volume', missing) }} short of this.
    </p>
    <AmountEntry
      v-if="open"
      v-model="whole"
      class="pl-11 pt-2 pb-1"
      label="How many"
    />
  </li>
</template>
