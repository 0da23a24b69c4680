<script setup lang="ts">
import type { MeasureId } from '#core/plots/constants'
import { kindOf, MEASURE_WORDS } from '#core/plots/readout'
import type { PlotPair, PlotTrial } from '#core/plots/trial'
import type { Quantity } from '#core/units/system'

/** Both sides of a pair, looked at on one day for one thing. */
const { trial, pair, measure } = defineProps<{ trial: PlotTrial, pair: PlotPair, measure: MeasureId }>()
const { plotText } = usePlots()
const { record } = useRecorder()
const words = computed(() => MEASURE_WORDS[measure])
const kind = computed(() => kindOf(measure))
const QUANTITY: Readonly<Partial<Record<MeasureId, Quantity>>> = { height: 'length', picked: 'mass' }
const values = ref<Record<'with' | 'without', number>>({ with: 0, without: 0 })
const of = ref<Record<'with' | 'without', number>>({ with: 10, without: 10 })
const better = ref<'with' | 'same' | 'without'>()
const LOOKS = [{ id: 'with', label: 'with it' }, { id: 'same', label: 'no difference' }, { id: 'without', label: 'without it' }] as const
const ready = computed(() => kind.value === 'look'
  ? better.value !== undefined
  : kind.value === 'share'
    ? (['with', 'without'] as const).every(side => of.value[side] > 0 && values.value[side] <= of.value[side])
    : values.value.with + values.value.without > 0)
const found = (side: 'with' | 'without') => kind.value === 'share'
  ? { hits: values.value[side], of: of.value[side] }
  : { value: kind.value === 'look' ? Number(better.value === side) : values.value[side] }
const { at } = provideWhen(() => trial.startedAt, 'begun')
async function save(): Promise<void> {
  const when = at()
  if (!when || !ready.value) return
  const done = await record({
    kind: 'compared', at: when, trialId: trial.id, pairId: pair.id, measure, with: found('with'), without: found('without'),
  }, `${words.value.asks}: both of “${trial.name}”.`)
  if (done) better.value = undefined
}
</script>

<template>
  <form
    class="border-l-4 border-accented pl-3 space-y-3"
    :data-compare="measure"
    @submit.prevent="save"
  >
    <p class="font-semibold text-highlighted">
      {{ words.asks }}
    </p>
    <ChoiceRow
      v-if="kind === 'look'"
      v-model="better"
      :label="words.asks"
      hide-label
      :choices="LOOKS"
    />
    <div
      v-else
      class="flex flex-wrap gap-x-6 gap-y-3"
    >
      <div
        v-for="side in (['with', 'without'] as const)"
        :key="side"
        class="flex flex-wrap gap-3 items-end"
        :data-side="side"
      >
        <QuantityNumber
          v-if="QUANTITY[measure]"
          v-model="values[side]"
          :quantity="QUANTITY[measure]!"
          :label="plotText(pair[side])"
          :digits="measure === 'picked' ? 2 : 1"
          :step="measure === 'picked' ? 0.1 : 1"
        />
        <StepNumber
          v-else
          v-model="values[side]"
          :label="plotText(pair[side])"
          :max="100000"
          :digits="0"
        />
        <StepNumber
          v-if="kind === 'share'"
          v-model="of[side]"
          :label="words.of ?? ''"
          :min="1"
          :max="100000"
          :digits="0"
        />
      </div>
    </div>
    <WhenRow label="When you looked" />
    <button
      class="label-button strong"
      :disabled="!ready"
    >
      Write both down
    </button>
  </form>
</template>
