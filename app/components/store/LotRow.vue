<script setup lang="ts">
import { daysText } from '#core/units/plural'
import { format } from 'date-fns'
import { spreadKindOf } from '#core/beds/spreading'
import { stuffOf } from '#core/lots/stuff'
import { originMemory } from '#core/lots/origins'
import { batchPast } from '#core/lots/past'
import { carriedCautions, charWords } from '#core/lots/words'
import type { StoredLot } from '#core/garden/store'
import type { NewEvent } from '#core/journal/event'
import type { Family } from '#core/materials/material'
import { containerThen, type Amount } from '#core/units/container'

/** One lot: what it is, how much is left, how it keeps, and what to do with it. */
const { stored } = defineProps<{ stored: StoredLot }>()
const { store, materials, clock, units } = useGarden()
const { record } = useRecorder()
const { amount, quantity, day, sieve } = useSay()
const bench = useBench()
const open = ref(false)
/** Reckoned only for a lot that is looked at. */
const stuff = computed(() => open.value ? stuffOf(store.journal.garden, stored.lot, materials.value, clock.value) : undefined)
const charShare = computed(() => stuff.value?.charShare ?? 0)
const goesOnBeds = computed(() => stuff.value !== undefined && spreadKindOf(stuff.value) !== undefined)
const minded = computed(() => stuff.value ? [...charWords(stuff.value.char), ...carriedCautions(stuff.value.carried)] : [])
/** What the batches it came from had been through, near and far. */
const past = computed(() => open.value
  ? originMemory(store.journal.garden, materials.value).ofLot(stored.lot.id).flatMap(({ kind, id, at }) => {
      const batch = kind === 'batch' ? store.journal.garden.batches.get(id) : undefined
      return (batch && batchPast(batch, at, units.value)) || []
    })
  : [])
const count = ref(stored.leftCount)
watch(() => stored.leftCount, (left) => { count.value = left })

type Why = Extract<NewEvent, { kind: 'stock-removed' }>['why']
const WHY: readonly { id: Why, label: string }[] = [
  { id: 'spoiled', label: 'spoiled' }, { id: 'used-elsewhere', label: 'used elsewhere' }, { id: 'given-away', label: 'given away' },
  { id: 'miscounted', label: 'miscounted' },
]

const from = computed(() => stored.lot.fromBatchId ? store.journal.garden.batches.get(stored.lot.fromBatchId)?.name : undefined)
const finished = computed(() => stored.material.family === 'finished')
/** What is put through a sieve. */
const SIEVED: readonly Family[] = ['finished', 'char', 'mineral']
const keeps = computed(() => {
  const { daysLeft, freshness } = stored.keeping
  if (freshness === 'keeps') return ''
  if (daysLeft < 0) return finished.value ? 'old: test it again' : 'past its best'
  return daysLeft < 1 ? 'spoils today' : `${daysText(Math.ceil(daysLeft))} left`
})
/** What to do with a lot that is going. */
const rescue = computed(() => finished.value || stored.keeping.freshness === 'keeps' || stored.keeping.freshness === 'fresh'
  ? ''
  : stored.keeping.daysLeft < 0
    ? 'Bury it thinly in a standing heap with browns, or let it go.'
    : stored.material.family === 'kitchen'
      ? 'Use it in a heap now, or freeze it.'
      : stored.material.family === 'grass'
        ? 'Use it in a heap now, or spread it thin to wilt.'
        : 'Use it in a heap now.',
)
const onBench = computed(() => bench.ingredients.value.some(({ material }) => material.id === stored.material.id))
const said = computed(() => `${amount(stored.leftCount, stored.lot.container)} of ${lotName(stored)}, ${day(stored.lot.gatheredAt)}`)

/** As it was brought in, to be set right. */
const whole = ref<Amount>(wholeNow())
const gathered = ref(format(new Date(stored.lot.gatheredAt), 'yyyy-MM-dd'))
const source = ref(stored.lot.source)
function wholeNow(): Amount {
  return {
    count: stored.lot.initialL / stored.lot.container.volumeL, container: containerThen({ ...stored.lot.container, holds: 'material' }),
    packing: stored.lot.packing,
  }
}
function unfold(): void {
  whole.value = wholeNow()
  gathered.value = format(new Date(stored.lot.gatheredAt), 'yyyy-MM-dd')
  source.value = stored.lot.source
  open.value = !open.value
}
async function setRight(): Promise<void> {
  const sameDay = gathered.value === format(new Date(stored.lot.gatheredAt), 'yyyy-MM-dd')
  const done = await record(
    {
      kind: 'stock-amended', at: new Date().toISOString(), lotId: stored.lot.id, amount: { ...whole.value },
      source: source.value.trim(),
      ...(sameDay ? {} : { gatheredAt: new Date(`${gathered.value}T12:00`).toISOString() }),
    },
    `${capital(stored.material.short)} in the store set right.`,
  )
  if (done) open.value = false
}
async function remove(why: Why): Promise<void> {
  const litres = Math.min(stored.leftL, count.value * stored.lot.container.volumeL)
  if (
    await record(
      { kind: 'stock-removed', at: new Date().toISOString(), lotId: stored.lot.id, litres, why },
      `${amount(count.value, stored.lot.container)} of ${stored.material.short} out of the store.`,
    )
  )
    open.value = false
}
</script>

<template>
  <li
    class="py-1"
    :data-lot="stored.material.id"
  >
    <div class="flex items-center gap-3">
      <HatchSwatch
        :family="stored.material.family"
        :size="34"
      />
      <div class="flex-1 min-w-0">
        <p class="leading-tight text-highlighted">
          <strong class="font-semibold">{{ amount(stored.leftCount, stored.lot.container) }}</strong> of {{ lotName(stored)
          }}<span v-if="stored.lot.packing !== 'loose'">, {{ stored.lot.packing }}</span><span
            v-if="stored.lot.sieveMm"
          >, sieved {{ sieve(stored.lot.sieveMm) }}</span>
        </p>
        <p class="aside-note leading-snug">
          {{ day(stored.lot.gatheredAt) }}<template v-if="from">
            · from {{ from }}
          </template><span
            v-if="keeps"
            class="whitespace-nowrap"
            :class="
              stored.keeping.daysLeft < 1
                ? 'text-error font-semibold'
                : stored.keeping.freshness === 'use-soon'
                  ? 'text-warning font-semibold'
                  : ''
            "
          > · {{ keeps }}</span>
        </p>
      </div>
      <button
        type="button"
        class="tap grid place-items-center"
        :aria-label="`${onBench ? 'one more' : 'to the bench'}: ${said}`"
        :title="onBench ? 'one more to the bench' : 'to the bench'"
        data-to-bench
        @click="bench.addMaterial(stored.material)"
      >
        <UIcon
          :name="onBench ? 'i-ph-plus' : 'i-ph-scales'"
          class="size-6"
        />
      </button>
      <button
        type="button"
        class="tap grid place-items-center"
        :aria-expanded="open"
        :aria-label="`more about ${said}`"
        data-lot-more
        @click="unfold"
      >
        <UIcon
          name="i-ph-dots-three-vertical-bold"
          class="size-6"
        />
      </button>
    </div>
    <p
      v-if="rescue && (open || stored.keeping.daysLeft < 1)"
      class="pl-12 leading-snug"
    >
      {{ rescue }}
    </p>
    <div
      v-if="open"
      class="pl-12 space-y-4 pt-1 pb-3"
    >
      <p class="aside-note">
        {{ quantity('volume', stored.leftL) }}, about {{ quantity('mass', stored.leftMassKg)
        }}{{ stored.lot.source ? ` · ${stored.lot.source}` : '' }} ·
        <NuxtLink
          :to="`/materials/${stored.material.id}`"
          class="tap inline-flex items-center underline underline-offset-3 decoration-dotted"
        >its values</NuxtLink>
        <template v-if="charShare > 0.005 && stored.material.family !== 'char'">
          · {{ Math.round(100 * charShare) }} % of it is char
        </template>
      </p>
      <p
        v-for="one in past"
        :key="one"
        data-past
      >
        {{ one }}.
      </p>
      <p
        v-for="caution in minded"
        :key="caution"
        class="caution"
        data-carried
      >
        {{ caution }}
      </p>
      <p class="flex flex-wrap gap-2">
        <NuxtLink
          v-if="goesOnBeds"
          :to="`/beds?lot=${stored.lot.id}`"
          class="label-button"
          data-to-beds
        >
          <UIcon
            name="i-ph-plant"
            class="size-5"
          />
          Which beds does it cover?
        </NuxtLink>
        <NuxtLink
          v-if="SIEVED.includes(stored.material.family)"
          :to="`/sieve?lot=${stored.lot.id}`"
          class="label-button"
          data-to-sieve
        >
          Sieve it
        </NuxtLink>
        <NuxtLink
          v-if="stored.material.growsAs"
          to="/mixes"
          class="label-button"
          data-to-mixes
        >
          A mix for pots
        </NuxtLink>
        <NuxtLink
          :to="`/uses?lot=${stored.lot.id}`"
          class="label-button plain"
          data-to-uses
        >
          Where it came from and went
        </NuxtLink>
      </p>
      <div
        role="group"
        aria-label="Take out"
        class="space-y-2"
      >
        <StepNumber
          v-model="count"
          :label="`Take out, ${stored.lot.container.plural}`"
          :min="0.25"
          :max="Math.max(0.25, stored.leftCount)"
          :step="count <= 1 ? 0.25 : 1"
        />
        <div class="flex flex-wrap gap-2">
          <button
            v-for="why in WHY"
            :key="why.id"
            type="button"
            class="label-button"
            @click="remove(why.id)"
          >
            {{ why.label }}
          </button>
        </div>
      </div>
      <form
        class="space-y-3 line-rule pt-2"
        @submit.prevent="setRight"
      >
        <AmountEntry
          v-model="whole"
          label="It was, as brought in"
        />
        <GatheredFields
          v-model:day="gathered"
          v-model:source="source"
        />
        <button class="label-button">
          Set it right
        </button>
      </form>
    </div>
  </li>
</template>
