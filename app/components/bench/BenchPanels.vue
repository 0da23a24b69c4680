<script setup lang="ts">
import type { BalancedPlan } from '#core/methods/contract'
import type { Comfort } from '#core/mix/judgement'
import type { RuleMix } from '#core/mix/rules'

/** What the bench can say and do beyond its verdict: why, the balancing, the rules of thumb, how much. One is open at a time, or none. */
const { plan, comfort, mixes, wishL } = defineProps<{ plan: BalancedPlan, comfort: Comfort, mixes: readonly RuleMix[], wishL?: number }>()
const open = defineModel<string>('open', { required: true })
const { ranges, filled, vessel, standsShare, method } = useBench()
const id = useId()

const PANELS = [
  { id: 'why', label: 'Why?' },
  { id: 'balance', label: 'Balance it' },
  { id: 'ahead', label: 'What it will do' },
  { id: 'rules', label: 'Rules of thumb' },
  { id: 'how-much', label: 'How much' },
]
const panels = computed(() =>
  PANELS.filter(({ id: panel }) => panel !== 'ahead' || method.value.life.forecaster),
)
</script>

<template>
  <div>
    <div class="grid grid-cols-2 sm:flex gap-2">
      <button
        v-for="panel in panels"
        :key="panel.id"
        type="button"
        class="label-button sm:grow"
        :aria-expanded="open === panel.id"
        :aria-controls="open === panel.id ? id : undefined"
        :data-panel="panel.id"
        @click="open = open === panel.id ? '' : panel.id"
      >
        {{ panel.label }}
      </button>
    </div>
    <div :id="id">
      <template v-if="open === 'why'">
        <MeasureList
          v-if="ranges"
          class="pt-2"
          :ranges="ranges"
          :comfort="comfort"
          :ingredients="filled"
          :vessel="vessel"
          :stands-share="standsShare"
        />
        <p
          v-else
          class="py-3"
        >
          Nothing on the bench yet.
        </p>
      </template>
      <BalancePanel
        v-else-if="open === 'balance'"
        :plan="plan"
        :wish-l="wishL"
      />
      <RulesPanel
        v-else-if="open === 'rules'"
        :plan="plan"
        :mixes="mixes"
      />
      <AheadPanel v-else-if="open === 'ahead'" />
      <HowMuchPanel v-else-if="open === 'how-much'" />
    </div>
  </div>
</template>
