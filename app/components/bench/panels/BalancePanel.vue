<script setup lang="ts">
import type { BalancedPlan } from '#core/methods/contract'
import type { Answer } from '#core/balancing/answers'
import type { WayOut } from '#core/balancing/changes'
import { GOALS } from '#core/balancing/goals'
import { leftOverText } from '#core/bench/left-over'
import { changedBy } from '#core/bench/one-change'
import type { Ingredient } from '#core/mix/portion'
import { numberText } from '#core/units/format'
import { leverText } from '#core/mix/words'
import { wayOutText, whyImpossible } from '#core/balancing/words'
import type { BalanceWish } from '#core/bench/offered'

/** The balancing: it answers at once for this pile; what matters, how big and from where can be asked otherwise. */
const { plan, wishL } = defineProps<{
  plan: BalancedPlan
  /** Litres to build in this vessel for what is needed, when that was said. */
  wishL?: number
}>()
const bench = useBench()
const { approach, draft, filled, vessel, changes, counsel } = bench
const { surroundings, units } = useGarden()
const comfort = computed(() => plan.mixing.comfort(approach.value.id))
const { quantity } = useSay()
const { state, ask, cancel, warmUp } = useBalancer()
onMounted(() => {
  warmUp()
  go()
})

const goalId = ref(GOALS[0]!.id)
const fetching = ref<'have' | 'fetch'>('fetch')
const piled = computed(() => filled.value.length > 0)
const fill = ref<BalanceWish['fill']>(wishL !== undefined ? 'wish' : piled.value ? 'pile' : 'full')
const result = useTemplateRef('result')
const parts = ref<'whole' | 'half' | 'any'>('whole')
const spread = ref<'any' | 'spread'>('any')
const STEPS = { whole: 1, half: 0.5, any: 0 } as const
/** Spread out means that no one thing makes up more than this of the litres. */
const SPREAD_MOST = 0.6

watch(() => wishL, (litres) => { fill.value = litres === undefined ? 'pile' : 'wish' })
const fills = computed(() => [
  ...(piled.value ? [{ id: 'pile' as const, label: 'this pile' }] : []),
  { id: 'full' as const, label: `fill the ${vessel.value.name.toLowerCase()}` },
  { id: 'have' as const, label: 'as big as it goes' },
  ...(wishL === undefined ? [] : [{ id: 'wish' as const, label: `about ${quantity('volume', wishL)}` }]),
])

const answers = computed<readonly Answer[]>(() =>
  state.value.kind === 'working'
    ? state.value.answers
    : state.value.kind === 'found' && state.value.found.kind === 'answers'
      ? state.value.found.answers
      : [],
)
/**
 * For this pile, the single changes that its verdict names come first: the same question has the same answer. Whoever asks for
 * something else gets that.
 */
const single = computed(() => asked.value?.fill !== 'pile' || asked.value.bench !== filled.value || asked.value.goalId !== GOALS[0]!.id
  ? []
  : changes.value.filter(lever => asked.value?.fetching || lever.kind !== 'add' || lever.candidate.inStore).map((lever) => {
      const ingredients = changedBy(lever, filled.value)
      return { text: capital(leverText(lever, filled.value)), ingredients, measures: lever.after.measures, waterL: lever.after.waterL }
    }))
const countsOf = (ingredients: readonly Ingredient[]) =>
  ingredients
    .filter(({ amount }) => amount.count > 0)
    .map(({ material, amount, prepared }) => `${material.id} ${prepared ?? ''} ${amount.count}`)
    .sort()
    .join()
const others = computed(() =>
  answers.value
    .filter(({ ingredients }) => !single.value.some(one => countsOf(one.ingredients) === countsOf(ingredients)))
    .slice(0, 3 - single.value.length),
)
const found = computed(() => single.value.length + others.value.length)
const impossible = computed(() =>
  single.value.length === 0 && state.value.kind === 'found' && state.value.found.kind === 'impossible'
    ? state.value.found.impossible
    : undefined,
)
const trouble = computed(() => state.value.kind === 'failed' || (state.value.kind === 'found' && state.value.found.kind === 'trouble'))
const pinnedNames = computed(() =>
  filled.value.filter(({ material }) => draft.value.pinned.includes(material.id)).map(({ material }) => material.short),
)

/** What was asked last, and of which bench. */
const asked = shallowRef<{
  readonly fill: BalanceWish['fill']
  readonly fetching: boolean
  readonly goalId: string
  readonly bench: readonly Ingredient[]
}>()
async function go(): Promise<void> {
  asked.value = { fill: fill.value, fetching: fetching.value === 'fetch', goalId: goalId.value, bench: filled.value }
  await ask({
    goalId: goalId.value,
    asBigAsCan: fill.value === 'have',
    problem: bench.problem(
      comfort.value,
      {
        goalId: goalId.value, step: STEPS[parts.value], fetching: fetching.value === 'fetch', fill: fill.value,
        oneMaterialMost: spread.value === 'spread' ? SPREAD_MOST : 1,
      },
      wishL,
    ),
  })
  await nextTick()
  result.value?.focus({ preventScroll: true })
}
const outlookOf = (ingredients: readonly Ingredient[], waterL: number) =>
  plan.mixing.outlook({ site: draft.value.site, ingredients, waterL, answers: draft.value.answers }, surroundings.value)
function reasonsOf({ containers, fetchL, rescuedL, left }: Answer): string[] {
  const stays = leftOverText(left)
  return [
    `${numberText(Math.round(containers * 4) / 4, 2)} containers`,
    ...(rescuedL > 1 ? [`saves ${quantity('volume', rescuedL)} that would spoil`] : []),
    fetchL > 1 ? `${quantity('volume', fetchL)} to fetch` : 'nothing to fetch',
    ...(stays ? [stays] : []),
  ]
}
const WAY_TITLES: Readonly<Record<WayOut['kind'], string>> = {
  'halves': 'In halves',
  'prepared': 'Prepared first',
  'smallest': 'The smallest change',
  'feed': 'With a nitrogen feed',
  'smaller-heap': 'A smaller heap of what there is',
  'pins': 'Only if what is pinned gives way',
}
const wayText = (way: WayOut) => {
  const text = wayOutText(way)
  return text === '' ? [] : [text]
}
</script>

<template>
  <div class="space-y-4 pt-3">
    <div
      ref="result"
      tabindex="-1"
      role="status"
      data-balanced
    >
      <h3>
        <template v-if="state.kind === 'working'">
          {{ state.answers.length === 0 ? 'Weighing it up…' : `${state.answers.length} found, looking for another…` }}
        </template>
        <template v-else-if="trouble">
          No answer this time
        </template>
        <template v-else-if="impossible">
          {{ whyImpossible(impossible, units) }}
        </template>
        <template v-else-if="found > 0">
          {{ found === 1 ? 'One way' : `${found} ways` }}{{ asked?.fill === 'pile' ? ' for this pile' : '' }}
        </template>
        <template v-else>
          Not asked yet
        </template>
      </h3>
    </div>
    <p
      v-if="trouble"
      class="caution"
      role="alert"
    >
      It took too long, or the solver could not be loaded. The bench is as it was. Try again, or pin less.
    </p>
    <ul v-if="found > 0">
      <AnswerCard
        v-for="one in single"
        :key="one.text"
        :comfort="comfort"
        :title="one.text"
        :reasons="['one change, by hand']"
        :ingredients="one.ingredients"
        :measures="one.measures"
        :water-l="one.waterL"
        :outlook="outlookOf(one.ingredients, one.waterL)"
        @adopt="bench.adopt(one.ingredients)"
      />
      <AnswerCard
        v-for="answer in others"
        :key="answer.counts.join('-')"
        :comfort="comfort"
        :title="answer.title"
        :reasons="reasonsOf(answer)"
        :ingredients="answer.ingredients"
        :measures="answer.measures"
        :water-l="answer.waterL"
        :outlook="outlookOf(answer.ingredients, answer.waterL)"
        @adopt="bench.adopt(answer.ingredients)"
      />
    </ul>
    <div
      v-if="impossible"
      data-impossible
    >
      <p v-if="impossible.ways.length === 0">
        No small change mends it. {{ counsel[0] ?? 'Pick something else as well, or another place for it.' }}
      </p>
      <ul v-else>
        <AnswerCard
          v-for="way in impossible.ways"
          :key="way.kind"
          :comfort="comfort"
          :title="WAY_TITLES[way.kind]"
          :reasons="wayText(way)"
          :ingredients="way.ingredients"
          :measures="way.measures"
          :water-l="way.waterL"
          :outlook="outlookOf(way.ingredients, way.waterL)"
          action="Change it so"
          @adopt="bench.adopt(way.ingredients)"
        />
      </ul>
    </div>
    <button
      v-if="state.kind === 'working'"
      type="button"
      class="label-button"
      @click="cancel"
    >
      Stop
    </button>
    <details
      class="line-rule"
      data-ask-otherwise
      :open="!piled"
    >
      <summary class="tap flex items-center cursor-pointer underline underline-offset-3 decoration-dotted">
        Ask it otherwise
      </summary>
      <div class="space-y-4 pt-2">
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
          <ChoiceRow
            v-model="parts"
            label="Measured out in"
            :choices="[{ id: 'whole', label: 'whole containers' }, { id: 'half', label: 'halves' }, { id: 'any', label: 'any amount' }]"
          />
          <ChoiceRow
            v-model="spread"
            label="One thing may be"
            :choices="[{ id: 'any', label: 'any share' }, { id: 'spread', label: 'at most 60 %' }]"
          />
        </div>
        <p class="aside-note">
          {{
            pinnedNames.length > 0
              ? `The ${pinnedNames.join(', ')} ${pinnedNames.length > 1 ? 'stay' : 'stays'} as on the bench.`
              : 'Pin what must stay as it is.'
          }}
        </p>
        <button
          v-if="state.kind !== 'working'"
          type="button"
          class="label-button strong"
          data-ask-again
          @click="go"
        >
          <UIcon
            name="i-ph-scales"
            class="size-5"
          />
          Ask again
        </button>
      </div>
    </details>
  </div>
</template>
