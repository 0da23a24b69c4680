<script setup lang="ts">
import type { ColumnRole, Reading } from '#core/formats/thermometer/columns'
import { DATE_ORDERS, type DateOrder } from '#core/formats/thermometer/dates'
import { eventsOfSeries } from '#core/formats/thermometer/events'
import type { KnownBatch } from '~/composables/useGarden'

/** A thermometer's file: look, say what the columns are, take it in; it can be taken back. */
const { known } = defineProps<{ known: KnownBatch }>()
const { state, file, look, read, stop } = useThermometerFile()
const { record } = useRecorder()
const { day } = useSay()

const ROLES: readonly { readonly id: ColumnRole, readonly label: string }[] = [
  { id: 'ignore', label: 'leave out' },
  { id: 'time', label: 'date and time' },
  { id: 'date', label: 'date' },
  { id: 'clock', label: 'time of day' },
  { id: 'core', label: 'core' },
  { id: 'edge', label: 'edge' },
]
const ORDERS: Readonly<Record<DateOrder, string>> = { ymd: 'year, month, day', dmy: 'day, month, year', mdy: 'month, day, year' }
const UNITS = [{ id: 'C', label: '°C' }, { id: 'F', label: '°F' }] as const

const reading = shallowRef<Reading>()
watch(state, (now) => { if (now.kind === 'seen') reading.value = now.preview.proposal })
const rows = computed(() => state.value.kind === 'seen' ? state.value.preview.rows : [])
const doubts = computed(() => state.value.kind === 'seen' ? state.value.preview.proposal.doubts : [])
const found = computed(() => state.value.kind === 'read' ? state.value.found : undefined)
const span = computed(() =>
  found.value?.from !== undefined && found.value.to !== undefined
    ? `, ${day(new Date(found.value.from))} to ${day(new Date(found.value.to))}`
    : '',
)
const events = computed(() =>
  found.value ? eventsOfSeries(found.value.series, known.batch.id, known.batch.began.at, file.value?.name ?? 'file') : [],
)
const taken = computed(() => events.value.reduce((sum, event) => sum + (event.kind === 'logged' ? event.minutes.length : 0), 0))
const complete = computed(
  () =>
    reading.value
    && (reading.value.roles.includes('time') || reading.value.roles.includes('date'))
    && (reading.value.roles.includes('core') || reading.value.roles.includes('edge')),
)

function setRole(column: number, role: ColumnRole): void {
  if (!reading.value) return
  // A role is played by one column at a time.
  const roles = reading.value.roles.map((one, index) => index === column ? role : one === role && role !== 'ignore' ? 'ignore' : one)
  reading.value = { ...reading.value, roles }
}

async function chosen(event: Event): Promise<void> {
  const field = event.target as HTMLInputElement
  const picked = field.files?.[0]
  if (picked) await look(picked)
  field.value = ''
}

async function take(): Promise<void> {
  const name = file.value?.name ?? 'file'
  if (await record(events.value, `${known.batch.name}: ${taken.value} readings from ${name}.`)) stop()
}
</script>

<template>
  <div class="space-y-3">
    <label class="label-button focus-within:outline-3 focus-within:outline-info">
      <UIcon
        name="i-ph-upload-simple"
        class="size-5"
      />
      Choose a CSV file
      <input
        type="file"
        accept=".csv,.txt,.tsv,text/csv,text/plain"
        class="sr-only"
        @change="chosen"
      >
    </label>
    <p
      v-if="state.kind === 'failed'"
      role="alert"
      class="border-l-4 border-error pl-3"
    >
      {{ state.message }} Nothing was changed.
    </p>
    <p
      v-else-if="state.kind === 'looking'"
      role="status"
      class="flex items-center gap-3"
    >
      Looking at it…
      <button
        type="button"
        class="label-button"
        @click="stop"
      >
        Stop
      </button>
    </p>
    <form
      v-else-if="state.kind === 'seen' && reading"
      class="space-y-4"
      @submit.prevent="read(reading)"
    >
      <p
        v-for="doubt in doubts"
        :key="doubt"
        class="caution"
      >
        {{ doubt }}
      </p>
      <div
        class="overflow-x-auto"
        tabindex="0"
        role="group"
        aria-label="The first rows of the file"
      >
        <table class="text-[0.92rem]">
          <thead>
            <tr>
              <th
                v-for="(role, column) in reading.roles"
                :key="column"
                class="pr-3 pb-1 text-left"
              >
                <select
                  class="text-field !w-auto"
                  :value="role"
                  :aria-label="`column ${column + 1} is`"
                  @change="setRole(column, ($event.target as HTMLSelectElement).value as ColumnRole)"
                >
                  <option
                    v-for="one in ROLES"
                    :key="one.id"
                    :value="one.id"
                  >
                    {{ one.label }}
                  </option>
                </select>
              </th>
            </tr>
          </thead>
          <tbody>
            <tr
              v-for="(row, index) in rows"
              :key="index"
              :class="index === 0 && reading.heading ? 'font-semibold' : ''"
            >
              <td
                v-for="(role, column) in reading.roles"
                :key="column"
                class="pr-3 py-0.5 whitespace-nowrap"
                :class="role === 'ignore' ? 'text-muted' : ''"
              >
                {{ row[column] }}
              </td>
            </tr>
          </tbody>
        </table>
      </div>
      <ChoiceRow
        :model-value="reading.order"
        label="Dates are written"
        :choices="DATE_ORDERS.map(id => ({ id, label: ORDERS[id] }))"
        @update:model-value="reading = { ...reading, order: $event ?? reading.order }"
      />
      <ChoiceRow
        :model-value="reading.unit"
        label="Temperatures are in"
        :choices="UNITS"
        @update:model-value="reading = { ...reading, unit: $event ?? reading.unit }"
      />
      <div class="flex flex-wrap gap-2">
        <button
          class="label-button strong"
          :disabled="!complete"
        >
          Read it so
        </button>
        <button
          type="button"
          class="label-button plain"
          @click="stop"
        >
          Not this file
        </button>
      </div>
    </form>
    <div
      v-else-if="state.kind === 'reading'"
      class="flex items-center gap-3"
      role="status"
    >
      <progress
        :value="state.share"
        max="1"
        aria-label="reading the file"
      />
      {{ Math.round(state.share * 100) }} %
      <button
        type="button"
        class="label-button"
        @click="stop"
      >
        Stop
      </button>
    </div>
    <div
      v-else-if="found"
      class="border-l-4 border-accented pl-3 space-y-2"
      data-found
    >
      <p>
        <strong class="font-semibold">{{ taken }} readings</strong> from {{ found.rows }} rows{{ span }}. One each half hour is kept: the
        middle one.
      </p>
      <ul class="aside-note">
        <li v-if="found.unread > 0">
          {{ found.unread }} rows without a date or a number that could be read, such as “{{ found.firstUnread }}”.
        </li>
        <li v-if="found.impossible > 0">
          {{ found.impossible }} that no thermometer in a heap shows.
        </li>
        <li v-if="found.repeated > 0">
          {{ found.repeated }} that were there twice.
        </li>
        <li v-if="found.longestGapDays > 1">
          Longest silence: {{ Math.round(found.longestGapDays * 10) / 10 }} days.
        </li>
        <li v-if="taken === 0">
          None of them is from after this {{ known.method.face.words.one }} was begun.
        </li>
      </ul>
      <div class="flex flex-wrap gap-2">
        <button
          type="button"
          class="label-button strong"
          :disabled="taken === 0"
          @click="take"
        >
          Take them in
        </button>
        <button
          type="button"
          class="label-button plain"
          @click="stop"
        >
          Not this file
        </button>
      </div>
    </div>
  </div>
</template>
