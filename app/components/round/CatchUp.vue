<script setup lang="ts">
import { asUsual } from '#core/gap/as-usual'
import { lookFirst, spreadOut } from '#core/gap/first'
import type { Gap } from '#core/gap/gap'
import type { RoundTask } from '#core/garden/round'
import type { NewEvent } from '#core/journal/event'
import { eventOf } from '#core/journal/journal'
import { sinceOf, stageOf } from '#core/methods/contract'
import { agoText } from '#core/units/ago'

/** After a gap: what probably came of each, what to look at first, and the rest on the days to come. */
const { gap, tasks } = defineProps<{ gap: Gap, tasks: readonly RoundTask[] }>()
const { store, standing, surroundings, now } = useGarden()
const { looks } = useLooks()
const { day } = useSay()
const { record } = useRecorder()
const busy = ref<number>()

const byId = computed(() => new Map(standing.value.map(known => [known.batch.id, known])))
const first = computed(() => lookFirst(tasks, id => byId.value.get(id)?.method))
/** What came in the gap: windows that opened since then. */
function cameOf(batchId: string): string[] {
  return (looks.value.get(batchId)?.windows ?? [])
    .filter(window => stageOf(window, now.value) === 'begun' && stageOf(window, gap.since) !== 'begun')
    .map(window => `${window.begun} ${day(sinceOf(window))}`)
}
const stops = computed(() => standing.value.flatMap((known) => {
  const look = looks.value.get(known.batch.id)
  if (!look || new Date(known.batch.began.at) > gap.since) return []
  const task = first.value.find(({ batchId }) => batchId === known.batch.id)
  return [{ known, standing: look.standing, came: cameOf(known.batch.id), task }]
}))

const spread = () => record(
  spreadOut(tasks, first.value, new Date()), 'What had piled up comes on the days ahead.', 'First what only a look can tell.',
)
async function usual(): Promise<void> {
  const events: NewEvent[] = []
  const all = standing.value
  for (const [index, { batch, method }] of all.entries()) {
    busy.value = index / all.length
    const told = { batch, method, events: batch.log.flatMap(id => eventOf(store.journal, id) ?? []) }
    const steps = asUsual(told, gap, surroundings.value)
    for (let step = steps.next(); ; step = steps.next()) {
      if (step.done) {
        events.push(...step.value)
        break
      }
      await new Promise(resolve => setTimeout(resolve, 0))
    }
  }
  events.push(...spreadOut(tasks, first.value, new Date()))
  busy.value = undefined
  await record(events, 'Written down as usual for the time between.', 'What was found meanwhile nobody knows: look first.')
}
</script>

<template>
  <section
    aria-labelledby="catch-up"
    class="section-rule mt-4 space-y-3"
    data-catch-up
  >
    <h2 id="catch-up">
      Since you were here last
    </h2>
    <p>
      The last entry was {{ agoText(gap.since, now) }}. What probably came of it, and what to look at first:
    </p>
    <ul>
      <li
        v-for="{ known, standing: stands, came, task } in stops"
        :key="known.batch.id"
        class="line-rule py-2"
        :data-caught="known.batch.id"
      >
        <NuxtLink
          :to="`/batch/${known.batch.id}`"
          class="tap inline-flex items-center font-semibold underline underline-offset-3"
        >{{ known.batch.name }}</NuxtLink>
        <p>
          {{ stands.label }}: {{ stands.sentence }}<template
            v-for="one in came"
            :key="one"
          >
            {{ one }}.
          </template>
        </p>
        <p
          v-if="task"
          class="font-semibold"
        >
          First: {{ task.title }}
        </p>
      </li>
    </ul>
    <div class="flex flex-wrap gap-3 items-center">
      <button
        type="button"
        class="label-button strong"
        :disabled="busy !== undefined"
        data-as-usual
        @click="usual"
      >
        {{ busy === undefined ? 'All went as usual' : `Writing it down … ${Math.round(busy * 100)} %` }}
      </button>
      <button
        type="button"
        class="label-button"
        :disabled="busy !== undefined"
        data-nothing-done
        @click="spread"
      >
        Nobody did anything
      </button>
    </div>
    <p class="aside-note">
      As usual: what was fed, watered and turned before went on week by week. Either way the rest comes a few things a day.
    </p>
  </section>
</template>
