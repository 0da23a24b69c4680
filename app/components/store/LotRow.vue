<script setup lang="ts">
import { LEANING_WORDS, leaningOf } from '#core/materials/colour'
import type { StoredLot } from '#core/garden/store'
import type { NewEvent } from '#core/journal/event'

/** One lot: what it is, how much is left, how it keeps, and what to do with it. */
const { stored } = defineProps<{ stored: StoredLot }>()
const { store } = useGarden()
const { record } = useRecorder()
const { amount, quantity, day, sieve } = useSay()
const bench = useBench()
const open = ref(false)
const count = ref(stored.leftCount)
watch(() => stored.leftCount, (left) => { count.value = left })

type Why = Extract<NewEvent, { kind: 'stock-removed' }>['why']
const WHY: readonly { id: Why, label: string }[] = [{ id: 'spoiled', label: 'spoiled' }, { id: 'used-elsewhere', label: 'used elsewhere' }, { id: 'given-away', label: 'given away' }, { id: 'miscounted', label: 'miscounted' }]

const from = computed(() => stored.lot.fromBatchId ? store.journal.garden.batches.get(stored.lot.fromBatchId)?.name : undefined)
const finished = computed(() => stored.material.family === 'finished')
const keeps = computed(() => {
  const { daysLeft, freshness } = stored.keeping
  if (freshness === 'keeps') return 'keeps'
  if (daysLeft < 0) return finished.value ? 'old: test it again' : 'past its best'
  return daysLeft < 1 ? 'spoils today' : `${Math.ceil(daysLeft)} ${Math.ceil(daysLeft) === 1 ? 'day' : 'days'} left`
})
/** What to do with a lot that is going. */
const rescue = computed(() => finished.value || stored.keeping.freshness === 'keeps' || stored.keeping.freshness === 'fresh'
  ? ''
  : stored.keeping.daysLeft < 0
    ? 'Bury it thinly in a standing heap with browns, or let it go.'
    : stored.material.family === 'kitchen' ? 'Use it in a heap now, or freeze it.' : stored.material.family === 'grass' ? 'Use it in a heap now, or spread it thin to wilt.' : 'Use it in a heap now.')
const onBench = computed(() => bench.ingredients.value.some(({ material }) => material.id === stored.material.id))

async function remove(why: Why): Promise<void> {
  const litres = Math.min(stored.leftL, count.value * stored.lot.container.volumeL)
  await record({ kind: 'stock-removed', at: new Date().toISOString(), lotId: stored.lot.id, litres, why }, `${amount(count.value, stored.lot.container)} of ${stored.material.short} out of the store.`)
  open.value = false
}
</script>

<template>
  <li
    class="line-rule py-2.5"
    :data-lot="stored.material.id"
  >
    <div class="flex items-start gap-3">
      <HatchSwatch
        :family="stored.material.family"
        :size="34"
      />
      <div class="flex-1 min-w-0">
        <p class="leading-tight text-highlighted">
          <strong class="font-semibold">{{ amount(stored.leftCount, stored.lot.container) }}</strong> of {{ stored.material.short }}<span v-if="stored.lot.packing !== 'loose'">, {{ stored.lot.packing }}</span><span v-if="stored.lot.sieveMm">, sieved {{ sieve(stored.lot.sieveMm) }}</span>
        </p>
        <p class="aside-note leading-snug">
          {{ quantity('volume', stored.leftL) }}, {{ quantity('mass', stored.leftMassKg) }} · {{ finished ? `made ${day(stored.lot.gatheredAt)}` : `${LEANING_WORDS[leaningOf(stored.material)]}, ${stored.material.carbonToNitrogen.typical} : 1 · ${day(stored.lot.gatheredAt)}` }}<template v-if="from">
            · from {{ from }}
          </template><template v-if="stored.lot.source">
            · {{ stored.lot.source }}
          </template>
        </p>
        <p
          v-if="rescue"
          class="leading-snug"
        >
          {{ rescue }}
        </p>
      </div>
      <span
        class="text-right leading-tight whitespace-nowrap"
        :class="stored.keeping.daysLeft < 1 ? 'text-error font-semibold' : stored.keeping.freshness === 'use-soon' ? 'text-warning font-semibold' : 'aside-note'"
      >{{ keeps }}</span>
    </div>
    <div class="flex flex-wrap gap-x-4 pl-12">
      <button
        type="button"
        class="tap underline underline-offset-3 decoration-dotted"
        @click="bench.addMaterial(stored.material)"
      >
        {{ onBench ? 'on the bench: one more' : 'to the bench' }}
      </button>
      <button
        type="button"
        class="tap underline underline-offset-3 decoration-dotted"
        :aria-expanded="open"
        @click="open = !open"
      >
        take out
      </button>
      <NuxtLink
        :to="`/materials/${stored.material.id}`"
        class="tap inline-flex items-center underline underline-offset-3 decoration-dotted"
      >
        its values
      </NuxtLink>
    </div>
    <div
      v-if="open"
      class="pl-12 space-y-3 pt-1"
    >
      <StepNumber
        v-model="count"
        :label="`How many ${stored.lot.container.plural}`"
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
  </li>
</template>
