<script setup lang="ts">
import type { Answer } from '#core/balancing/answers'
import type { WayOut } from '#core/balancing/changes'
import { GOALS } from '#core/balancing/goals'
import { wayOutText, whyImpossible } from '#core/balancing/words'
import type { BalanceWish } from '#core/bench/offered'

/** The balancing: what matters, what there may be, up to three answers or the way out. */
const { wishL } = defineProps<{ /** Litres to build in this vessel for what is needed, when that was said. */ wishL?: number }>()
const bench = useBench()
const { mixing, draft, filled, vessel } = bench
const { quantity } = useSay()
const { state, ask, cancel, warmUp } = useBalancer()
onMounted(warmUp)

const goalId = ref(GOALS[0]!.id)
const fetching = ref<'have' | 'fetch'>('have')
const fill = ref<BalanceWish['fill']>(wishL === undefined ? 'full' : 'wish')
const parts = ref<'whole' | 'half' | 'any'>('whole')
const basis = ref<BalanceWish['ratioBasis']>('plain')
const spread = ref<'any' | 'spread'>('any')
const STEPS = { whole: 1, half: 0.5, any: 0 } as const
/** Spread out means that no one thing makes up more than this of the litres. */
const SPREAD_MOST = 0.6

watch(() => wishL, (litres) => { fill.value = litres === undefined ? 'full' : 'wish' })
const fills = computed(() => [
  { id: 'full' as const, label: `fill the ${vessel.value.name.toLowerCase()}` },
  { id: 'have' as const, label: 'as big as it goes' },
  ...(wishL === undefined ? [] : [{ id: 'wish' as const, label: `about ${quantity('volume', wishL)}` }]),
])

const answers = computed<readonly Answer[]>(() => state.value.kind === 'working' ? state.value.answers : state.value.kind === 'found' && state.value.found.kind === 'answers' ? state.value.found.answers : [])
const impossible = computed(() => state.value.kind === 'found' && state.value.found.kind === 'impossible' ? state.value.found.impossible : undefined)
const trouble = computed(() => state.value.kind === 'failed' || (state.value.kind === 'found' && state.value.found.kind === 'trouble'))
const pinnedNames = computed(() => filled.value.filter(({ material }) => draft.value.pinned.includes(material.id)).map(({ material }) => material.short))

function go(): void {
  void ask({
    goalId: goalId.value,
    asBigAsCan: fill.value === 'have',
    problem: bench.problem({ goalId: goalId.value, ratioBasis: basis.value, step: STEPS[parts.value], fetching: fetching.value === 'fetch', fill: fill.value, oneMaterialMost: spread.value === 'spread' ? SPREAD_MOST : 1 }, wishL),
  })
}
function reasonsOf({ containers, fetchL, rescuedL }: Answer): string[] {
  return [
    `${Math.round(containers * 4) / 4} containers`,
    ...(rescuedL > 1 ? [`saves ${quantity('volume', rescuedL)} that would spoil`] : []),
    fetchL > 1 ? `${quantity('volume', fetchL)} to fetch` : 'nothing to fetch',
  ]
}
const WAY_TITLES: Readonly<Record<WayOut['kind'], string>> = {
  'smallest': 'The smallest change', 'pins-kept': 'Leaving what is pinned', 'nothing-fetched': 'Without fetching anything', 'smaller-heap': 'A smaller heap of what there is',
}
const wayText = (way: WayOut) => {
  const text = wayOutText(way)
  return text === '' ? [] : [text]
}
</script>

<template>
  <div class="space-y-4 pt-3">
    <ChoiceRow
      v-model="goalId"
      label="What matters most"
      :choices="GOALS.map(({ id, name }) => ({ id, label: name }))"
    />
    <div class="flex flex-wrap gap-x-8 gap-y-4">
      <ChoiceRow
        v-model="fill"
        label="How big"
        :choices="fills"
      />
      <ChoiceRow
        v-model="fetching"
        label="From"
        :choices="[{ id: 'have', label: 'what I have' }, { id: 'fetch', label: 'and what is easy to get' }]"
      />
    </div>
    <details>
      <summary class="tap flex items-center cursor-pointer underline underline-offset-3 decoration-dotted">
        Finer points
      </summary>
      <div class="flex flex-wrap gap-x-8 gap-y-4 pt-2">
        <ChoiceRow
          v-model="parts"
          label="Measured out in"
          :choices="[{ id: 'whole', label: 'whole containers' }, { id: 'half', label: 'halves' }, { id: 'any', label: 'any amount' }]"
        />
        <ChoiceRow
          v-model="basis"
          label="Carbon counted"
          :choices="[{ id: 'plain', label: 'all of it' }, { id: 'available', label: 'only what decays' }]"
        />
        <ChoiceRow
          v-model="spread"
          label="One thing may be"
          :choices="[{ id: 'any', label: 'any share' }, { id: 'spread', label: 'at most 60 %' }]"
        />
      </div>
    </details>
    <div class="flex flex-wrap gap-3 items-center">
      <button
        v-if="state.kind !== 'working'"
        type="button"
        class="label-button strong"
        @click="go"
      >
        <UIcon
          name="i-ph-scales"
          class="size-5"
        />
        Balance it
      </button>
      <button
        v-else
        type="button"
        class="label-button"
        @click="cancel"
      >
        Stop
      </button>
      <p
        class="aside-note"
        role="status"
      >
        <template v-if="state.kind === 'working'">
          {{ state.answers.length === 0 ? 'Weighing it up…' : `${state.answers.length} found, looking for another…` }}
        </template>
        <template v-else-if="pinnedNames.length > 0">
          The {{ pinnedNames.join(', ') }} {{ pinnedNames.length > 1 ? 'stay' : 'stays' }} as on the bench.
        </template>
        <template v-else>
          Pin what must stay as it is.
        </template>
      </p>
    </div>
    <p
      v-if="trouble"
      class="caution"
      role="alert"
    >
      No answer this time: it took too long, or the solver could not be loaded. The bench is as it was. Try again, or pin less.
    </p>
    <ul v-if="answers.length > 0">
      <AnswerCard
        v-for="answer in answers"
        :key="answer.counts.join('-')"
        :title="answer.title"
        :reasons="reasonsOf(answer)"
        :ingredients="answer.ingredients"
        :measures="answer.measures"
        :water-l="answer.waterL"
        :outlook="mixing.outlook(answer.measures)"
        @adopt="bench.adopt(answer.ingredients)"
      />
    </ul>
    <div
      v-if="impossible"
      data-impossible
    >
      <p class="font-semibold text-highlighted">
        {{ whyImpossible(impossible) }}
      </p>
      <p v-if="impossible.ways.length === 0">
        No small change mends it. Pick something else that is {{ impossible.limits.includes('too-green') ? 'brown' : 'different' }}, or another vessel.
      </p>
      <ul v-else>
        <AnswerCard
          v-for="way in impossible.ways"
          :key="way.kind"
          :title="WAY_TITLES[way.kind]"
          :reasons="wayText(way)"
          :ingredients="way.ingredients"
          :measures="way.measures"
          :water-l="way.waterL"
          :outlook="mixing.outlook(way.measures)"
          action="Change it so"
          @adopt="bench.adopt(way.ingredients)"
        />
      </ul>
    </div>
  </div>
</template>
