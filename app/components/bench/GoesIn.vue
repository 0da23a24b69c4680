<script setup lang="ts">
import { portionOf, type Ingredient } from '#core/mix/portion'

/** What goes in: what the gardener says, or what the method's recipe says. */
const emit = defineEmits<{ pick: [], balance: [] }>()
const bench = useBench()
const { ingredients, filled, drawn, warnings, balanced, planned } = bench
const { stored, materials } = useGarden()
const { quantity, amount: amountText } = useSay()

const recipe = computed(() => planned.value?.draft.recipe)
/** A recipe that is only proposed gives way to what the gardener picks. */
const proposed = computed(() => planned.value?.draft.proposed)
const ids = computed(() => new Set(recipe.value?.map(({ material }) => material.id)))
/** Of a proposed recipe, what the gardener has put in already: it can be changed line by line. */
const own = computed(() => proposed.value && recipe.value ? ingredients.value.filter(({ material }) => ids.value.has(material.id)) : [])
const changes = computed(() => recipe.value === undefined || own.value.length > 0)
const rows = computed(() => recipe.value === undefined ? ingredients.value : own.value)
/** What is proposed is laid on the bench first, so that what is picked comes beside it. */
function pick(): void {
  if (recipe.value && own.value.length === 0) bench.adopt(recipe.value)
  emit('pick')
}
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
/** What of a recipe's line the store has: all of it, some, or none. */
function fromStore(one: Ingredient): string {
  const short = materials.value.find(one.material.id)?.short ?? ''
  const [wholeL, missingL] = [portionOf(one).looseVolumeL, missingOf(one.material.id)]
  if (missingL < 0.05) return `The store has the ${short} for it.`
  const litres = (value: number) => quantity('volume', value, 1)
  return missingL < wholeL - 0.05
    ? `The store has ${litres(wholeL - missingL)} of the ${short}; ${litres(missingL)} more are taken as brought along.`
    : `The store has no ${short} (${wanted(one)} wanted): it is taken as brought along.`
}
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
        v-for="one in changes ? [] : recipe"
        :key="`${one.material.id} ${one.amount.container.id}`"
        class="line-rule py-2 aside-note"
      >
        {{ fromStore(one) }}
      </li>
    </ul>
    <template v-if="changes || proposed">
      <ul>
        <IngredientRow
          v-for="ingredient in rows"
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
          :class="{ strong: rows.length === 0 && !recipe }"
          @click="pick"
        >
          <UIcon
            name="i-ph-plus"
            class="size-5"
          />
          {{ rows.length === 0 && !recipe ? 'Pick what you have' : 'Something else' }}
        </button>
        <button
          v-if="rows.length === 0 && bench.storeOffers.value.length > 0"
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
