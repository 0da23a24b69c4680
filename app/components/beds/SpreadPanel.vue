<script setup lang="ts">
import { amountOn, amountsFor, type DosedBy } from '#core/beds/amount'
import { bedAreaM2, type Bed } from '#core/beds/bed'
import { BEDS } from '#core/beds/constants'
import { spreadDepthM } from '#core/beds/history'
import { CHAR_SCHOOL_WORDS, CHAR_SCHOOLS } from '#core/beds/schools'
import { containersFor } from '#core/units/container'

/**
 * A lot onto beds by choice: which beds, how much on each, what that is against the dose, and what follows. What comes first is a
 * proposal.
 */
const { lotId = '' } = defineProps<{ lotId?: string }>()
const { beds, lots, coveringOf, askedOf, historyOf, spread, school, choose } = useBeds()
const { materialContainers } = useGarden()
const { quantity, amount, day } = useSay()
const chosen = ref(lots.value.find(({ stored }) => stored.lot.id === lotId)?.stored.lot.id ?? lots.value[0]?.stored.lot.id ?? '')
const lot = computed(() => lots.value.find(({ stored }) => stored.lot.id === chosen.value) ?? lots.value[0])
const thereL = computed(() => lot.value?.stored.leftL ?? 0)
const litres = ref(thereL.value)
const inStoreL = computed(() => Math.min(litres.value, thereL.value))
const covering = computed(() => lot.value && coveringOf(lot.value, inStoreL.value))
const isChar = computed(() => (lot.value?.stuff.charShare ?? 0) >= BEDS.mostlyChar)
const bucket = computed(() => materialContainers.value.find(({ id }) => id === 'bucket') ?? materialContainers.value[0]!)

const BY = [
  { id: 'dose', label: 'as each is dosed' }, { id: 'litres', label: 'so much by the ground' }, { id: 'depth', label: 'so deep' },
  { id: 'evenly', label: 'what there is, evenly' },
] as const
const by = ref<typeof BY[number]['id']>('dose')
const perM2L = ref(3)
const depthM = ref(0.02)
const way = computed<DosedBy>(() => by.value === 'dose' || by.value === 'evenly'
  ? { by: by.value }
  : { by: 'litres', perM2L: by.value === 'litres' ? perM2L.value : depthM.value * 1000 })

/** The proposal first, then all others; what each would get by its own dose. */
const rows = computed(() => {
  const order = new Map(covering.value?.covered.map(({ bed }, at) => [bed.id, at]))
  const place = ({ id }: Bed) => order.get(id) ?? order.size
  return [...beds.value].sort((a, b) => place(a) - place(b))
})
const ticked = ref<readonly string[]>([])
/** Typed for a bed by hand: that stays, whatever is reckoned. */
const own = ref<Readonly<Record<string, number>>>({})
const propose = () => { ticked.value = covering.value?.covered.map(({ bed }) => bed.id) ?? [] }
watch(() => lot.value?.stored.lot.id, () => {
  litres.value = thereL.value
  own.value = {}
  propose()
}, { immediate: true })
watch(() => beds.value.map(({ id }) => id).join(), propose)
watch(thereL, (left) => {
  litres.value = left
  own.value = {}
  propose()
})
const picked = computed(() => rows.value.filter(bed => ticked.value.includes(bed.id)))
const amounts = computed(() => {
  const typed = picked.value.reduce((sum, bed) => sum + (own.value[bed.id] ?? 0), 0)
  const rest = picked.value.filter(bed => own.value[bed.id] === undefined)
  const dosed = rest.map((bed) => {
    const stands = lot.value && amountOn(askedOf(bed, lot.value), 0).dose
    return { bed, usualL: stands?.ok ? stands.value.usualL : 0 }
  })
  const given = amountsFor(way.value, dosed, Math.max(0, inStoreL.value - typed))
  return new Map([
    ...Object.entries(own.value).filter(([id]) => ticked.value.includes(id)),
    ...rest.map((bed, at) => [bed.id, given[at]!] as const),
  ])
})
const litresOn = (bedId: string) => amounts.value.get(bedId) ?? 0
const sumL = computed(() => [...amounts.value.values()].reduce((sum, one) => sum + one, 0))
const tooMuch = computed(() => sumL.value > thereL.value + 0.05)
const judged = computed(() => new Map(rows.value.map(bed => [bed.id, lot.value && amountOn(askedOf(bed, lot.value), litresOn(bed.id))])))
const isOver = (bedId: string) => ['over', 'against'].includes(judged.value.get(bedId)?.stands ?? '')
const sure = ref(false)
const overSome = computed(() => picked.value.some(bed => litresOn(bed.id) > 0 && isOver(bed.id)))
watch([ticked, own, by], () => { sure.value = false })
const toggle = (bedId: string) => {
  ticked.value = ticked.value.includes(bedId) ? ticked.value.filter(one => one !== bedId) : [...ticked.value, bedId]
}
const set = (bedId: string, litresNow: number) => { own.value = { ...own.value, [bedId]: litresNow } }
const notes = computed(() => [...new Set(picked.value.flatMap((bed) => {
  const stands = judged.value.get(bed.id)
  return [...(stands?.dose.ok ? stands.dose.value.notes : []), ...(litresOn(bed.id) > 0 ? stands?.follows ?? [] : [])]
}))])
const sayLot = ({ stored }: NonNullable<typeof lot.value>) =>
  `${quantity('volume', stored.leftL)} of ${lotName(stored)}, ${day(stored.lot.gatheredAt)}`
const whyOf = (bedId: string) => {
  const dose = judged.value.get(bedId)?.dose
  return dose?.ok ? dose.value.why : ''
}
const { at } = provideWhen(() => lot.value?.stored.lot.gatheredAt ?? new Date(0).toISOString(), 'gathered')
async function save(): Promise<void> {
  if (overSome.value && !sure.value) {
    sure.value = true
    return
  }
  const when = at()
  const onto = picked.value.map(bed => ({ bed, litres: litresOn(bed.id) })).filter(one => one.litres > BEDS.nothingL)
  if (lot.value && when && onto.length > 0 && !tooMuch.value && await spread(lot.value, onto, when)) own.value = {}
}
const covers = computed(() => {
  const { covered, m2PerL, wantedL } = covering.value ?? { covered: [], m2PerL: undefined, wantedL: 0 }
  if (beds.value.length === 0) return 'There is no bed so far: add one above.'
  if (covered.length === 0) return 'No bed wants it just now.'
  const ground = m2PerL ? quantity('area', covered.reduce((sum, one) => sum + one.litres, 0) * m2PerL, 1) : ''
  return `It covers ${covered.length === 1 ? 'one bed' : `${covered.length} beds`}${ground ? `, ${ground} at the usual dose` : ''}.`
    + (wantedL > inStoreL.value + 0.5 ? ` All that take it want ${quantity('volume', wantedL)} together.` : '')
})
const leftText = computed(() => tooMuch.value
  ? `That is ${quantity('volume', sumL.value - thereL.value, 1)} more than there is.`
  : `${quantity('volume', sumL.value, 1)} in all; ${quantity('volume', thereL.value - sumL.value, 1)} stay in the store.`)
const goes = (bedId: string) => amount(containersFor(litresOn(bedId), bucket.value), bucket.value)
</script>

<template>
  <section
    aria-labelledby="spread"
    data-spread
  >
    <h2
      id="spread"
      class="section-rule mb-2"
    >
      Onto which beds?
    </h2>
    <p v-if="lots.length === 0">
      Nothing in the store goes on beds just now: compost, leaf mould, castings, char or ash will be offered here.
    </p>
    <form
      v-else
      class="space-y-3"
      @submit.prevent="save"
    >
      <div class="flex flex-wrap gap-x-5 gap-y-3 items-end">
        <label class="block min-w-56">
          <span class="field-label">Out of the store</span>
          <select
            v-model="chosen"
            class="text-field"
            data-spread-lot
          >
            <option
              v-for="one in lots"
              :key="one.stored.lot.id"
              :value="one.stored.lot.id"
            >
              {{ sayLot(one) }}
            </option>
          </select>
        </label>
        <QuantityNumber
          v-model="litres"
          quantity="volume"
          label="So much of it"
          :max="thereL"
        />
      </div>
      <template v-if="isChar">
        <ChoiceRow
          :model-value="school"
          label="Char is given"
          :choices="CHAR_SCHOOLS.map(id => ({ id, label: CHAR_SCHOOL_WORDS[id].label }))"
          @update:model-value="choose($event ?? 'every-few-years')"
        />
        <p class="aside-note">
          {{ CHAR_SCHOOL_WORDS[school].why }}
        </p>
      </template>
      <p
        v-if="covering"
        role="status"
        class="text-lg text-highlighted"
        data-covers
      >
        {{ covers }}
      </p>
      <ChoiceRow
        v-model="by"
        label="How much each gets"
        :choices="BY"
      />
      <QuantityNumber
        v-if="by === 'litres'"
        v-model="perM2L"
        quantity="volume"
        :label="`On ${quantity('area', 1, 1)}`"
        :min="0.1"
        :max="200"
        :step="0.5"
      />
      <QuantityNumber
        v-if="by === 'depth'"
        v-model="depthM"
        quantity="length"
        label="So deep"
        :min="0.001"
        :max="0.3"
        :step="0.5"
      />
      <ul aria-label="Beds">
        <li
          v-for="bed in rows"
          :key="bed.id"
          class="line-rule py-2"
          :data-onto="bed.name"
          :data-stands="judged.get(bed.id)?.stands"
        >
          <div class="flex flex-wrap gap-x-4 gap-y-1 items-center">
            <button
              type="button"
              class="tap flex-1 min-w-44 text-left flex gap-2 items-start leading-snug"
              role="checkbox"
              :aria-checked="ticked.includes(bed.id)"
              @click="toggle(bed.id)"
            >
              <UIcon
                :name="ticked.includes(bed.id) ? 'i-ph-check-square' : 'i-ph-square'"
                class="size-6 shrink-0"
              />
              <span><span class="sr-only">Onto </span><strong class="font-semibold text-highlighted">{{ bed.name }}</strong>,
                {{ quantity('area', bedAreaM2(bed), 1) }}</span>
            </button>
            <QuantityNumber
              v-if="ticked.includes(bed.id)"
              :model-value="litresOn(bed.id)"
              quantity="volume"
              :label="`How much on ${bed.name}`"
              hide-label
              :max="20000"
              @update:model-value="(now: number) => set(bed.id, now)"
            />
          </div>
          <p
            v-if="ticked.includes(bed.id)"
            class="pl-8 leading-snug"
          >
            <template v-if="litresOn(bed.id) > BEDS.nothingL">
              {{ goes(bed.id) }}, {{ quantity('length', spreadDepthM(bed, litresOn(bed.id)), 1) }} deep:
            </template>
            <span :class="isOver(bed.id) ? 'text-error font-semibold' : 'font-semibold'">{{ judged.get(bed.id)?.said }}</span><span
              v-if="whyOf(bed.id)"
              class="aside-note block"
            >Usual: {{ whyOf(bed.id) }}</span>
          </p>
          <p
            v-else-if="judged.get(bed.id)?.dose.ok === false"
            class="pl-8 leading-snug"
            data-refused-bed
          >
            {{ judged.get(bed.id)?.said }}
          </p>
          <CharBar
            v-if="isChar && ticked.includes(bed.id)"
            class="pl-8"
            :bed="bed"
            :history="historyOf(bed)"
            :extra-l="litresOn(bed.id) * (lot?.stuff.charShare ?? 0)"
          />
        </li>
      </ul>
      <p
        role="status"
        :class="tooMuch ? 'text-error font-semibold' : ''"
        data-left
      >
        {{ leftText }}
      </p>
      <WhenRow label="When it was spread" />
      <p
        v-for="note in notes"
        :key="note"
        class="caution"
      >
        {{ note }}
      </p>
      <p
        v-if="sure && overSome"
        role="alert"
        class="text-error font-semibold"
        data-asked-back
      >
        More than it should have, or where it should not be. If it was so, or is to be so, say so once more.
      </p>
      <button
        class="label-button strong"
        :disabled="tooMuch || sumL <= BEDS.nothingL"
        data-spread-it
      >
        {{ sure && overSome ? 'It is so: record it' : picked.length > 1 ? `Spread it on ${picked.length} beds` : 'Spread it' }}
      </button>
    </form>
  </section>
</template>
