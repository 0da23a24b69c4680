<script setup lang="ts">
import { STARTERS, starterFor, type Starter } from '#core/mix/starters'
import { containerThen } from '#core/units/container'
import { usualContainer } from '#core/bench/offered'

/** Twigs underneath, a starter or char, in its dose; one tap lays it on the bench or takes it off again. */
const bench = useBench()
const { filled, draft } = bench
const { materials, materialContainers, stored } = useGarden()
const { amount } = useSay()

const offered = computed(() => STARTERS.flatMap((starter) => {
  const material = materials.value.find(starter.materialId)
  const ingredient
    = material
      && starterFor(
        starter, filled.value,
        containerThen(usualContainer({ ...material, bulkDensityKgM3: { low: 500, typical: 500, high: 500 } }, materialContainers.value)),
        materials.value,
      )
  return ingredient
    ? [{ starter, ingredient, in: draft.value.ingredients.findIndex(({ materialId }) => materialId === starter.materialId) }]
    : []
}))
/** Twigs that lie in the store are offered for the base, unless there is one. */
const inStore = computed(
  () => stored.value.some(({ material }) => material.part === 'base') && !filled.value.some(({ material }) => material.part === 'base'),
)
const shown = shallowRef<Starter>()

function toggle({ starter, ingredient, in: at }: typeof offered.value[number]): void {
  shown.value = starter
  if (at >= 0) bench.remove(starter.materialId)
  else bench.change({ ingredients: [...draft.value.ingredients, { materialId: ingredient.material.id, amount: ingredient.amount }] })
}
</script>

<template>
  <details class="line-rule mt-3">
    <summary class="tap flex items-center cursor-pointer underline underline-offset-3 decoration-dotted">
      {{ inStore ? 'Twigs, starters, char' : 'Starters, char' }}
    </summary>
    <div class="flex flex-wrap gap-2 pb-2">
      <button
        v-for="one in offered"
        :key="one.starter.id"
        type="button"
        class="label-button !px-3"
        :aria-pressed="one.in >= 0"
        @click="toggle(one)"
      >
        <span>{{ one.starter.name
        }}<span class="block text-[0.82rem] font-normal opacity-85">{{
          amount(one.ingredient.amount.count, one.ingredient.amount.container)
        }}</span></span>
      </button>
    </div>
    <p class="aside-note pb-2">
      {{ shown?.says ?? 'Optional: a good mix heats by itself.' }}
    </p>
  </details>
</template>
