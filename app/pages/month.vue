<script setup lang="ts">
import { addDays, isSameDay, isSameMonth } from 'date-fns'
import { collectingState } from '#core/garden/collecting'
import { putOffName } from '#core/garden/round'
import { aheadOfBatch, aheadOfList, minutesText, weeksAhead, type Ahead } from '#core/year/month'
import { shortWeekdayText } from '#core/units/dates'

definePageMeta({ title: 'The month ahead' })

/** The weeks ahead with the work in them, so that a weekend can be planned; what can wait is put off from here. */
const WEEKS = 5
const { standing, now, stored, materials, clock } = useGarden()
const { looks, looking } = useLooks()
const { lists, moveList } = useYear()
const { record } = useRecorder()
const { day, window: dayWindow } = useSay()

const until = computed(() => addDays(clock.value, 7 * WEEKS))
const all = computed<Ahead[]>(() => [
  ...standing.value.flatMap(({ batch, method }) => {
    const look = looks.value.get(batch.id)
    return look ? aheadOfBatch(batch, method.life, look.tasks, look.windows, clock.value, until.value) : []
  }),
  ...lists.value.flatMap(list => aheadOfList(list, collectingState(list, stored.value, materials.value).lines, clock.value, until.value)),
])
const weeks = computed(() => weeksAhead(all.value, clock.value, WEEKS))
/** What all that stands usually asks for in a week, beside what is named. */
const usualMinutes = computed(() => standing.value.reduce((sum, { method }) => sum + method.face.choosing.minutesAWeek.typical, 0))
const title = (index: number, from: Date, to: Date) =>
  index === 0 ? 'This week' : index === 1 ? 'Next week' : dayWindow(from, to)
const when = ({ from, to }: Ahead) =>
  from <= addDays(now.value, 0.6) && isSameDay(from, now.value)
    ? 'today'
    : isSameDay(from, to) || isSameMonth(from, to) ? `${shortWeekdayText(from)}, ${day(from)}` : `from ${day(from)}`
const days = (one: Ahead) => one.kind === 'comes' ? dayWindow(one.from, one.to) : when(one)
const ICONS = { task: 'i-ph-hand-grabbing', comes: 'i-ph-hourglass-medium', gather: 'i-ph-basket', build: 'i-ph-stack' } as const

/** A week later: a task is put off, a list is for another day. */
async function later(one: Ahead): Promise<void> {
  if (one.listId && one.kind === 'build') return moveList(one.listId, 7)
  if (!one.task || !one.batchId) return
  const to = addDays(one.from < now.value ? now.value : one.from, 7)
  await record({
    kind: 'put-off', at: now.value.toISOString(), batchId: one.batchId, task: putOffName(one.task), until: to.toISOString(),
  }, `${one.title}, ${one.of}: not before ${day(to)}.`)
}
const canWait = (one: Ahead) => (one.task !== undefined && one.task.urgency !== 'now') || one.kind === 'build'
</script>

<template>
  <div>
    <BackLink to="/year">
      The year
    </BackLink>
    <header class="flex flex-wrap items-center justify-between gap-3">
      <h1>The month ahead</h1>
      <PrintButton class="no-print" />
    </header>
    <p
      v-if="looking"
      class="aside-note"
      role="status"
    >
      Looking at what stands…
    </p>
    <p
      v-else-if="all.length === 0"
      class="mt-2"
    >
      Nothing is asked for in the weeks to come.
    </p>
    <p
      v-if="usualMinutes >= 5"
      class="aside-note mt-1"
    >
      What comes up from week to week, a look here and a can there, is {{ minutesText(usualMinutes) }} a week; only what is known by now
      is named. The arrow puts a thing off by a week.
    </p>
    <section
      v-for="(week, index) in weeks"
      :key="week.from.getTime()"
      class="mt-5 avoid-break"
      :aria-labelledby="`week-${index}`"
      :data-week="index"
    >
      <h2
        :id="`week-${index}`"
        class="section-rule flex flex-wrap justify-between gap-3"
      >
        <span>{{ title(index, week.from, week.to) }}</span>
        <span
          v-if="week.minutes > 0"
          class="aside-note font-normal"
        >{{ minutesText(week.minutes) }} of work</span>
      </h2>
      <ul
        v-if="week.things.length > 0"
        class="lg:columns-2 gap-x-10"
      >
        <li
          v-for="thing in week.things"
          :key="thing.key"
          class="line-rule py-1.5 break-inside-avoid"
          data-thing
        >
          <div class="flex items-baseline justify-between gap-3">
            <NuxtLink
              :to="thing.all[0]!.batchId ? `/batch/${thing.all[0]!.batchId}` : '/store'"
              class="tap inline-flex items-center font-semibold underline underline-offset-3 decoration-dotted"
            >{{ thing.all[0]!.of }}</NuxtLink>
            <span class="aside-note whitespace-nowrap">{{ thing.minutes > 0 ? minutesText(thing.minutes) : '' }}</span>
          </div>
          <ul>
            <li
              v-for="one in thing.all"
              :key="one.id"
              class="flex items-center gap-2"
              :data-ahead="one.kind"
            >
              <UIcon
                :name="ICONS[one.kind]"
                class="size-5 shrink-0 text-toned"
              />
              <span class="flex-1">{{ one.title }} <span class="aside-note">{{ days(one) }}</span></span>
              <button
                v-if="canWait(one)"
                type="button"
                class="tap inline-flex items-center justify-center no-print"
                :aria-label="`A week later: ${one.title}, ${one.of}`"
                :title="`A week later: ${one.title}`"
                @click="later(one)"
              >
                <UIcon
                  name="i-ph-arrow-bend-up-right"
                  class="size-5"
                />
              </button>
            </li>
          </ul>
        </li>
      </ul>
      <p
        v-else
        class="aside-note"
      >
        Nothing that is known.
      </p>
    </section>
  </div>
</template>
