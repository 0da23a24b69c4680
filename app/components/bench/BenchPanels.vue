<script setup lang="ts">
import type { RuleMix } from '#core/mix/rules'

/** What the bench can say and do beyond its verdict: why, the balancing, the rules of thumb, how much. One is open at a time, or none. */
const { mixes, wishL } = defineProps<{ mixes: readonly RuleMix[], wishL?: number }>()
const open = defineModel<string>('open', { required: true })
const { ranges, comfort, filled, vessel, standsShare, method } = useBench()
const { sizing } = useNeed()
const id = useId()

const PANELS = [
  { id: 'why', label: 'Why?' },
  { id: 'balance', label: 'Balance it' },
  { id: 'ahead', label: 'What it will do' },
  { id: 'rules', label: 'Rules of thumb' },
  { id: 'how-much', label: 'How much' },
]
const panels = computed(() =>
  PANELS.filter(({ id: panel }) =>
    panel === 'how-much' ? sizing.value : panel === 'ahead' ? method.value.forecaster && method.value.mixing : true,
  ),
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
        :wish-l="wishL"
      />
      <RulesPanel
        v-else-if="open === 'rules'"
        :mixes="mixes"
      />
      <AheadPanel v-else-if="open === 'ahead'" />
      <HowMuchPanel v-else-if="open === 'how-much'" />
    </div>
  </div>
</template>
