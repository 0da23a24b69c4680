<script setup lang="ts">
import { purposeName } from '#core/bench/choosing'
import { finenessOf } from '#core/year/serves'
import { layStrip, type StripBar } from '#core/year/strip'
import { surenessOf, surenessText, tooLateText } from '#core/year/words'
import { yearEntries } from '#core/year/calendar'
import { monthText } from '#core/units/dates'
import { noonOf, type Need } from '#core/year/need'
import { counted, daysText } from '#core/units/plural'

definePageMeta({ title: 'The year' })

/** What will be wanted, what will be there, and what to begin by when. */
const { clock, materials, units } = useGarden()
const { needs, incomes, proposed, want } = useNeeds()
const year = useYear()
const { stocks, answer, tried, failed, moved, lists, starts, looking, wants } = year
const { showNote } = useRecorder()
const { quantity } = useSay()
const calendar = useCalendarFile()
onMounted(year.begin)

const adding = ref(false)
const wide = useMediaQuery('(min-width: 48rem)')
const whole = ref(false)
const met = computed(() => new Map((answer.value?.needs ?? []).map(one => [one.id, one])))
const triedMet = computed(() => new Map((tried.value?.needs ?? []).map(one => [one.id, one])))
const used = computed(() => new Map((answer.value?.stocks ?? []).map(one => [one.id, one])))
const byId = computed(() => new Map((stocks.value ?? []).map(one => [one.id, one])))
const nameOf = (id: string) => byId.value.get(id)?.name ?? 'what was begun'
const needName = (id: string) => needs.value.find(one => one.id === id)?.name ?? ''
const shown = computed(() => tried.value ? triedMet.value : met.value)
const strip = computed(() => stocks.value && layStrip({
  now: clock.value, stocks: stocks.value, needs: needs.value, met: shown.value, used: used.value, incomes: incomes.value,
  book: materials.value, months: wide.value || whole.value ? 12 : 2,
}))

/** How the year stands, in a sentence. */
const summary = computed(() => {
  const all = answer.value?.needs ?? []
  if (needs.value.length === 0 || all.length === 0) return ''
  const safe = all.filter(({ chance }) => ['sure', 'likely'].includes(surenessOf(chance))).length
  const count = `${counted(all.length, 'thing is', 'things are')} wanted in the year to come`
  return safe === all.length
    ? `${count}: ${all.length === 1 ? 'it is' : 'all are'} there in time, as things stand.`
    : `${count}: ${all.length - safe} may be short.`
})
const isShort = ({ id }: Need) => !['sure', 'likely'].includes(surenessOf(met.value.get(id)?.chance ?? 1))
/** What nothing that is begun now would bring in time. */
const tooLate = computed(() => {
  if (!starts.value || looking.value) return []
  const helped = new Map(starts.value.flatMap(({ won }) => won.map(({ needId, after }) => [needId, after])))
  return needs.value.filter(isShort).flatMap((need) => {
    const one = met.value.get(need.id)
    return one && (helped.get(need.id) ?? one.chance) < 0.5 && one.shortL >= 0.5
      ? [{ need, text: tooLateText(need, one, units.value) }]
      : []
  })
})
/** What is left when every need was served, by what it is best for. */
const left = computed(() => (answer.value?.stocks ?? []).flatMap(({ id, leftL }) => {
  const stock = byId.value.get(id)
  const serves = stock?.stages.findLast(({ days }) => days.typical < 365)?.serves ?? []
  return stock && serves.length > 0 && leftL >= 5
    ? [{ id, name: stock.name, litres: leftL,
        for: purposeName(serves.reduce((best, one) => finenessOf([one]) > finenessOf([best]) ? one : best)) }]
    : []
}).sort((a, b) => b.litres - a.litres))

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
async function agree(index: number): Promise<void> {
  const one = proposed.value[index]
  if (!one) return
  const id = await want(one)
  if (id) showNote(`${one.name} is wanted.`, () => void useGardenStore().write([{ id, kind: 'need', values: { removed: true } }]))
}
const when = (one: { readonly from: string }) => monthText(noonOf(one.from))
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

    <div
      v-if="moved"
      class="caution mt-2 flex flex-wrap items-center gap-3 no-print"
      role="status"
    >
      <span>{{ nameOf(moved.id) }}, {{ daysText(Math.abs(moved.days)) }}
        {{ moved.days > 0 ? 'later' : 'sooner' }}: this is only tried out.</span>
      <button
        type="button"
        class="label-button"
        @click="move(moved.id, 0)"
      >
        Put it back
      </button>
    </div>
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

    <div class="grid gap-x-10 gap-y-6 lg:grid-cols-2 mt-6 *:min-w-0">
      <section aria-labelledby="wanted">
        <h2
          id="wanted"
          class="section-rule"
        >
          What is wanted
        </h2>
        <ul>
          <NeedRow
            v-for="need in needs"
            :key="need.id"
            :need="need"
            :met="met.get(need.id)"
            :tried="triedMet.get(need.id)"
            :name-of="nameOf"
          />
        </ul>
        <div class="no-print mt-2">
          <button
            type="button"
            class="label-button"
            :aria-expanded="adding"
            data-new-need
            @click="adding = !adding"
          >
            <UIcon
              name="i-ph-plus"
              class="size-5"
            />
            Something is wanted
          </button>
          <NeedForm
            v-if="adding"
            class="mt-3"
            @done="adding = false"
          />
        </div>
        <div
          v-if="proposed.length > 0"
          class="mt-4 no-print"
        >
          <h3>As it looks, also</h3>
          <ul>
            <li
              v-for="(one, index) in proposed"
              :key="`${one.name} ${one.from}`"
              class="line-rule py-1 flex items-center gap-3"
              data-proposed
            >
              <span class="flex-1">{{ one.name }}: {{ quantity('volume', one.litres) }} in {{ when(one) }}
                <span class="aside-note block">{{ one.because }}</span></span>
              <button
                type="button"
                class="label-button"
                :aria-label="`Wanted: ${one.name}`"
                @click="agree(index)"
              >
                Wanted
              </button>
            </li>
          </ul>
        </div>
      </section>

      <section aria-labelledby="begin">
        <h2
          id="begin"
          class="section-rule"
        >
          What to begin, by when
        </h2>
        <p
          v-if="looking"
          class="aside-note flex items-center gap-3 min-h-11"
          role="status"
        >
          <progress
            class="w-28"
            :value="looking.share"
            max="1"
            aria-label="trying what could be begun"
          />
          Trying what could be begun…
          <button
            type="button"
            class="label-button plain"
            @click="year.stop()"
          >
            Stop
          </button>
        </p>
        <StartCard
          v-for="start in starts"
          :key="start.candidateId"
          :start="start"
          :need-name="needName"
          @take="year.take(start)"
          @without="year.without(start.candidateId)"
        />
        <p
          v-if="starts && starts.length === 0 && !looking && tooLate.length === 0"
          class="mt-1"
        >
          Nothing has to be begun for what is wanted.
        </p>
        <p
          v-for="one in tooLate"
          :key="one.need.id"
          class="caution mt-2"
          data-too-late
        >
          <strong>{{ one.need.name }}.</strong> {{ one.text }}
        </p>
        <template v-if="lists.length > 0">
          <h3 class="mt-4">
            Being collected for
          </h3>
          <ul>
            <li
              v-for="list in lists"
              :key="list.id"
              class="line-rule py-1"
            >
              <NuxtLink
                to="/store"
                class="tap inline-flex items-center underline underline-offset-3"
              >{{ list.name }}</NuxtLink>
            </li>
          </ul>
        </template>
      </section>

      <section aria-labelledby="comes">
        <h2
          id="comes"
          class="section-rule"
        >
          What comes in
        </h2>
        <IncomeList />
        <ReserveNote class="mt-3" />
      </section>

      <section aria-labelledby="water">
        <h2
          id="water"
          class="section-rule"
        >
          Rain for the heaps
        </h2>
        <WaterNote />
      </section>

      <section
        v-if="left.length > 0"
        aria-labelledby="left"
      >
        <h2
          id="left"
          class="section-rule"
        >
          What is left over
        </h2>
        <ul>
          <li
            v-for="one in left.slice(0, 8)"
            :key="one.id"
            class="line-rule py-1 flex justify-between gap-3"
          >
            <span>{{ one.name }} <span class="aside-note">would do for {{ one.for }}</span></span>
            <span class="font-semibold whitespace-nowrap">{{ quantity('volume', one.litres) }}</span>
          </li>
        </ul>
      </section>
    </div>

    <FoldedPart
      part="year-table"
      title="The year as a table"
      class="mt-6"
    >
      <div class="overflow-x-auto">
        <table class="w-full text-left">
          <caption class="sr-only">
            What is wanted, when, and whether it is there
          </caption>
          <thead>
            <tr>
              <th scope="col">
                Wanted
              </th><th scope="col">
                Month
              </th><th scope="col">
                So much
              </th><th scope="col">
                As it stands
              </th><th scope="col">
                Short in one year of five
              </th>
            </tr>
          </thead>
          <tbody>
            <tr
              v-for="need in needs"
              :key="need.id"
              class="line-rule"
            >
              <th
                scope="row"
                class="font-normal py-1 pr-3"
              >
                {{ need.name }}
              </th>
              <td class="pr-3">
                {{ when(need) }}
              </td>
              <td class="pr-3">
                {{ quantity('volume', need.litres) }}
              </td>
              <td class="pr-3">
                {{ met.has(need.id) ? surenessText(met.get(need.id)!.chance) : '' }}
              </td>
              <td>{{ (met.get(need.id)?.shortL ?? 0) >= 0.5 ? quantity('volume', met.get(need.id)!.shortL) : 'nothing' }}</td>
            </tr>
          </tbody>
        </table>
      </div>
    </FoldedPart>
  </div>
</template>
