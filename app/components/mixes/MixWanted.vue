<script setup lang="ts">
import { POTS, PURPOSES, type PurposeId } from '#core/growing/constants'
import { potOf, type MixPlan } from '#core/growing/plan'
import { filledL } from '#core/growing/pot'
import { PURPOSE_WORDS } from '#core/growing/words'

/** What the mix is for: seeds or tubs, which pots and how many, or so many litres. */
const { draft } = defineProps<{ draft: MixPlan }>()
const emit = defineEmits<{ change: [part: Partial<MixPlan>] }>()
const { quantity } = useSay()
const purposes = PURPOSES.map(({ id }) => ({ id, label: PURPOSE_WORDS[id].label, hint: PURPOSE_WORDS[id].hint }))
const OWN = 'own'
const isPot = ({ topM, bottomM, heightM }: typeof POTS[number]) =>
  draft.pot.measuredL === undefined && draft.pot.topM === topM && draft.pot.bottomM === bottomM && draft.pot.heightM === heightM
const potId = computed<string>(() => POTS.find(isPot)?.id ?? OWN)
const pots = computed(() => [
  ...POTS.map(pot =>
    ({ id: pot.id as string, label: `${quantity('length', pot.topM)} across`, hint: quantity('volume', filledL(pot), 2) })),
  { id: OWN, label: 'another', hint: 'tray, box, own pot' },
])
const by = computed(() => draft.count > 0 ? 'pots' : 'litres')
function choose(id: string): void {
  const pot = POTS.find(one => one.id === id)
  emit('change', { pot: pot ? potOf(pot) : { ...draft.pot, measuredL: Number((filledL(draft.pot) / 0.84).toFixed(2)) } })
}
</script>

<template>
  <div class="space-y-3">
    <ChoiceRow
      :model-value="draft.purposeId"
      label="What it is for"
      :choices="purposes"
      @update:model-value="(id?: PurposeId) => emit('change', { purposeId: id ?? 'seeds' })"
    />
    <ChoiceRow
      :model-value="by"
      label="How much"
      :choices="[{ id: 'pots', label: 'so many pots' }, { id: 'litres', label: 'so much in all' }]"
      @update:model-value="one => emit('change', { count: one === 'pots' ? 20 : 0 })"
    />
    <ChoiceRow
      :model-value="potId"
      :label="by === 'pots' ? 'Pots' : 'In pots like this'"
      :choices="pots"
      @update:model-value="id => choose(id ?? OWN)"
    />
    <div class="flex flex-wrap gap-x-5 gap-y-3 items-end">
      <StepNumber
        v-if="by === 'pots'"
        :model-value="draft.count"
        label="How many pots"
        :min="1"
        :max="5000"
        @update:model-value="(count: number) => emit('change', { count })"
      />
      <QuantityNumber
        v-else
        :model-value="draft.litres"
        quantity="volume"
        label="Mix wanted"
        :min="0.5"
        :max="10000"
        @update:model-value="(litres: number) => emit('change', { litres })"
      />
      <QuantityNumber
        v-if="potId === OWN"
        :model-value="draft.pot.measuredL ?? 1"
        quantity="volume"
        label="Water fills it with"
        :min="0.02"
        :max="3000"
        :step="0.1"
        :digits="2"
        @update:model-value="(measuredL: number) => emit('change', { pot: { ...draft.pot, measuredL } })"
      />
      <QuantityNumber
        v-if="potId === OWN"
        :model-value="draft.pot.heightM"
        quantity="length"
        label="How high"
        :min="0.02"
        :max="1.5"
        @update:model-value="(heightM: number) => emit('change', { pot: { ...draft.pot, heightM } })"
      />
    </div>
  </div>
</template>
