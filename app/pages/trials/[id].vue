<script setup lang="ts">
import { readPair, verdictLines } from '#core/side-by-side/readout'

definePageMeta({ title: 'A trial' })

/** A trial read out: each pair side by side, and what it can show. */
const { trials, pairsOf, change, remove } = useTrials()
const { trials: plotTrials } = usePlots()
const { units } = useGarden()
const { day } = useSay()
const route = useRoute()
const trial = computed(() => trials.value.find(({ id }) => id === route.params.id))
const plots = computed(() => plotTrials.value.find(({ id }) => id === route.params.id))
const reads = computed(() => trial.value ? pairsOf(trial.value).map(readPair) : [])
const verdict = computed(() => trial.value ? verdictLines(trial.value, reads.value, units.value) : [])
const adding = ref(false)
const pair = ref({ withId: '', withoutId: '' })
const ready = computed(() => pair.value.withId !== '' && pair.value.withoutId !== '' && pair.value.withId !== pair.value.withoutId)

async function addPair(): Promise<void> {
  if (!trial.value) return
  await change({ ...trial.value, pairs: [...trial.value.pairs, { ...pair.value }] })
  adding.value = false
  pair.value = { withId: '', withoutId: '' }
}
async function putAway(): Promise<void> {
  if (!trial.value) return
  await remove(trial.value)
  await navigateTo('/trials')
}
</script>

<template>
  <PlotTrialView
    v-if="plots"
    :trial="plots"
  />
  <div v-else-if="trial">
    <header class="flex flex-wrap items-baseline justify-between gap-x-6">
      <h1>{{ trial.name }}</h1>
      <p class="aside-note">
        {{ trial.difference }}, since {{ day(trial.startedAt) }}
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
        v-for="line in verdict"
        :key="line"
        class="mt-1"
      >
        {{ line }}
      </p>
    </section>
    <section
      v-for="read in reads"
      :key="read.pair.with.batch.id"
      class="mt-6"
      :aria-label="`${read.pair.with.batch.name} against ${read.pair.without.batch.name}`"
    >
      <h2 class="section-rule mb-2">
        {{ read.pair.with.batch.name }} against {{ read.pair.without.batch.name }}
      </h2>
      <PairView :read="read" />
    </section>
    <form
      v-if="adding"
      class="mt-6 max-w-2xl space-y-4"
      @submit.prevent="addPair"
    >
      <PairChooser v-model="pair" />
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
  </div>
  <div
    v-else
    class="space-y-3"
  >
    <h1>There is no such trial</h1>
    <p>It may have been put away; what was recorded of its batches is on their pages.</p>
    <NuxtLink
      to="/trials"
      class="label-button strong"
    >All trials</NuxtLink>
  </div>
</template>
