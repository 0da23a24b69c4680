<script setup lang="ts">
definePageMeta({ title: 'The yard' })

/** Everything that stands: place by place, and seen from above. */
const { standing, finished, unknown } = useGarden()
const { trials } = useTrials()
const narrow = useMediaQuery('(max-width: 899px)')
/** On a narrow screen one of both at a time. */
const way = useRemembered<string>('wastrum.yard', 'places')
const WAYS = [{ id: 'places', label: 'Place by place' }, { id: 'plan', label: 'From above' }]
const asked = useRoute().query.way
if (WAYS.some(({ id }) => id === asked)) way.value = String(asked)
</script>

<template>
  <div>
    <header class="flex flex-wrap items-baseline justify-between gap-x-6">
      <h1>The yard</h1>
      <NuxtLink
        v-if="standing.length + finished.length > 0"
        to="/years"
        class="tap inline-flex items-center underline underline-offset-3"
        data-years
      >What is coming, and what was</NuxtLink>
    </header>
    <template v-if="standing.length > 0">
      <ChoiceRow
        v-if="narrow"
        v-model="way"
        label="Show it"
        hide-label
        :choices="WAYS"
        class="mt-2"
      />
      <div class="mt-3 grid gap-x-8 gap-y-4 grid-cols-[minmax(0,1fr)] min-[900px]:grid-cols-[minmax(0,1fr)_18rem]">
        <YardPlan v-if="!narrow || way === 'plan'" />
        <YardRooms
          v-if="!narrow || way !== 'plan'"
          :drawings="narrow"
        />
      </div>
    </template>
    <p v-else>
      Nothing stands here yet.
      <NuxtLink
        to="/bench"
        class="underline underline-offset-3"
      >Plan something on the bench.</NuxtLink>
    </p>
    <NuxtLink
      to="/stands"
      class="tap inline-flex items-center underline underline-offset-3"
      data-stands-already
    >Something stands here that is not in the list</NuxtLink>
    <section
      v-if="standing.length + finished.length > 1"
      aria-labelledby="trials"
      class="mt-6"
    >
      <h2
        id="trials"
        class="section-rule"
      >
        Trials
      </h2>
      <p class="flex flex-wrap gap-x-5 gap-y-1 items-center">
        <NuxtLink
          v-for="trial in trials"
          :key="trial.id"
          :to="`/trials/${trial.id}`"
          class="tap inline-flex items-center font-semibold underline underline-offset-3 decoration-dotted"
        >{{ trial.name }}</NuxtLink>
        <NuxtLink
          to="/trials"
          class="label-button"
        >Trials</NuxtLink>
      </p>
    </section>
    <section
      v-if="unknown.length > 0"
      aria-labelledby="newer"
      class="mt-6"
    >
      <h2
        id="newer"
        class="section-rule"
      >
        From a newer Wastrum
      </h2>
      <p class="aside-note">
        This version does not know how these are done. They are kept, and go into your backup.
      </p>
      <ul>
        <li
          v-for="batch in unknown"
          :key="batch.id"
          class="line-rule py-2 flex flex-wrap gap-x-4"
          data-unknown
        >
          <NuxtLink
            :to="`/batch/${batch.id}`"
            class="tap inline-flex items-center font-semibold underline underline-offset-3 decoration-dotted w-44"
          >{{ batch.name || 'Without a name' }}</NuxtLink>
          <span class="aside-note flex-1">{{ batch.place }}</span>
          <span>{{ batch.log.length }} {{ batch.log.length === 1 ? 'entry' : 'entries' }}</span>
        </li>
      </ul>
    </section>
  </div>
</template>
