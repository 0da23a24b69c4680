<script setup lang="ts">
import { purposeName } from '#core/bench/choosing'
import { monthText } from '#core/units/dates'
import type { Met } from '#core/year/answer'
import { noonOf, type Need } from '#core/year/need'
import { chanceText, shortText, surenessOf, surenessText } from '#core/year/words'

/** One need: how sure it is, from what it is served, and what can be changed of it. */
const { need, met, tried, nameOf } = defineProps<{
  need: Need
  met: Met | undefined
  /** How it would be with what is tried out. */
  tried?: Met | undefined
  nameOf: (stockId: string) => string
}>()
const { write, forget, hadIt, had } = useNeeds()
const { materials, units } = useGarden()
const { quantity, day, window: dayWindow } = useSay()
const { beds } = useBeds()
const open = ref(false)
const TONES = { sure: 'text-primary', likely: 'text-primary', open: 'text-warning', doubtful: 'text-error', short: 'text-error' } as const

const when = computed(() => {
  const [from, to] = [noonOf(need.from), noonOf(need.to)]
  return from.getDate() === 1 && to.getMonth() === from.getMonth() ? monthText(from) : dayWindow(from, to)
})
const of = computed(() => need.materialId === undefined ? purposeName(need.purpose) : materials.value.find(need.materialId)?.name ?? '')
/** Lots of one name are one thing. */
const from = computed(() => {
  const all = new Map<string, number>()
  for (const { stockId, litres } of met?.by ?? []) all.set(nameOf(stockId), (all.get(nameOf(stockId)) ?? 0) + litres)
  return [...all].map(([name, litres]) => ({ name, litres }))
})
const forBeds = computed(() => beds.value.filter(({ id }) => need.bedIds.includes(id)).map(({ name }) => name))
const litres = computed({
  get: () => need.litres,
  set: (value: number) => { void write({ ...need, litres: value }) },
})
function setDay(field: 'from' | 'to', text: string): void {
  if (!/^\d{4}-\d\d-\d\d$/.test(text)) return
  const next = { ...need, [field]: text }
  void write(next.from <= next.to ? next : { ...next, from: text, to: text })
}
</script>

<template>
  <li
    class="line-rule py-2"
    :data-need="need.id"
  >
    <div class="flex flex-wrap items-baseline gap-x-4 gap-y-0.5">
      <button
        type="button"
        class="tap text-left font-semibold text-highlighted underline underline-offset-3 decoration-dotted"
        :aria-expanded="open"
        @click="open = !open"
      >
        {{ need.name }}
      </button>
      <span class="aside-note">{{ quantity('volume', need.litres) }} · {{ when }}</span>
      <span
        v-if="met"
        class="ml-auto font-semibold"
        :class="TONES[surenessOf((tried ?? met).chance)]"
        data-sureness
      >
        {{ surenessText((tried ?? met).chance) }}<template v-if="tried && Math.abs(tried.chance - met.chance) > 0.015">
          · {{ tried.chance > met.chance ? 'surer' : 'less sure' }} than now</template>
      </span>
      <span
        v-else
        class="ml-auto aside-note"
      >had this year</span>
    </div>
    <p
      v-if="met && shortText(met, units)"
      class="aside-note"
    >
      {{ shortText(met, units) }}
    </p>
    <div
      v-if="open"
      class="mt-2 space-y-3 border-l-4 border-default pl-3"
    >
      <p v-if="met">
        {{ chanceText(met.chance) }}
        <template v-if="from.length > 0">
          It comes from {{ from.map(one => `${one.name} (${quantity('volume', one.litres)})`).join(', ') }}.
        </template>
      </p>
      <p
        v-if="forBeds.length > 0"
        class="aside-note"
      >
        For {{ forBeds.join(', ') }}.
      </p>
      <p v-if="had(need) > 0">
        {{ quantity('volume', had(need)) }} of it were used already.
      </p>
      <p class="aside-note">
        Wanted as {{ of }}.
      </p>
      <div class="flex flex-wrap gap-3 items-end">
        <QuantityNumber
          v-model="litres"
          quantity="volume"
          label="So much"
          :min="0.1"
          :max="20000"
          :step="5"
        />
        <label><span class="field-label">From</span><input
          type="date"
          class="text-field"
          :value="need.from"
          @change="setDay('from', ($event.target as HTMLInputElement).value)"
        ></label>
        <label><span class="field-label">Of use until</span><input
          type="date"
          class="text-field"
          :value="need.to"
          @change="setDay('to', ($event.target as HTMLInputElement).value)"
        ></label>
      </div>
      <div class="flex flex-wrap gap-2">
        <button
          type="button"
          class="label-button"
          :aria-pressed="need.yearly"
          @click="write({ ...need, yearly: !need.yearly })"
        >
          Each year
        </button>
        <button
          type="button"
          class="label-button"
          data-had
          @click="hadIt(need)"
        >
          It was had
        </button>
        <button
          type="button"
          class="label-button plain"
          @click="forget(need)"
        >
          Not wanted any more
        </button>
      </div>
      <p
        v-if="need.hadTo"
        class="aside-note"
      >
        Had up to {{ day(noonOf(need.hadTo)) }}.
      </p>
    </div>
  </li>
</template>
