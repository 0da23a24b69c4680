<script setup lang="ts">
import { begunText } from '#core/methods/contract'
import { eventOf } from '#core/journal/journal'
import { howSure } from '#core/learning/sureness'
import { capital, daysText } from '#core/units/plural'
import { addHours, differenceInCalendarDays } from 'date-fns'
import { likelyWhen, sinceOf, stageOf, windowDays, type DayWindow, type NamedWindow, type WindowMove } from '#core/methods/contract'
import type { KnownBatch } from '~/composables/useGarden'

/** One window on a line of time; how sure it is, how it moved and by what, where that is asked. `endMs` lets several share one line. */
const { known, window, endMs } = defineProps<{ known: KnownBatch, window: NamedWindow, endMs: number }>()
const { now, store } = useGarden()
const forecasts = useForecastStore()
const { wordsOf } = useLogWords()
const say = useSay()

const forecast = computed(() => forecasts.forecastOf(known.batch.id))
const course = computed(() => forecast.value?.windows[window.id])
const on = (days: number) => addHours(new Date(known.batch.began.at), Math.round(days * 24))
const startMs = computed(() => new Date(known.batch.began.at).getTime())
const at = (moment: Date | number) => 100 * (Number(moment) - startMs.value) / (endMs - startMs.value)
const stage = computed(() => stageOf(window, now.value))
/** What is said above the day, and the day. */
const told = computed((): readonly [above: string, days: string] => {
  if (stage.value === 'begun') return [window.begun, say.day(sinceOf(window))]
  if (stage.value === 'may-be') return [`${window.label}: it may be already`, `most likely ${say.day(sinceOf(window))}`]
  const likely = stage.value === 'coming' ? likelyWhen(window, say.day) : undefined
  if (likely) return [`${window.label}: most likely`, likely]
  return stage.value === 'coming' && !window.orLater
    ? [window.coming, say.window(window.from, window.to)]
    : [window.label, windowDays(window, now.value, say.day)]
})
/** After what is most likely, the span in which it comes eight times in ten. */
const likely = computed(() => {
  if (stage.value !== 'coming' || !likelyWhen(window, say.day)) return ''
  return window.orLater ? `From ${say.day(window.from)} on.` : `${window.coming} ${say.window(window.from, window.to)}.`
})
/** What was told first, as it was written down then; until then, as it would be told. */
const atStart = computed(() => known.batch.foretold?.windows[window.id] ?? course.value?.start)
const dates = ({ low, high }: DayWindow) => say.window(on(low), on(high))
const width = ({ low, high }: DayWindow) => Math.round(high - low)

const eventWords = ({ eventId }: WindowMove) => {
  const event = eventOf(store.journal, eventId)
  return event ? wordsOf(event, known) : ''
}
const inDays = (days: number) => daysText(Math.abs(days))
const moved = (days: number) => `${inDays(days)} ${days < 0 ? 'sooner' : 'later'}`
const strongest = computed(() => [...course.value?.moves ?? []].sort((a, b) => Math.abs(b.movedDays) - Math.abs(a.movedDays))[0])
const moves = computed(() => (course.value?.moves ?? []).filter(({ movedDays }) => Math.abs(movedDays) >= 0.5).slice(-12).reverse())
const change = computed(() => {
  if (!course.value) return ''
  const { now: today } = course.value
  const start = atStart.value ?? today
  const days = differenceInCalendarDays(on(today.typical), on(start.typical))
  const narrower = width(start) - width(today)
  const when = Math.abs(days) < 3 ? '' : `It looks like ${moved(days)} than at the start`
  const sureness = narrower > 3 ? 'surer now' : narrower < -3 ? 'less sure now' : ''
  if (!when && !sureness) return 'No change since the start.'
  return `${capital([when, sureness].filter(Boolean).join(', '))}.`
})
/** A window that has just moved says by what. */
const justMoved = computed(() => {
  const before = forecasts.beforeOf(known.batch.id)
  const was = before?.forecast.windows[window.id]
  if (!before || !was || !course.value) return ''
  const days = course.value.now.typical - was.now.typical
  if (Math.abs(days) < 1) return ''
  const event = before.causedBy ? eventOf(store.journal, before.causedBy) : undefined
  return `Just now ${moved(Math.round(days))}: ${event ? wordsOf(event, known) : 'a day went by, or the weather is another one'}`
})
/** Only where there is a window is there anything to be sure of. */
const sure = computed(() => course.value && stage.value === 'coming' && !window.orLater ? howSure(course.value.now) : '')
</script>

<template>
  <div>
    <p class="text-lg leading-snug">
      <span class="aside-note block"><TermNote :word="told[0]" /></span>
      <strong class="font-serif font-semibold text-highlighted">{{ told[1] }}</strong>
    </p>
    <p
      v-if="likely"
      class="aside-note"
      data-likely
    >
      {{ likely }}
    </p>
    <svg
      viewBox="0 0 100 16"
      preserveAspectRatio="none"
      class="w-full h-8 my-1"
      aria-hidden="true"
    >
      <rect
        v-if="atStart"
        :x="at(on(atStart.low))"
        y="1"
        :width="Math.max(1, at(on(atStart.high)) - at(on(atStart.low)))"
        height="4"
        fill="none"
        stroke="var(--ui-text-muted)"
        stroke-width="1.5"
        stroke-dasharray="4 3"
        vector-effect="non-scaling-stroke"
      />
      <line
        x1="0"
        x2="100"
        y1="13"
        y2="13"
        stroke="var(--ui-border-accented)"
        stroke-width="1"
        vector-effect="non-scaling-stroke"
      />
      <rect
        :x="at(window.from)"
        y="7"
        :width="Math.max(1, at(window.to) - at(window.from))"
        height="6"
        fill="url(#hatch-finished)"
      />
      <line
        :x1="at(now)"
        :x2="at(now)"
        y1="0"
        y2="16"
        stroke="var(--ui-text-highlighted)"
        stroke-width="2.5"
        vector-effect="non-scaling-stroke"
      />
    </svg>
    <p class="flex justify-between aside-note">
      <span>begun {{ begunText(known.batch.began, say.day) }}</span><span>{{ say.day(new Date(endMs)) }}</span>
    </p>
    <p
      v-if="justMoved"
      role="status"
      data-window-moved
    >
      {{ justMoved }}
    </p>
    <details>
      <summary class="tap flex items-center cursor-pointer underline underline-offset-3">
        Why then?
      </summary>
      <ul class="space-y-1">
        <li
          v-if="sure"
          data-how-sure
        >
          {{ sure }}
        </li>
        <li
          v-if="forecast && atStart"
          data-window-story
        >
          At the start (dashed) it looked like {{ dates(atStart) }}. {{ change }}
        </li>
        <li v-if="strongest && Math.abs(strongest.movedDays) >= 1">
          Moved most on {{ say.day(strongest.at) }}, {{ moved(strongest.movedDays) }}:
          <span class="text-toned">{{ eventWords(strongest) }}</span>
        </li>
        <li
          v-for="reason in window.reasons"
          :key="reason"
        >
          {{ reason }}
        </li>
        <li
          v-for="move in moves"
          :key="move.eventId"
          class="aside-note"
        >
          {{ say.day(move.at) }}: {{ moved(move.movedDays) }}, now {{ dates(move.window) }}. {{ eventWords(move) }}
        </li>
        <li
          v-if="forecast"
          class="aside-note"
        >
          Eight times in ten it comes within these days, looked after as planned. Worked out {{ forecast.members }} times over.
        </li>
        <li
          v-if="window.leavesOut"
          class="aside-note"
        >
          {{ window.leavesOut }}
        </li>
        <li
          v-if="!forecast"
          class="aside-note"
        >
          A rough first estimate, until the range is worked out.
        </li>
      </ul>
    </details>
  </div>
</template>
