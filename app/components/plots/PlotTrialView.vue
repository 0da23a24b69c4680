<script setup lang="ts">
import { MEASURES, type MeasureId } from '#core/plots/constants'
import { kindOf, MEASURE_WORDS, measureText, readPlots, type PairResult } from '#core/plots/readout'
import { unequalPlots } from '#core/plots/starts'
import { isSamePlot, type Plot, type PlotTrial } from '#core/plots/trial'

/** A trial of beds, trays or pots: what it shows in a sentence each, what is to be looked at, and each pair. */
const { trial } = defineProps<{ trial: PlotTrial }>()
const { comparisons, askedOf, known, plotText, write, remove } = usePlots()
const { units, store } = useGarden()
const { showNote } = useRecorder()
const { day } = useSay()
const reads = computed(() => readPlots(trial, comparisons.value, units.value))
const asked = computed(() => askedOf(trial))
const isAsked = (pairId: string, measure: MeasureId) => asked.value.some(one => one.pair.id === pairId && one.measure === measure)
const entered = computed(() => comparisons.value.filter(({ trialId }) => trialId === trial.id).toReversed())
const open = ref<string>()
const keyOf = (pairId: string, measure: MeasureId) => `${pairId} ${measure}`
/** What is asked today stands open; all else a tap away. */
const isOpen = (pairId: string, measure: MeasureId) => open.value === keyOf(pairId, measure)
  || (open.value === undefined && isAsked(pairId, measure)
    && asked.value[0]?.pair.id === pairId && asked.value[0].measure === measure)
const resultText = (measure: MeasureId, { mine, theirs, counts }: PairResult) => counts
  ? `${counts.mine.hits} of ${counts.mine.of} against ${counts.theirs.hits} of ${counts.theirs.of}`
  : `${measureText(measure, mine!, units.value)} against ${measureText(measure, theirs!, units.value)}`
const found = (pairId: string) => reads.value.flatMap(({ measure, results }) => {
  const result = results.find(one => one.pair.id === pairId)
  return result && kindOf(measure) !== 'look' ? [{ measure, text: resultText(measure, result), days: result.days }] : []
})
const pairs = computed(() =>
  trial.pairs.map(pair => ({ pair, unequal: unequalPlots(pair, trial, known, units.value), found: found(pair.id) })))

const adding = ref(false)
const mine = ref<Plot>({ called: '' })
const theirs = ref<Plot>({ called: '' })
const filled = ({ bedId, called }: Plot) => bedId !== undefined || called.trim() !== ''
const ready = computed(() => filled(mine.value) && filled(theirs.value) && !isSamePlot(mine.value, theirs.value))
async function addPair(): Promise<void> {
  const number = Math.max(0, ...trial.pairs.map(({ id }) => Number(id.slice(1)) || 0)) + 1
  if (!await write({ ...trial, pairs: [...trial.pairs, { id: `p${number}`, with: mine.value, without: theirs.value }] })) return
  adding.value = false
  mine.value = { called: '' }
  theirs.value = { called: '' }
}
async function takeBack(eventId: string, said: string): Promise<void> {
  const undone = await store.undo([eventId])
  if (undone.ok) showNote(`${said} is taken back.`, () => void store.undo(undone.value.map(({ id }) => id)))
}
async function putAway(): Promise<void> {
  await remove(trial)
  await navigateTo('/trials')
}
const entryText = (one: (typeof entered.value)[number]) => {
  const words = MEASURES.some(({ id }) => id === one.measure) ? MEASURE_WORDS[one.measure as MeasureId] : undefined
  const side = (of: typeof one.with) => of.hits === undefined
    ? measureText(one.measure as MeasureId, of.value ?? 0, units.value)
    : `${of.hits} of ${of.of ?? 0}`
  const look = (one.with.value ?? 0) > (one.without.value ?? 0)
    ? 'with it'
    : (one.with.value ?? 0) < (one.without.value ?? 0)
        ? 'without it'
        : 'no difference'
  return one.measure === 'look'
    ? `${words?.asks}: ${look}`
    : `${words?.asks ?? one.measure}: ${side(one.with)} against ${side(one.without)}`
}
</script>

<template>
  <div>
    <header class="flex flex-wrap items-baseline justify-between gap-x-6">
      <h1>{{ trial.name }}</h1>
      <p class="aside-note">
        since {{ day(trial.startedAt) }}
      </p>
    </header>
    <section
      aria-labelledby="verdict"
      class="mt-3 max-w-3xl"
      data-verdict
    >
      <h2
        id="verdict"
        class="section-rule"
      >
        What it shows
      </h2>
      <p
        v-for="read in reads"
        :key="read.measure"
        class="mt-1"
        :data-read="read.measure"
      >
        <strong class="font-semibold text-highlighted">{{ capital(MEASURE_WORDS[read.measure].label) }}:</strong> {{ read.said }}
      </p>
    </section>
    <section
      v-for="{ pair, unequal, found: results } in pairs"
      :key="pair.id"
      class="mt-6 max-w-3xl"
      :aria-label="`${plotText(pair.with)} against ${plotText(pair.without)}`"
      data-plot-pair
    >
      <h2 class="section-rule mb-2">
        {{ capital(plotText(pair.with)) }} against {{ plotText(pair.without) }}
      </h2>
      <p
        v-if="unequal.length > 0"
        data-unequal
      >
        <strong class="font-semibold">Unequal from the start:</strong> {{ unequal.join(' ') }} Each may be the reason as well.
      </p>
      <p
        v-for="one in results"
        :key="one.measure"
      >
        {{ capital(MEASURE_WORDS[one.measure].label) }}: {{ one.text }}{{ kindOf(one.measure) === 'sum' ? ' in all' : '' }}.
      </p>
      <div class="mt-2 space-y-3">
        <div class="flex flex-wrap gap-2">
          <button
            v-for="measure in trial.measures"
            :key="measure"
            type="button"
            class="label-button"
            :aria-expanded="isOpen(pair.id, measure)"
            :data-compare-open="measure"
            @click="open = isOpen(pair.id, measure) ? '' : keyOf(pair.id, measure)"
          >
            {{ capital(MEASURE_WORDS[measure].label) }}{{ isAsked(pair.id, measure) ? ', today' : '' }}
          </button>
        </div>
        <template
          v-for="measure in trial.measures"
          :key="measure"
        >
          <CompareForm
            v-if="isOpen(pair.id, measure)"
            :trial="trial"
            :pair="pair"
            :measure="measure"
          />
        </template>
      </div>
    </section>
    <form
      v-if="adding"
      class="mt-6 max-w-2xl space-y-4"
      @submit.prevent="addPair"
    >
      <div class="grid sm:grid-cols-2 gap-4">
        <PlotEntry
          v-model="mine"
          label="With it"
          side="with"
        />
        <PlotEntry
          v-model="theirs"
          label="Without it"
          side="without"
        />
      </div>
      <button
        class="label-button strong"
        :disabled="!ready"
      >
        Add this pair
      </button>
    </form>
    <p class="mt-6 flex flex-wrap gap-2">
      <button
        v-if="!adding"
        type="button"
        class="label-button"
        @click="adding = true"
      >
        Another pair
      </button>
      <button
        type="button"
        class="label-button"
        @click="putAway"
      >
        Put the trial away
      </button>
      <NuxtLink
        to="/trials"
        class="label-button"
      >All trials</NuxtLink>
    </p>
    <ul
      v-if="entered.length > 0"
      class="mt-6 max-w-3xl"
      aria-label="What was written down"
    >
      <li
        v-for="one in entered"
        :key="one.eventId"
        class="line-rule py-1 flex flex-wrap gap-x-4 items-center"
      >
        <span class="aside-note w-24">{{ day(one.at) }}</span>
        <span class="flex-1 min-w-44">{{ entryText(one) }}</span>
        <button
          type="button"
          class="tap aside-note underline underline-offset-3 decoration-dotted"
          :aria-label="`take it back: ${entryText(one)}`"
          @click="takeBack(one.eventId, entryText(one))"
        >
          take it back
        </button>
      </li>
    </ul>
  </div>
</template>
