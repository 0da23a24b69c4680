<script setup lang="ts">
import type { BalancedPlan } from '#core/methods/contract'
import { layersInstead, layersToFill, oneLayer } from '#core/bench/recipe'
import { namedIngredient } from '#core/bench/planned'
import { vesselVolumeL } from '#core/vessel/vessel'

/** Planning by the layer: one layer's recipe, as containers and as thickness, times how many. */
const { plan } = defineProps<{ plan: BalancedPlan }>()
const bench = useBench()
const { filled, vessel, proposal, draft, standsShare, judgement } = bench
const { quantity, amount } = useSay()

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
          class="flex items-center gap-2"
        >
          <HatchSwatch
            :family="part.ingredient.material.family"
            :size="20"
          />
          <span>{{ amount(part.count, part.ingredient.amount.container) }} of {{ part.ingredient.material.short }}
            <span class="aside-note">about {{ quantity('length', part.thicknessM) }} thick as it falls</span></span>
        </li>
      </ul>
      <StepNumber
        v-model="times"
        label="Laid so many times"
        :min="1"
        :max="12"
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
