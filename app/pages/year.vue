<script setup lang="ts">
import { counted } from '#core/units/plural'
import { yearEntries } from '#core/year/calendar'
import { layStrip, type StripBar } from '#core/year/strip'

definePageMeta({ title: 'The year' })

/** What will be wanted, what will be there, and what to begin by when. */
const { clock, materials } = useGarden()
const { needs, incomes } = useNeeds()
const year = useYear()
const { stocks, answer, tried, failed, moved, lists, starts, wants } = year
const { met, triedMet, used, isSafe } = useYearAnswer()
const calendar = useCalendarFile()
onMounted(year.begin)

const wide = useMediaQuery('(min-width: 48rem), print')
const whole = ref(false)
const strip = computed(() => stocks.value && layStrip({
  now: clock.value, stocks: stocks.value, needs: needs.value, met: tried.value ? triedMet.value : met.value, used: used.value,
  incomes: incomes.value, book: materials.value, months: wide.value || whole.value ? 12 : 2,
}))

/** How the year stands, in a sentence. */
const summary = computed(() => {
  const all = answer.value?.needs ?? []
  if (needs.value.length === 0 || all.length === 0) return ''
  const safe = all.filter(isSafe).length
  const count = `${counted(all.length, 'thing is', 'things are')} wanted in the year to come`
  return safe === all.length
    ? `${count}: ${all.length === 1 ? 'it is' : 'all are'} there in time, as things stand.`
    : `${count}: ${all.length - safe} may be short.`
})

const movable = ({ kind }: StripBar) => kind === 'batch' || kind === 'planned'
function move(id: string, days: number): void {
  moved.value = days === 0 ? undefined : { id, days }
  if (days === 0) tried.value = undefined
}
/** A list is for another day; a batch that stands was only tried at another. */
async function drop(id: string, days: number): Promise<void> {
  if (!lists.value.some(one => one.id === id)) return
  await year.moveList(id, days)
  move(id, 0)
}
</script>

<template>
  <div>
    <header class="flex flex-wrap items-center justify-between gap-3">
      <h1>The year</h1>
      <nav
        aria-label="Of the year"
        class="flex flex-wrap gap-2 no-print"
      >
        <NuxtLink
          to="/month"
          class="label-button"
        >The month ahead</NuxtLink>
        <NuxtLink
          to="/account"
          class="label-button"
        >The account</NuxtLink>
        <button
          type="button"
          class="label-button"
          data-calendar
          @click="calendar.save(yearEntries(lists, starts ?? [], needs, clock))"
        >
          <UIcon
            name="i-ph-calendar-plus"
            class="size-5"
          />
          Calendar file
        </button>
        <PrintButton />
      </nav>
    </header>
    <p
      class="mt-2 min-h-7 text-[1.1rem]"
      role="status"
      data-summary
    >
      <template v-if="summary">
        {{ summary }}
      </template>
      <template v-else-if="needs.length === 0">
        Say what you will want of your heaps, and when. Then you see what is short, and what to begin by when.
      </template>
      <template v-else-if="failed">
        It cannot be worked out just now. Everything else works.
      </template>
      <template v-else-if="wants.length > 0">
        Working out the year…
      </template>
    </p>

    <YearStrip
      v-if="strip"
      :strip="strip"
      :moved="moved"
      :movable="movable"
      class="mt-3"
      @move="move"
      @drop="drop"
    />
    <button
      v-if="!wide && strip"
      type="button"
      class="label-button mt-2 no-print"
      :aria-pressed="whole"
      @click="whole = !whole"
    >
      All twelve months
    </button>

    <MovedBar @back="moved && move(moved.id, 0)" />
    <div class="year-parts grid gap-x-10 gap-y-6 lg:grid-cols-2 mt-6 *:min-w-0">
      <YearNeeds />
      <YearStarts />
      <section
        aria-labelledby="comes"
        class="no-print"
      >
        <h2
          id="comes"
          class="section-rule"
        >
          What comes in
        </h2>
        <IncomeList />
        <ReserveNote class="mt-3" />
      </section>
      <section
        aria-labelledby="water"
        class="no-print"
      >
        <h2
          id="water"
          class="section-rule"
        >
          Rain for the heaps
        </h2>
        <WaterNote />
      </section>
      <YearLeft class="no-print" />
    </div>

    <FoldedPart
      part="year-table"
      title="The year as a table"
      class="mt-6 no-print"
    >
      <YearTable />
    </FoldedPart>
  </div>
</template>
