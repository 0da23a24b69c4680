<script setup lang="ts">
import type { RuleMix } from '#core/mix/rules'

/** What the bench can do with what lies on it: its numbers, the balancing, the rules of thumb, how much. */
const { mixes, wishL } = defineProps<{ mixes: readonly RuleMix[], wishL?: number }>()
const open = defineModel<string>('open', { required: true })
const { ranges, comfort, filled, vessel } = useBench()
const { sizing } = useNeed()

const TABS = [
  { value: 'numbers', slot: 'numbers' as const, label: 'Numbers' },
  { value: 'balance', slot: 'balance' as const, label: 'Balance it' },
  { value: 'rules', slot: 'rules' as const, label: 'Rules of thumb' },
  { value: 'how-much', slot: 'howMuch' as const, label: 'How much' },
]
const tabs = computed(() => TABS.filter(({ value }) => value !== 'how-much' || sizing.value))
const UI = {
  list: 'border-0 border-b-2 border-(--ui-text-toned) p-0 bg-transparent rounded-none flex-nowrap',
  indicator: 'hidden',
  label: 'whitespace-normal overflow-visible text-clip leading-tight',
  trigger: 'min-h-12 px-1.5 sm:px-3 rounded-none text-base font-semibold text-(--ui-text-toned) data-[state=active]:text-(--ui-bg) data-[state=active]:bg-(--ui-text-highlighted) data-[state=inactive]:bg-transparent grow',
}
</script>

<template>
  <UTabs
    v-model="open"
    :items="tabs"
    variant="link"
    :unmount-on-hide="true"
    :ui="UI"
  >
    <template #numbers>
      <MeasureList
        v-if="ranges"
        class="pt-1"
        :ranges="ranges"
        :comfort="comfort"
        :ingredients="filled"
        :vessel="vessel"
      />
      <p
        v-else
        class="py-3"
      >
        Nothing on the bench yet.
      </p>
    </template>
    <template #balance>
      <BalancePanel :wish-l="wishL" />
    </template>
    <template #rules>
      <RulesPanel :mixes="mixes" />
    </template>
    <template #howMuch>
      <HowMuchPanel />
    </template>
  </UTabs>
</template>
