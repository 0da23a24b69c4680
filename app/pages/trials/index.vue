<script setup lang="ts">
definePageMeta({ title: 'Trials' })

/** Trials: two batches alike but for one thing. */
const { trials, pairsOf, begin } = useTrials()
const { trials: plotTrials, plotText, waiting } = usePlots()
const route = useRoute()
const { day } = useSay()
const first = computed(() => typeof route.query.with === 'string' ? route.query.with : '')
const pair = ref({ withId: first.value, withoutId: '' })
const difference = ref('')
const name = ref('')
const starting = ref(first.value !== '')
const startingPlots = ref(route.query.beds === '1')
const asksToday = (id: string) => waiting.value.some(({ trial }) => trial.id === id)
const ready = computed(
  () =>
    pair.value.withId !== '' && pair.value.withoutId !== '' && pair.value.withId !== pair.value.withoutId && difference.value.trim() !== '',
)
const IDEAS = [
  'a tower instead of a plain pile', 'sugar on the greens', 'citrus in the feed', 'shredded instead of whole', 'turned instead of left',
] as const

async function save(): Promise<void> {
  const said = difference.value.trim()
  const id = await begin({
    name: name.value.trim() || said.replace(/^./, letter => letter.toUpperCase()), difference: said, pairs: [{ ...pair.value }],
  })
  if (id) await navigateTo(`/trials/${id}`)
}
</script>

<template>
  <div>
    <h1>Trials</h1>
    <p class="max-w-2xl mt-2">
      Two batches, two beds or two trays that are alike but for one thing. The same is asked of both on the same day; here they stand side
      by side, with what can be said of them and what cannot.
    </p>
    <ul
      v-if="trials.length > 0"
      class="mt-4"
    >
      <li
        v-for="trial in trials"
        :key="trial.id"
        class="line-rule py-1 flex flex-wrap gap-x-4 items-baseline"
      >
        <NuxtLink
          :to="`/trials/${trial.id}`"
          class="tap inline-flex items-center font-semibold underline underline-offset-3 decoration-dotted"
        >{{ trial.name }}</NuxtLink>
        <span class="aside-note flex-1 min-w-48">{{
          pairsOf(trial)
            .map(one => `${one.with.batch.name} against ${one.without.batch.name}`)
            .join('; ') || 'its batches are not here any more'
        }}</span>
        <span class="aside-note">since {{ day(trial.startedAt) }}</span>
      </li>
    </ul>
    <ul
      v-if="plotTrials.length > 0"
      class="mt-4"
      aria-label="Of beds and pots"
    >
      <li
        v-for="trial in plotTrials"
        :key="trial.id"
        class="line-rule py-1 flex flex-wrap gap-x-4 items-baseline"
        data-plot-trial
      >
        <NuxtLink
          :to="`/trials/${trial.id}`"
          class="tap inline-flex items-center font-semibold underline underline-offset-3 decoration-dotted"
        >{{ trial.name }}</NuxtLink>
        <span class="aside-note flex-1 min-w-48">{{
          trial.pairs.map(one => `${plotText(one.with)} against ${plotText(one.without)}`).join('; ')
        }}</span>
        <span class="aside-note">{{ asksToday(trial.id) ? 'look at it today' : `since ${day(trial.startedAt)}` }}</span>
      </li>
    </ul>
    <p
      v-if="!starting && !startingPlots"
      class="mt-4 flex flex-wrap gap-2"
    >
      <button
        type="button"
        class="label-button"
        data-new-plot-trial
        @click="startingPlots = true"
      >
        <UIcon
          name="i-ph-plus"
          class="size-5"
        />
        A trial of beds or pots
      </button>
      <button
        type="button"
        class="label-button"
        data-new-trial
        @click="starting = true"
      >
        <UIcon
          name="i-ph-plus"
          class="size-5"
        />
        A trial of batches
      </button>
    </p>
    <PlotForm v-else-if="startingPlots" />
    <form
      v-else
      class="mt-5 max-w-2xl space-y-4"
      @submit.prevent="save"
    >
      <h2 class="section-rule">
        A new trial
      </h2>
      <PairChooser v-model="pair" />
      <label class="block">
        <span class="field-label">The one thing in which they differ</span>
        <input
          v-model="difference"
          class="text-field"
          maxlength="80"
          list="differences"
          data-difference
        >
        <datalist id="differences">
          <option
            v-for="idea in IDEAS"
            :key="idea"
            :value="idea"
          />
        </datalist>
      </label>
      <label class="block">
        <span class="field-label">Called, if you like</span>
        <input
          v-model="name"
          class="text-field"
          maxlength="80"
        >
      </label>
      <p
        v-if="pair.withId !== '' && pair.withId === pair.withoutId"
        role="alert"
        class="text-error font-semibold"
      >
        That is the same batch twice.
      </p>
      <button
        class="label-button strong"
        :disabled="!ready"
      >
        Begin it
      </button>
    </form>
  </div>
</template>
