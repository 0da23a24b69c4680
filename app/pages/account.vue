<script setup lang="ts">
import { format, getYear } from 'date-fns'
import { monthText } from '#core/units/dates'
import { fromShown } from '#core/units/system'
import { minutesText } from '#core/year/month'
import { accountOf, costOf, PRICE_KIND, priceDocumentId, priceValues, readPrices, summed, type MonthAccount } from '#core/year/account'

definePageMeta({ title: 'The account' })

/** What the garden kept, made, drank and took: month by month, this year beside the last. */
const { store, materials, now, units } = useGarden()
const { quantity } = useSay()

const key = computed(() => [...store.journal.garden.batches.values()].reduce((sum, { log }) => sum + log.length, 0)
  + store.journal.garden.makings.length)
const months = computed(() => {
  void key.value
  return accountOf(toRaw(store.journal).garden, materials.value)
})
const years = computed(() =>
  [...new Set([...months.value.map(({ month }) => Number(month.slice(0, 4))), getYear(now.value)])].sort((a, b) => b - a))
const chosen = ref<string>()
const year = computed(() => Number(chosen.value ?? years.value[0]))
const before = computed(() => year.value - 1)
const monthNow = computed(() => format(now.value, 'MM'))
/** Up to the same month, where the year is not over. */
const upTo = computed(() => year.value === getYear(now.value) ? monthNow.value : '12')
const of = (wanted: number) => months.value.filter(({ month }) => month.startsWith(`${wanted}-`) && month.slice(5) <= upTo.value)
const total = computed(() => summed(String(year.value), of(year.value)))
const last = computed(() => summed(String(before.value), of(before.value)))
const names = computed(() =>
  [...new Set([...Object.keys(total.value.madeL), ...Object.keys(last.value.madeL)])].map(id =>
    ({ id, name: materials.value.find(id)?.name ?? id })))
const prices = computed(() => {
  void store.documents.length
  return readPrices(store.documents)
})
const setPrice = (id: string, perL: number) => store.write([{ id: priceDocumentId(id), kind: PRICE_KIND, values: priceValues(id, perL) }])
const saved = computed(() => costOf(total.value.madeL, prices.value))
const bought = computed(() => costOf(total.value.boughtL, prices.value))
/** Prices are said for a litre or a gallon, as the garden measures. */
const measure = computed(() => units.value === 'us' ? 'a gallon' : 'a litre')
const unitL = computed(() => fromShown('volume', units.value, 1))
const money = (value: number) => value.toFixed(2)
const rows = computed(() => Array.from({ length: Number(upTo.value) }, (_, index) => {
  const name = `${year.value}-${String(index + 1).padStart(2, '0')}`
  return months.value.find(({ month }) => month === name) ?? summed(name, [])
}))
const monthName = ({ month }: MonthAccount) => monthText(new Date(`${month}-15T12:00`))
const madeL = ({ madeL: made }: MonthAccount) => Object.values(made).reduce((sum, litres) => sum + litres, 0)
const hours = (one: MonthAccount) => one.notedMinutes + one.reckonedMinutes
async function save(): Promise<void> {
  const { accountCsv } = await import('#core/year/account-csv')
  download(accountCsv(months.value, id => materials.value.find(id)?.name ?? id), 'text/csv', 'wastrum-account.csv')
}
const FIGURES = [
  { label: 'Kept out of the bin', of: (one: MonthAccount) => quantity('volume', one.keptL), note: 'as you counted it, shaken out loosely' },
  { label: 'That weighs', of: (one: MonthAccount) => quantity('mass', one.keptKg), note: 'reckoned by what such stuff weighs' },
  { label: 'Water given', of: (one: MonthAccount) => quantity('volume', one.waterL), note: 'as you counted it; rain is not in it' },
  { label: 'Work', of: (one: MonthAccount) => hours(one) > 0 ? minutesText(hours(one)) : 'none',
    note: 'mostly reckoned: only sieving is timed' },
] as const
</script>

<template>
  <div>
    <BackLink to="/year">
      The year
    </BackLink>
    <header class="flex flex-wrap items-center justify-between gap-3">
      <h1>The account of {{ year }}</h1>
      <div class="flex flex-wrap gap-2 no-print">
        <label><span class="sr-only">Year</span><select
          class="text-field"
          :value="String(year)"
          @change="chosen = ($event.target as HTMLSelectElement).value"
        ><option
          v-for="one in years"
          :key="one"
          :value="String(one)"
        >{{ one }}</option></select></label>
        <button
          type="button"
          class="label-button"
          data-csv
          @click="save"
        >
          <UIcon
            name="i-ph-download-simple"
            class="size-5"
          />
          As a table file
        </button>
        <PrintButton />
      </div>
    </header>
    <div class="overflow-x-auto mt-3">
      <table class="w-full text-left">
        <caption class="sr-only">
          This year beside the last
        </caption>
        <thead>
          <tr>
            <th scope="col">
              <span class="sr-only">What</span>
            </th><th
              scope="col"
              class="pr-3"
            >
              {{ year }}
            </th><th scope="col">
              {{ before }}{{ upTo === '12' ? '' : `, up to ${monthName(rows.at(-1)!)}` }}
            </th>
          </tr>
        </thead>
        <tbody>
          <tr
            v-for="figure in FIGURES"
            :key="figure.label"
            class="line-rule"
          >
            <th
              scope="row"
              class="font-normal py-1 pr-3"
            >
              {{ figure.label }} <span class="aside-note block">{{ figure.note }}</span>
            </th>
            <td class="pr-3 font-semibold text-highlighted">
              {{ figure.of(total) }}
            </td>
            <td>{{ figure.of(last) }}</td>
          </tr>
          <tr
            v-for="one in names"
            :key="one.id"
            class="line-rule"
            data-made
          >
            <th
              scope="row"
              class="font-normal py-1 pr-3"
            >
              Made: {{ one.name }}
            </th>
            <td class="pr-3 font-semibold text-highlighted">
              {{ quantity('volume', total.madeL[one.id] ?? 0) }}
            </td>
            <td>{{ quantity('volume', last.madeL[one.id] ?? 0) }}</td>
          </tr>
        </tbody>
      </table>
    </div>

    <section
      v-if="names.length > 0"
      aria-labelledby="money"
      class="mt-6"
    >
      <h2
        id="money"
        class="section-rule"
      >
        In money
      </h2>
      <p v-if="saved.cost > 0">
        What was made in {{ year }} would have cost you {{ money(saved.cost) }}<template v-if="bought.cost > 0">
          ; what was bought for mixes came to {{ money(bought.cost) }}
        </template>.
      </p>
      <p
        v-else
        class="aside-note"
      >
        Say what {{ measure }} costs where you buy it, in whatever money is yours.
      </p>
      <ul class="no-print">
        <li
          v-for="one in names"
          :key="one.id"
          class="line-rule py-1 flex flex-wrap items-center gap-3"
        >
          <label class="flex flex-wrap items-center gap-3"><span class="w-56">{{ one.name }}, {{ measure }}</span><input
            type="number"
            inputmode="decimal"
            min="0"
            max="1000"
            step="0.01"
            class="text-field w-28"
            :value="one.id in prices ? Number((prices[one.id]! * unitL).toFixed(3)) : ''"
            :data-price="one.id"
            @change="setPrice(one.id, Math.min(1000, Math.max(0, Number(($event.target as HTMLInputElement).value) / unitL || 0)))"
          ></label>
        </li>
      </ul>
    </section>

    <FoldedPart
      part="account-months"
      title="Month by month"
      class="mt-6"
    >
      <div class="overflow-x-auto">
        <table class="w-full text-left">
          <thead>
            <tr>
              <th scope="col">
                Month
              </th><th scope="col">
                Kept
              </th><th scope="col">
                Made
              </th><th scope="col">
                Water
              </th><th scope="col">
                Work
              </th>
            </tr>
          </thead>
          <tbody>
            <tr
              v-for="row in rows"
              :key="row.month"
              class="line-rule"
            >
              <th
                scope="row"
                class="font-normal py-1 pr-3"
              >
                {{ monthName(row) }}
              </th>
              <td class="pr-3">
                {{ quantity('volume', row.keptL) }}
              </td>
              <td class="pr-3">
                {{ quantity('volume', madeL(row)) }}
              </td>
              <td class="pr-3">
                {{ quantity('volume', row.waterL) }}
              </td>
              <td>{{ hours(row) > 0 ? minutesText(hours(row)) : '' }}</td>
            </tr>
          </tbody>
        </table>
      </div>
    </FoldedPart>
  </div>
</template>
