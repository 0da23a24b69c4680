<script setup lang="ts">
import type { BalancedPlan } from '#core/methods/contract'
import { layersInstead, layersToFill, oneLayer, type LayerPart } from '#core/bench/recipe'
import { namedIngredient } from '#core/bench/planned'
import { vesselVolumeL } from '#core/vessel/vessel'

/** Planning by the layer: one layer's recipe, as containers and as thickness, times how many. */
const { plan } = defineProps<{ plan: BalancedPlan }>()
const bench = useBench()
const { filled, vessel, proposal, draft, standsShare, judgement } = bench
const { amount } = useSay()
const { units } = useGarden()

const layers = computed(() => proposal.value ? plan.mixing.layers(proposal.value) : undefined)
const times = computed({
  get: () => layers.value?.count ?? 1,
  set: (wanted: number) => {
    if (!layers.value || wanted < 1) return
    bench.change({
      ingredients: layersInstead(filled.value, layers.value.count, wanted).map(namedIngredient),
      answers: { ...draft.value.answers, [layers.value.answerId]: wanted },
    })
  },
})
/** Whoever lays by the hand's breadth says how thick: the amount follows. */
function thick({ ingredient, thicknessM }: LayerPart, wanted: number | undefined): void {
  const { material, amount: { count, container, packing } } = ingredient
  if (wanted === undefined || !(wanted > 0) || Math.abs(wanted - thicknessM) < 5e-4) return
  bench.setAmount(material.id, { count: Math.round(count * wanted / thicknessM * 100) / 100, container, packing })
}
const parts = computed(() => oneLayer(filled.value, times.value, vessel.value))
const full = computed(() =>
  layersToFill(judgement.value?.measures.volumeL ?? 0, times.value, vesselVolumeL(vessel.value), standsShare.value),
)
</script>

<template>
  <details
    v-if="layers && parts.length > 0"
    class="line-rule"
    data-layer-recipe
  >
    <summary class="tap flex items-center cursor-pointer underline underline-offset-3 decoration-dotted">
      By the layer
    </summary>
    <div class="pb-3 space-y-2">
      <ul>
        <li
          v-for="part in parts"
          :key="part.ingredient.material.id"
          class="flex flex-wrap items-center gap-2 line-rule py-2"
        >
          <HatchSwatch
            :family="part.ingredient.material.family"
            :size="20"
          />
          <span class="grow">{{ amount(part.count, part.ingredient.amount.container) }} of {{ part.ingredient.material.short }}</span>
          <QuantityNumber
            :model-value="part.thicknessM"
            :label="`Thickness of the ${part.ingredient.material.short}, as it falls`"
            quantity="length"
            :min="0.005"
            :max="1"
            :step="units === 'us' ? 0.25 : 1"
            :digits="units === 'us' ? 2 : 1"
            @update:model-value="wanted => thick(part, wanted)"
          />
        </li>
      </ul>
      <StepNumber
        v-model="times"
        label="Laid so many times"
        :min="1"
        :max="40"
        :step="1"
        :digits="0"
      />
      <p class="aside-note">
        {{ full === times ? 'That fills the place.' : `${full} of them fill the ${vessel.name.toLowerCase()}.` }} More or fewer changes the
        amounts above, not the mix.
      </p>
    </div>
  </details>
</template>
