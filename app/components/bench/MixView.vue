<script setup lang="ts">
import type { BalancedPlan } from '#core/methods/contract'
import { mixBalance } from '#core/mix/balance'
import { portionOf } from '#core/mix/portion'
import { mixesByRule, RULES } from '#core/mix/rules'

/** The balance of a mix: the field with every ingredient on it, and what the bench can do with it. */
const { plan } = defineProps<{ plan: BalancedPlan }>()
const open = defineModel<string>('open', { required: true })
const bench = useBench()
const { approach, ingredients, filled, ranges } = bench
const comfort = computed(() => plan.mixing.comfort(approach.value.id))
const { need } = useNeed()
const panels = useTemplateRef<HTMLElement>('panels')

const mixes = computed(() => mixesByRule(filled.value, comfort.value))
const ghosts = computed(() => open.value !== 'rules'
  ? []
  : mixes.value.map(({ rule, judgement: { measures } }) => ({
      id: rule.id,
      mark: String(RULES.indexOf(rule) + 1),
      label: rule.name,
      carbonToNitrogen: measures.availableCarbonToNitrogen,
      moistureFraction: measures.moistureFraction,
    })))
const dryMoisture = computed(() => {
  const dry = mixBalance(filled.value.map(portionOf))
  return dry.ok ? dry.value.moistureFraction : 0
})
function pulled(materialId: string, count: number): void {
  const ingredient = ingredients.value.find(({ material }) => material.id === materialId)
  if (ingredient) bench.setAmount(materialId, { ...ingredient.amount, count })
}
async function show(): Promise<void> {
  await nextTick()
  panels.value?.scrollIntoView({ block: 'start', behavior: scrolling() })
}
defineExpose({ show })
</script>

<template>
  <div>
    <BalanceField
      v-if="ranges"
      :ingredients="filled"
      :ranges="ranges"
      :comfort="comfort"
      :dry-moisture="dryMoisture"
      :ghosts="ghosts"
      @pull="pulled"
    />
    <div
      ref="panels"
      class="mt-3 scroll-mt-28"
    >
      <BenchPanels
        v-model:open="open"
        :plan="plan"
        :comfort="comfort"
        :mixes="mixes"
        :wish-l="need?.eachL"
      />
    </div>
  </div>
</template>
