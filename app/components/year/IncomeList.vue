<script setup lang="ts">
import { monthText } from '#core/units/dates'
import { comesIn, litresAWeekOf, MEASURES, monthsOf, type Income, type Measure } from '#core/year/income'

/** What comes in over the year: the lawn, the trees, the kitchen, the hedge, a neighbour's trailer. */
const { incomes, southern, comesIn: write, comesNoMore } = useNeeds()
const { materials, now, units } = useGarden()
const { quantity } = useSay()
const adding = ref(false)

/** How each is known, what it usually is, and in which months of the northern year. */
interface Asking {
  readonly label: string
  readonly asks: string
  readonly materialId: string
  readonly months: readonly [number, number]
  readonly usual: number
}
const KINDS: Readonly<Record<Measure, Asking>> = {
  lawn: { label: 'A lawn', asks: 'How large?', materialId: 'grass-clippings', months: [4, 10], usual: 100 },
  raked: { label: 'Leaves that are raked', asks: 'Off how much ground?', materialId: 'leaves-mixed', months: [10, 12], usual: 100 },
  trees: { label: 'Leaves of trees', asks: 'How many trees?', materialId: 'leaves-mixed', months: [10, 12], usual: 2 },
  week: { label: 'Kitchen scraps', asks: 'How much a week?', materialId: 'kitchen-veg', months: [1, 12], usual: 10 },
  hedge: { label: 'A hedge that is cut', asks: 'How long?', materialId: 'hedge-clippings', months: [6, 9], usual: 15 },
  loads: { label: 'Trailer loads of dung', asks: 'How many a year?', materialId: 'horse-manure-straw', months: [2, 4], usual: 2 },
}
const measure = ref<Measure>()
const count = ref<number | undefined>(undefined)
const materialId = ref('')
const months = ref<readonly [number, number]>([1, 12])
const turned = (month: number) => southern.value ? (month + 5) % 12 + 1 : month
watch(measure, (kind) => {
  if (!kind) return
  const { materialId: of, months: [from, to], usual } = KINDS[kind]
  count.value = usual
  materialId.value = materials.value.find(of) ? of : materials.value.all.find(({ family }) => family === 'plant')?.id ?? of
  months.value = [turned(from), turned(to)]
})
const span = computed(() => ({ fromMonth: months.value[0], toMonth: months.value[1] }))
const weekly = computed(() => measure.value && count.value !== undefined ? litresAWeekOf(measure.value, count.value, span.value) : 0)
const setMonth = (index: number, month: string) => {
  months.value = index === 0 ? [Number(month), months.value[1]] : [months.value[0], Number(month)]
}
const name = (month: number) => monthText(new Date(2025, month - 1, 15))
async function save(): Promise<void> {
  if (!measure.value || count.value === undefined) return
  await write({ materialId: materialId.value, litresAWeek: weekly.value, ...span.value, measure: measure.value, count: count.value })
  adding.value = false
  measure.value = undefined
}
const said = (one: Income) =>
  `about ${quantity('volume', one.litresAWeek)} a week, ${monthsOf(one) === 12
    ? 'all year'
    : `${name(one.fromMonth)} to ${
      name(one.toMonth)}`}`
const thisMonth = computed(() => now.value.getMonth() + 1)
/** A hedge is paced out in metres or feet. */
const FEET_IN_METRE = 3.2808
const hedge = computed({
  get: () => Math.round((count.value ?? 0) * (units.value === 'us' ? FEET_IN_METRE : 1)),
  set: (value: number) => { count.value = value / (units.value === 'us' ? FEET_IN_METRE : 1) },
})
</script>

<template>
  <div>
    <ul v-if="incomes.length > 0">
      <li
        v-for="one in incomes"
        :key="one.id"
        class="line-rule py-1 flex flex-wrap items-center gap-x-3"
        :data-income="one.materialId"
      >
        <HatchSwatch :family="materials.find(one.materialId)?.family ?? 'plant'" />
        <span class="font-semibold text-highlighted">{{ materials.find(one.materialId)?.name ?? 'something unknown' }}</span>
        <span class="aside-note">{{ said(one) }}{{ comesIn(one, thisMonth) ? '' : ', not now' }}</span>
        <button
          type="button"
          class="label-button plain ml-auto"
          :aria-label="`No more: ${materials.find(one.materialId)?.name ?? 'this'}`"
          @click="comesNoMore(one)"
        >
          No more
        </button>
      </li>
    </ul>
    <p
      v-else
      class="aside-note"
    >
      Say what comes in, and starts are proposed only where there is enough for them.
    </p>
    <button
      type="button"
      class="label-button mt-2"
      :aria-expanded="adding"
      data-new-income
      @click="adding = !adding"
    >
      <UIcon
        name="i-ph-plus"
        class="size-5"
      />
      Something comes in
    </button>
    <form
      v-if="adding"
      class="mt-3 space-y-3 max-w-3xl"
      @submit.prevent="save"
    >
      <ChoiceRow
        v-model="measure"
        label="What?"
        :choices="MEASURES.map(id => ({ id, label: KINDS[id].label }))"
      />
      <template v-if="measure">
        <QuantityNumber
          v-if="measure === 'lawn' || measure === 'raked'"
          v-model="count"
          quantity="area"
          :label="KINDS[measure].asks"
          :max="100000"
          :step="10"
        />
        <QuantityNumber
          v-else-if="measure === 'week'"
          v-model="count"
          quantity="volume"
          :label="KINDS[measure].asks"
          :max="5000"
          :step="5"
        />
        <StepNumber
          v-else-if="measure === 'hedge'"
          v-model="hedge"
          :label="KINDS[measure].asks"
          :unit="units === 'us' ? 'ft' : 'm'"
          :max="3000"
        />
        <StepNumber
          v-else
          v-model="count"
          :label="KINDS[measure].asks"
          :max="200"
        />
        <div class="flex flex-wrap gap-3">
          <label><span class="field-label">What it is</span><select
            v-model="materialId"
            class="text-field"
          ><option
            v-for="one in materials.all"
            :key="one.id"
            :value="one.id"
          >{{ one.name }}</option></select></label>
          <label
            v-for="(label, index) in ['From', 'To']"
            :key="label"
          ><span class="field-label">{{ label }}</span><select
            class="text-field"
            :value="months[index]"
            @change="setMonth(index, ($event.target as HTMLSelectElement).value)"
          ><option
            v-for="month in 12"
            :key="month"
            :value="month"
          >{{ name(month) }}</option></select></label>
        </div>
        <p>That is about {{ quantity('volume', weekly) }} a week.</p>
        <button
          type="submit"
          class="label-button strong"
        >
          It comes in
        </button>
      </template>
    </form>
  </div>
</template>
