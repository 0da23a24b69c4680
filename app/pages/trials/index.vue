<script setup lang="ts">
definePageMeta({ title: 'Trials' })

/** Trials: two batches alike but for one thing. */
const { trials, pairsOf, begin } = useTrials()
const route = useRoute()
const { day } = useSay()
const first = computed(() => typeof route.query.with === 'string' ? route.query.with : '')
const pair = ref({ withId: first.value, withoutId: '' })
const difference = ref('')
const name = ref('')
const starting = ref(first.value !== '')
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
      Two batches that are alike but for one thing. The round asks the same of both on the same day; here they stand side by side, with what
      can be said of them and what cannot.
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
    <p
      v-if="!starting"
      class="mt-4"
    >
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
        Begin a trial
      </button>
    </p>
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
