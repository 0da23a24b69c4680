<script setup lang="ts">
import { LEANING_WORDS, leaningOf } from '#core/materials/colour'
import { amountMassKg } from '#core/materials/packing'
import { preparationHint, preparationsFor, type Preparation } from '#core/materials/preparation'
import type { Ingredient } from '#core/mix/portion'
import { amountVolumeL, type Amount } from '#core/units/container'
import type { Freedom } from '~/composables/useBenchPlan'

/** One ingredient on the bench: how many of which container, what it leans to, what it weighs, what to mind. */
const { ingredient, missing, freedom, warnings, balanced = true } = defineProps<{
  ingredient: Ingredient
  /** Loose litres the store does not hold. */
  missing: number
  /** How free the balancing is with it. */
  freedom: Freedom
  warnings: readonly string[]
  /** Whether it is part of a mix that can be balanced. */
  balanced?: boolean
}>()
const emit = defineEmits<{ amount: [amount: Amount], remove: [], free: [freedom: Freedom], prepare: [prepared: Preparation | undefined] }>()
const { stored } = useGarden()
const { quantity } = useSay()
const open = ref(false)

const count = computed({ get: () => ingredient.amount.count, set: value => emit('amount', { ...ingredient.amount, count: value }) })
const AS_IT_COMES = 'as-it-comes'
const ways = computed(() => preparationsFor(ingredient.material))
const prepared = computed({
  get: () => ingredient.prepared ?? AS_IT_COMES,
  set: (value: string | undefined) => emit('prepare', ways.value.find(one => one === value)),
})
const free = computed({ get: () => freedom, set: (value: Freedom | undefined) => emit('free', value ?? 'free') })
const FREEDOMS: readonly { id: Freedom, label: string }[] = [
  { id: 'free', label: 'may change' }, { id: 'at-most', label: 'at most so many' }, { id: 'stays', label: 'stays as it is' },
]
const own = computed(() => Object.keys(ingredient.material.known).length > 0)
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
          {{ ingredient.prepared ? `${ingredient.prepared} ` : '' }}{{ ingredient.material.short }}
        </p>
        <p class="aside-note leading-tight">
          {{ LEANING_WORDS[leaningOf(ingredient.material)] }}<span v-if="freedom === 'at-most'">, at most so many</span>
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
        <span class="aside-note"> · {{ quantity('volume', amountVolumeL(ingredient.amount)) }}</span>
      </button>
      <span class="flex shrink-0">
        <button
          type="button"
          class="tap grid place-items-center rounded-full"
          :class="freedom === 'stays' ? 'text-primary' : ''"
          :aria-pressed="freedom === 'stays'"
          :aria-label="`keep the ${ingredient.material.short} as it is when balancing`"
          :title="freedom === 'stays' ? 'stays as it is when balancing' : 'may change when balancing'"
          @click="emit('free', freedom === 'stays' ? 'free' : 'stays')"
        >
          <UIcon
            :name="freedom === 'stays' ? 'i-ph-push-pin-fill' : 'i-ph-push-pin'"
            class="size-5"
          />
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
      </span>
    </div>
    <p
      v-if="inStore && missing > 0"
      class="pl-11 aside-note"
    >
      The store is {{ quantity('volume', missing) }} short of this.
    </p>
    <p
      v-for="warning in warnings"
      :key="warning"
      class="caution ml-11 mb-1"
    >
      {{ warning }}
    </p>
    <div
      v-if="open"
      class="pl-11 pt-2 pb-1 space-y-3"
    >
      <AmountEntry
        v-model="whole"
        label="How many, as gathered"
      />
      <ChoiceRow
        v-if="ways.length > 0"
        v-model="prepared"
        label="Before it goes in"
        :choices="[{ id: AS_IT_COMES, label: 'as it comes' }, ...ways.map(one => ({ id: one, label: one, hint: preparationHint(one) }))]"
      />
      <ChoiceRow
        v-if="balanced"
        v-model="free"
        label="When it is balanced"
        :choices="FREEDOMS"
      />
      <p class="aside-note">
        {{ ingredient.material.carbonToNitrogen.typical }} parts of carbon to one of nitrogen; about
        {{ quantity('mass', amountMassKg(ingredient.material, ingredient.amount)) }}.
      </p>
      <p
        v-for="caution in ingredient.material.cautions"
        :key="caution"
        class="caution first-letter:uppercase"
      >
        {{ caution }}
      </p>
      <NuxtLink
        :to="`/materials/${ingredient.material.id}`"
        class="tap inline-flex items-center underline underline-offset-3 decoration-dotted"
      >
        {{ own ? 'its values, and yours' : 'its values; weigh or dry your own' }}
      </NuxtLink>
    </div>
  </li>
</template>
