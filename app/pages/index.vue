<script setup lang="ts">
import { daysText } from '#core/units/plural'
import { addDays, endOfDay } from 'date-fns'
import { pilesUp } from '#core/gap/first'
import { gapBefore } from '#core/gap/gap'
import { toGatherNow } from '#core/garden/collecting'
import { weekdayDateText } from '#core/units/dates'
import { inRoundOrder, mayWait } from '#core/garden/round'

definePageMeta({ title: 'Today\'s round' })

/** The round: what today asks for, most urgent first. */
const { store, standing, now, stored, settings } = useGarden()
const gap = computed(() => gapBefore(store.journal, standing.value.map(({ batch }) => batch), now.value))
const { looks, looking, lookedAt } = useLooks()
const { day, amount } = useSay()

const byId = computed(() => new Map(standing.value.map(known => [known.batch.id, known])))
const { held, changed, showNow } = useHeld(
  () => [...looks.value.values()].flatMap(look => look.tasks), () => lookedAt.value !== undefined,
  tasks => inRoundOrder(tasks.filter(({ due }) => due <= endOfDay(now.value))).map(({ id, urgency }) => `${id} ${urgency}`).join(),
)
/** A batch that was ended or undone meanwhile asks for nothing. */
const tasks = computed(() => held.value.filter(({ batchId }) => byId.value.has(batchId)))
const today = computed(() => inRoundOrder(tasks.value.filter(({ due }) => due <= endOfDay(now.value))))
/** In the order of the walk, each batch once. */
const stops = computed(() =>
  [...new Set(today.value.map(({ batchId }) => batchId))].flatMap((id) => {
    const known = byId.value.get(id)
    return known ? [{ known, tasks: today.value.filter(({ batchId }) => batchId === id) }] : []
  }),
)
/** A long round is a list to walk along, and reasons wait behind each step. */
const narrow = useMediaQuery('(max-width: 639px)')
const many = computed(() => stops.value.length > (narrow.value ? 6 : 12))
/** As many as anybody walks along are there at once, a handful after each breath; more as their end comes into view. */
const { drawn: wanted, left: stopsLeft, more: moreStops } = useSeen(() => stops.value.length, 40)
const drawn = useGrowing(() => wanted.value, 8)
/** Whatever presses nowhere: seen in passing, and ticked at once. */
const quietEverywhere = computed(() => stops.value.filter(stop => stop.tasks.every(mayWait)))
const { looksFine } = useTasks()
const steps = useTemplateRef<HTMLElement>('steps')
useSteadyTaps(steps)
/** Place by place, the place with the earliest need first; what stands nowhere stands by itself. */
const places = computed(() => {
  const found = new Map<string, { readonly place: string, readonly stops: typeof stops.value }>()
  for (const stop of stops.value.slice(0, drawn.value)) {
    const { place, id } = stop.known.batch
    const known = found.get(place || id)
    if (known) known.stops.push(stop)
    else found.set(place || id, { place, stops: [stop] })
  }
  return [...found.values()]
})
const { save: saveCalendar, leftOut: notInCalendar } = useCalendarFile()
const reminders = useReminders()
const { due: backupDue, lastSaid, later: backupLater } = useLastBackup()
watch(today, due => void reminders.say(due), { immediate: true })
const week = computed(() =>
  tasks.value
    .filter(({ due }) => due > endOfDay(now.value) && due <= addDays(now.value, 7))
    .sort((a, b) => a.due.getTime() - b.due.getTime()),
)
const spoiling = computed(() =>
  stored.value.filter(({ keeping }) => keeping.freshness === 'use-soon' || keeping.freshness === 'spoiling').slice(0, 5),
)
const { lists } = useCollecting()
const { waiting } = usePlots()
const gathering = computed(() =>
  lists.value.flatMap(({ list, state }) => toGatherNow(state, now.value).map(line => ({ list, line }))).slice(0, 6),
)
const left = (days: number) => (days < 0 ? 'past its best' : days < 1 ? 'today' : `${daysText(Math.ceil(days))} left`)
</script>

<template>
  <div data-round>
    <header class="flex flex-wrap gap-x-8 gap-y-2 items-end justify-between">
      <div>
        <p class="aside-note">
          {{ settings.gardenName || 'My garden' }}
        </p>
        <h1>{{ weekdayDateText(now) }}</h1>
      </div>
      <WeatherStrip />
    </header>

    <BatchRow
      v-if="standing.length > 0 && !narrow"
      class="mt-5"
      :batches="standing"
    />

    <ul
      v-if="waiting.length > 0"
      class="mt-3"
      aria-label="Trials to look at"
    >
      <li
        v-for="{ trial } in waiting"
        :key="trial.id"
        class="line-rule py-1"
        data-trial-waits
      >
        <NuxtLink
          :to="`/trials/${trial.id}`"
          class="tap inline-flex items-center underline underline-offset-3 decoration-dotted"
        >Look at both: {{ trial.name }}</NuxtLink>
      </li>
    </ul>

    <CatchUp
      v-if="gap && lookedAt && pilesUp(today)"
      :gap="gap"
      :tasks="today"
    />
    <section
      v-else-if="standing.length > 0"
      aria-labelledby="today"
      class="mt-2"
    >
      <div class="section-rule flex flex-wrap items-center justify-between gap-x-4">
        <h2 id="today">
          Today's round
        </h2>
        <button
          v-if="quietEverywhere.length > 1 && lookedAt"
          type="button"
          class="tap underline underline-offset-3 decoration-dotted"
          data-rest-fine
          @click="looksFine('The round', quietEverywhere)"
        >
          {{ quietEverywhere.length === stops.length ? 'all look fine' : 'the rest looks fine' }}
        </button>
      </div>
      <!-- While they are still being found they move: nothing is tapped by mistake. -->
      <ul
        v-if="today.length > 0"
        ref="steps"
        :inert="!lookedAt"
      >
        <RoundPlace
          v-for="{ place, stops: here } in places"
          :key="place || here[0]!.known.batch.id"
          :place="place"
          :stops="here"
          :calm="many"
        />
      </ul>
      <MoreBelow
        :left="stopsLeft"
        @more="moreStops"
      />
      <p
        v-if="changed"
        role="status"
        class="aside-note"
      >
        Worked out more closely meanwhile: the round is another one.
        <button
          type="button"
          class="tap underline underline-offset-3"
          data-show-changed
          @click="showNow"
        >
          Show it
        </button>
      </p>
      <p
        v-else-if="looking || !lookedAt"
        role="status"
        class="aside-note"
        :class="{ 'min-h-[70vh]': !lookedAt }"
      >
        {{ looking ? `Looking at ${looking.of} of them… ${looking.done}` : 'Looking…' }}
      </p>
      <p
        v-else-if="today.length === 0"
        data-nothing
      >
        Nothing asks for you today. Let them work.
      </p>
      <p class="mt-3 flex flex-wrap gap-2 items-center">
        <button
          type="button"
          class="label-button"
          @click="saveCalendar()"
        >
          <UIcon
            name="i-ph-calendar-plus"
            class="size-5"
          />
          Calendar file
        </button>
        <button
          v-if="reminders.possible"
          type="button"
          class="label-button"
          :aria-pressed="reminders.wanted.value"
          :disabled="reminders.denied.value"
          @click="reminders.toggle"
        >
          <UIcon
            name="i-ph-bell"
            class="size-5"
          />
          Remind me by day
        </button>
        <span
          v-if="reminders.denied.value"
          class="aside-note"
        >This browser was told not to show notes of this page.</span>
        <span
          v-if="notInCalendar.length > 0"
          role="status"
          class="aside-note"
        >Not in the file, since no day is known for it: {{ notInCalendar.join(', ') }}.</span>
        <span
          v-else-if="reminders.wanted.value"
          class="aside-note"
        >Once a day while Wastrum is open somewhere.</span>
      </p>
    </section>
    <FirstRound v-else />

    <p
      v-if="backupDue"
      class="mt-4 aside-note flex flex-wrap items-center gap-x-3"
      data-backup-due
    >
      {{ lastSaid }}
      <NuxtLink
        to="/garden"
        class="tap inline-flex items-center underline underline-offset-3"
      >Save one now</NuxtLink>
      <button
        type="button"
        class="tap underline underline-offset-3"
        @click="backupLater"
      >
        next week
      </button>
    </p>
    <BuildingBar class="mt-4" />
    <BatchRow
      v-if="standing.length > 0 && narrow && lookedAt"
      class="mt-5"
      :batches="standing"
    />
    <div
      v-if="lookedAt || standing.length === 0"
      class="grid md:grid-cols-2 gap-x-10 gap-y-6 mt-6"
    >
      <section
        v-if="gathering.length > 0"
        aria-labelledby="gather"
      >
        <h2
          id="gather"
          class="section-rule"
        >
          To gather
        </h2>
        <ul>
          <li
            v-for="{ list, line } in gathering"
            :key="`${list.id}-${line.ingredient.material.id}`"
            class="line-rule py-2 flex gap-3 items-center"
          >
            <HatchSwatch :family="line.ingredient.material.family" />
            <NuxtLink
              to="/store"
              class="flex-1 leading-snug"
            >
              {{ amount(line.missingCount, line.ingredient.amount.container) }} of {{ line.ingredient.material.short }}
              <span class="block aside-note">for {{ list.name }}, {{ day(line.gatherBy) }}</span>
            </NuxtLink>
          </li>
        </ul>
      </section>
      <section
        v-if="week.length > 0"
        aria-labelledby="week"
      >
        <h2
          id="week"
          class="section-rule"
        >
          This week
        </h2>
        <ul>
          <li
            v-for="task in week"
            :key="task.id"
            class="line-rule py-2 flex gap-3"
          >
            <span class="w-16 shrink-0 font-semibold">{{ day(task.due) }}</span>
            <span>{{ task.title }} · {{ byId.get(task.batchId)?.batch.name }}</span>
          </li>
        </ul>
      </section>
      <section
        v-if="spoiling.length > 0"
        aria-labelledby="spoils"
      >
        <h2
          id="spoils"
          class="section-rule"
        >
          Spoils in the store
        </h2>
        <ul>
          <li
            v-for="lot in spoiling"
            :key="lot.lot.id"
            class="line-rule py-2 flex gap-3 items-center"
          >
            <HatchSwatch :family="lot.material.family" />
            <span class="flex-1">{{ amount(lot.leftCount, lot.lot.container) }} of {{ lot.material.short }}</span>
            <span :class="lot.keeping.daysLeft < 1 ? 'text-error font-semibold' : 'aside-note'">{{ left(lot.keeping.daysLeft) }}</span>
          </li>
        </ul>
        <NuxtLink
          to="/bench"
          class="tap inline-flex items-center underline underline-offset-3"
        >Use it on the bench</NuxtLink>
      </section>
    </div>
  </div>
</template>
