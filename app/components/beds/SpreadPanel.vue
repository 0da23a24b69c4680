<script setup lang="ts">
import type { Covered } from '#core/beds/covering'
import { spreadDepthM } from '#core/beds/history'
import { containersFor } from '#core/units/container'

/** How far a lot goes: which beds first, how much on each, where it must not go, what is left. */
const { lotId = '' } = defineProps<{ lotId?: string }>()
const { beds, lots, coveringOf, spread, school, choose } = useBeds()
const { materialContainers } = useGarden()
const { quantity, amount, day } = useSay()
const chosen = ref(lots.value.find(({ stored }) => stored.lot.id === lotId)?.stored.lot.id ?? lots.value[0]?.stored.lot.id ?? '')
const lot = computed(() => lots.value.find(({ stored }) => stored.lot.id === chosen.value) ?? lots.value[0])
const litres = ref(lot.value?.stored.leftL ?? 0)
watch(() => lot.value?.stored.leftL, (left) => { litres.value = left ?? 0 })
const inStoreL = computed(() => Math.min(litres.value, lot.value?.stored.leftL ?? 0))
const covering = computed(() => lot.value && coveringOf(lot.value, inStoreL.value))
const bucket = computed(() => materialContainers.value.find(({ id }) => id === 'bucket') ?? materialContainers.value[0]!)
const SCHOOLS = [{ id: 'once', label: 'once for good' }, { id: 'every-few-years', label: 'a little every few years' }] as const
const isChar = computed(() => (lot.value?.stuff.charShare ?? 0) >= 0.25)
const notes = computed(() => [...new Set((covering.value?.covered ?? []).flatMap(({ dose }) => dose.notes))])
const sayLot = ({ stored }: NonNullable<typeof lot.value>) =>
  `${quantity('volume', stored.leftL)} of ${stored.material.short}, ${day(stored.lot.gatheredAt)}`
const { at } = provideWhen(() => lot.value?.stored.lot.gatheredAt ?? new Date(0).toISOString(), 'gathered')
function spreadOn(onto: readonly Covered[]): void {
  const when = at()
  if (lot.value && when) void spread(lot.value, onto, when)
}
const covers = computed(() => {
  const { covered, m2PerL, leftL } = covering.value ?? { covered: [], leftL: 0 }
  if (covered.length === 0) return beds.value.length === 0 ? 'There is no bed so far: add one above.' : 'It covers no bed just now.'
  return 'It covers '
    + `${covered.length === 1 ? 'one bed' : `${covered.length} beds`}${
      m2PerL ? `, ${quantity('area', covered.reduce((sum, one) => sum + one.litres, 0) * m2PerL, 1)} at the usual dose` : ''
    }; `
    + `${quantity('volume', leftL, 1)} are left.`
})
const next = computed(() =>
  covering.value && covering.value.waiting.length > 0
    ? ` Next, when there is more: ${covering.value.waiting.map(({ name }) => name).join(', ')}.`
    : '',
)
const reach = (one: Covered) => `: ${goes(one)}${one.whole ? '' : ', not all of its dose'}`
const goes = (one: Covered) => `${amount(containersFor(one.litres, bucket.value), bucket.value)} (${quantity('volume', one.litres, 1)})`
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
      What does it cover?
    </h2>
    <p v-if="lots.length === 0">
      Nothing in the store goes on beds just now: compost, leaf mould, castings, char or ash will be offered here.
    </p>
    <form
      v-else
      class="space-y-3"
      @submit.prevent="covering && spreadOn(covering.covered)"
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
          :max="lot?.stored.leftL ?? 0"
        />
        <ChoiceRow
          v-if="isChar"
          :model-value="school"
          label="Char is given"
          :choices="SCHOOLS"
          @update:model-value="choose($event ?? 'once')"
        />
      </div>
      <WhenRow label="When it was spread" />
      <p
        v-if="covering"
        role="status"
        class="text-lg text-highlighted"
        data-covers
      >
        {{ covers }}
      </p>
      <ol v-if="covering">
        <li
          v-for="(one, index) in covering.covered"
          :key="one.bed.id"
          class="line-rule py-1 flex flex-wrap gap-x-4 items-center"
          data-covered
        >
          <span class="font-serif font-semibold text-highlighted w-6">{{ index + 1 }}</span>
          <span class="flex-1 min-w-52"><strong class="font-semibold text-highlighted">{{ one.bed.name }}</strong>{{ reach(one)
          }}<span class="aside-note block">{{
            quantity('length', spreadDepthM(one.bed, one.litres), 1) }} deep; {{ one.dose.why }}</span></span>
          <button
            type="button"
            class="label-button"
            :aria-label="`Spread it on ${one.bed.name}`"
            @click="spreadOn([one])"
          >
            Spread it
          </button>
        </li>
      </ol>
      <p
        v-if="covering && covering.wantedL > inStoreL + 0.5"
        class="aside-note"
      >
        All beds that take it want {{ quantity('volume', covering.wantedL) }} together.{{ next }}
      </p>
      <ul
        v-if="covering && covering.refused.length > 0"
        aria-label="Not on these"
      >
        <li
          v-for="one in covering.refused"
          :key="one.bed.id"
          class="line-rule py-1 flex gap-2 items-start"
          data-refused-bed
        >
          <UIcon
            name="i-ph-prohibit"
            class="size-5 shrink-0 mt-0.5 text-error"
          />
          <span><strong class="font-semibold">{{ one.bed.name }}:</strong> {{ one.why }}</span>
        </li>
      </ul>
      <button
        v-if="covering && covering.covered.length > 1"
        class="label-button strong"
        data-spread-all
      >
        Spread it on {{ covering.covered.length === 2 ? 'both' : `all ${covering.covered.length}` }}
      </button>
      <p
        v-for="note in notes"
        :key="note"
        class="caution"
      >
        {{ note }}
      </p>
    </form>
  </section>
</template>
