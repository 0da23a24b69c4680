<script setup lang="ts">
import { cameOutL, goneInL } from '#core/garden/batch'
import { METHODS } from '#core/methods'
import { begunText, stageOf, windowDays, type NamedWindow } from '#core/methods/contract'

definePageMeta({ title: 'What is coming, and what was' })

/** What comes of each batch and when, what follows what over the years, and those that are done. */
const { standing, finished, now } = useGarden()
const { quantity, day } = useSay()
const { materials, store } = useGarden()
const { looks, lookedAt } = useLooks()

/** A window as far as anybody looked. */
function windowText(window: NamedWindow): string {
  return `${window.label.toLowerCase()} ${windowDays(window, now.value, day)}`
}
/** What is to come of it; what has come last only where nothing more is to come. */
function comingOf(batchId: string): readonly NamedWindow[] {
  const windows = looks.value.get(batchId)?.windows ?? []
  const coming = windows.filter(window => stageOf(window, now.value) !== 'begun')
  return coming.length > 0 ? coming : windows.slice(-1)
}
const pipelines = computed(() => METHODS.flatMap((method) => {
  const laid
    = lookedAt.value
      && method.life.pipeline?.(
        standing.value.filter(known => known.method === method).map(({ batch }) => batch), lookedAt.value,
      )
  return laid ? [laid] : []
}))
const { drawn, left, more } = useSeen(() => finished.value.length, 20)
const gave = (batch: typeof finished.value[number]['batch']) => {
  const last = batch.takings.findLast(({ ends }) => ends)
  if (last?.left) return 'left with the garden before'
  const onto = last?.toBatchId
  const other = onto === undefined ? undefined : store.journal.garden.batches.get(onto)
  if (other) return `went onto ${other.name}`
  const [inL, outL] = [goneInL(batch, materials.value), cameOutL(batch)]
  return inL > 0
    ? `${quantity('volume', outL)} from ${quantity('volume', inL)}, ${Math.round((outL / inL) * 100)} %`
    : outL > 0
      ? quantity('volume', outL)
      : ''
}
</script>

<template>
  <div>
    <BackLink to="/yard">
      The yard
    </BackLink>
    <h1>What is coming, and what was</h1>
    <section
      v-if="standing.length > 0"
      aria-labelledby="coming"
      class="mt-4"
    >
      <h2
        id="coming"
        class="section-rule"
      >
        What is coming
      </h2>
      <ul>
        <li
          v-for="{ batch } in standing"
          :key="batch.id"
          data-coming
          class="line-rule py-1 flex flex-wrap gap-x-4 items-baseline"
        >
          <NuxtLink
            :to="`/batch/${batch.id}`"
            class="tap inline-flex items-center font-semibold underline underline-offset-3 decoration-dotted w-44"
          >{{ batch.name }}</NuxtLink>
          <span class="aside-note flex-1 min-w-40">{{ batch.place }}</span>
          <span class="text-right">
            <span
              v-for="one in comingOf(batch.id)"
              :key="one.id"
              class="block"
            >{{ windowText(one) }}</span>
          </span>
        </li>
      </ul>
    </section>
    <PipelineChart
      v-for="pipeline in pipelines"
      :key="pipeline.title"
      :pipeline="pipeline"
      class="mt-6"
    />
    <section
      v-if="finished.length > 0"
      aria-labelledby="done"
      class="mt-6"
    >
      <h2
        id="done"
        class="section-rule"
      >
        Over
      </h2>
      <ul>
        <li
          v-for="{ batch } in finished.slice(0, drawn)"
          :key="batch.id"
          class="line-rule py-2 flex flex-wrap gap-x-4 items-baseline"
        >
          <NuxtLink
            :to="`/batch/${batch.id}`"
            class="tap inline-flex items-center font-semibold underline underline-offset-3 decoration-dotted w-44"
          >{{ batch.name }}</NuxtLink>
          <span class="aside-note flex-1 min-w-48">{{ begunText(batch.began, day) }} – {{ day(batch.ended!.at) }}</span>
          <span>{{ gave(batch) }}</span>
        </li>
      </ul>
      <MoreBelow
        :left="left"
        @more="more"
      />
    </section>
  </div>
</template>
