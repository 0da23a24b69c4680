<script setup lang="ts">
import type { Ingredient } from '#core/mix/portion'

/** What goes in: what the gardener says, or what the method's recipe says. */
const emit = defineEmits<{ pick: [], balance: [] }>()
const bench = useBench()
const { ingredients, filled, drawn, warnings, balanced, planned } = bench
const { stored, materials } = useGarden()
const { quantity, amount: amountText } = useSay()

const recipe = computed(() => planned.value?.draft.recipe)
/** What is done until it stands; what comes after is told by the sheet and the round. */
const steps = computed(() => (planned.value?.draft.steps ?? []).filter(({ when }) => when !== 'after'))
const missingOf = (materialId: string) =>
  drawn.value.filter(one => one.materialId === materialId).reduce((sum, { missingLooseL }) => sum + missingLooseL, 0)
const warningsOf = (materialId: string) => warnings.value.filter(one => one.materialId === materialId).map(({ text }) => text)
/** Whole containers are said as such, small amounts by their litres. */
const wanted = ({ amount }: Ingredient) =>
  Number.isInteger(amount.count)
    ? amountText(amount.count, amount.container)
    : quantity('volume', amount.count * amount.container.volumeL, 1)
</script>

<template>
  <section aria-labelledby="what">
    <h2
      id="what"
      class="section-rule"
    >
      What goes in
    </h2>
    <ul v-if="recipe">
      <li
        v-for="step in steps"
        :key="step.title"
        class="line-rule py-2"
      >
        <p class="font-semibold text-highlighted">
          {{ step.title }}
        </p>
        <p class="aside-note">
          {{ step.detail }}
        </p>
      </li>
      <li
        v-for="one in recipe"
        :key="`${one.material.id} ${one.amount.container.id}`"
        class="line-rule py-2 aside-note"
      >
        {{
          missingOf(one.material.id) < 0.05
            ? `The store has the ${materials.find(one.material.id)?.short ?? ''} for it.`
            : `The store has no ${materials.find(one.material.id)?.short ?? ''} (${wanted(one)} wanted): it is taken as brought along.`
        }}
      </li>
    </ul>
    <template v-else>
      <ul>
        <IngredientRow
          v-for="ingredient in ingredients"
          :key="ingredient.material.id"
          :ingredient="ingredient"
          :missing="missingOf(ingredient.material.id)"
          :freedom="bench.freedomOf(ingredient.material.id)"
          :balanced="balanced !== undefined"
          :warnings="warningsOf(ingredient.material.id)"
          @free="freedom => bench.setFreedom(ingredient.material.id, freedom)"
          @prepare="prepared => bench.setPrepared(ingredient.material.id, prepared)"
          @amount="amount => bench.setAmount(ingredient.material.id, amount)"
          @remove="bench.remove(ingredient.material.id)"
        />
      </ul>
      <div class="line-rule pt-3 flex flex-wrap gap-2">
        <button
          type="button"
          class="label-button grow"
          :class="{ strong: ingredients.length === 0 }"
          @click="emit('pick')"
        >
          <UIcon
            name="i-ph-plus"
            class="size-5"
          />
          {{ ingredients.length === 0 ? 'Pick what you have' : 'Something else' }}
        </button>
        <button
          v-if="ingredients.length === 0 && bench.storeOffers.value.length > 0"
          type="button"
          class="label-button grow"
          data-fill-from-store
          @click="bench.fillFromStore()"
        >
          <UIcon
            name="i-ph-basket"
            class="size-5"
          />
          Fill from the store
        </button>
        <button
          v-if="balanced && (ingredients.length > 0 || stored.length > 0)"
          type="button"
          class="label-button strong grow"
          @click="emit('balance')"
        >
          <UIcon
            name="i-ph-scales"
            class="size-5"
          />
          Balance it for me
        </button>
      </div>
      <StarterRow v-if="filled.length > 0 && balanced" />
      <LayerRecipe
        v-if="filled.length > 0 && balanced"
        :plan="balanced"
      />
      <MindList v-if="filled.length > 0" />
    </template>
    <PlanTools />
  </section>
</template>
