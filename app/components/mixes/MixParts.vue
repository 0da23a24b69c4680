<script setup lang="ts">
import type { MixedIn } from '#core/growing/propose'
import { needsSieve, type Offered } from '#core/growing/offered'
import { containersFor } from '#core/units/container'

/** What goes in, counted in one container; what else there is to be taken, and what must not go in, with why. */
const { mixed, offered, mix, container, draft, setLitres } = useMixes()
const { store, materials } = useGarden()
const { amount, quantity, sieve, day } = useSay()
const others = computed(() => offered.value.filter(one => !one.refused && !mixed.value.some(({ of }) => of.id === one.id)))
const here = computed(() => others.value.filter(({ lotId }) => lotId !== undefined))
const fetched = computed(() => others.value.filter(({ lotId }) => lotId === undefined))
const refused = computed(() => offered.value.filter(one => one.refused && one.lotId !== undefined))
const sumL = computed(() => mixed.value.reduce((sum, { litres }) => sum + litres, 0))
const countOf = ({ litres }: MixedIn) => containersFor(litres, container.value)
const share = ({ litres }: MixedIn) => sumL.value > 0 ? Math.round(100 * litres / sumL.value) : 0
const left = (of: Offered) => Number.isFinite(of.thereL) ? `${quantity('volume', of.thereL)} here` : 'to fetch'
const sieved = (of: Offered) => needsSieve(of, draft.value.purposeId)
  ? 'sieve it first'
  : of.throughMm === undefined || of.lotId === undefined ? '' : `sieved ${sieve(of.throughMm)}`
/** Several lots of one thing are told apart by the batch they came from, or their day. */
function fromOf({ lotId }: Offered): string {
  const lot = lotId === undefined ? undefined : store.journal.garden.lots.get(lotId)
  if (!lot) return ''
  return store.journal.garden.batches.get(lot.fromBatchId ?? '')?.name ?? day(lot.gatheredAt)
}
const noteOf = (of: Offered) => [fromOf(of), left(of), sieved(of)].filter(Boolean).join(' · ')
const familyOf = (of: Offered) => materials.value.find(of.materialId)?.family ?? 'finished'
const set = (of: Offered, count: number) => setLitres(of, Math.min(of.thereL, count * container.value.volumeL))
</script>

<template>
  <div class="space-y-3">
    <p
      v-if="mixed.length > 0"
      class="field-label text-right"
      aria-hidden="true"
    >
      {{ capital(container.plural) }}
    </p>
    <ul
      v-if="mixed.length > 0"
      aria-label="What goes in"
    >
      <li
        v-for="one in mixed"
        :key="one.of.id"
        class="line-rule py-2 flex flex-wrap items-center gap-x-4 gap-y-1"
        :data-part="one.of.materialId"
      >
        <HatchSwatch :family="familyOf(one.of)" />
        <span class="flex-1 min-w-40 leading-snug"><strong class="font-semibold text-highlighted">{{ capital(one.of.name) }}</strong>,
          {{ share(one) }} %
          <span
            class="block aside-note"
            :class="sieved(one.of) === 'sieve it first' ? 'text-warning font-semibold' : ''"
          >{{ noteOf(one.of) }}</span></span>
        <StepNumber
          :model-value="countOf(one)"
          :label="`${capital(container.plural)} of ${one.of.name}`"
          hide-label
          :step="0.5"
          :max="1000"
          @update:model-value="(count: number) => set(one.of, count)"
        />
      </li>
    </ul>
    <p
      v-if="mix"
      class="text-lg"
      role="status"
      data-comes-to
    >
      {{ amount(containersFor(sumL, container), container) }} loosely come to
      <strong class="font-serif">{{ quantity('volume', mix.litres, 1) }}</strong> of mix.
    </p>
    <div
      v-for="group in [{ title: 'In the store', all: here }, { title: 'To be fetched', all: fetched }]"
      :key="group.title"
    >
      <template v-if="group.all.length > 0">
        <h3 class="field-label">
          {{ group.title }}
        </h3>
        <div class="flex flex-wrap gap-2">
          <button
            v-for="one in group.all"
            :key="one.id"
            type="button"
            class="label-button !px-3"
            :data-add-part="one.materialId"
            @click="set(one, Math.min(1, one.thereL / container.volumeL))"
          >
            <UIcon
              name="i-ph-plus"
              class="size-4"
            />
            <span>{{ one.name }}<span
              v-if="one.lotId"
              class="block text-[0.82rem] font-normal opacity-85"
            >{{ noteOf(one) }}</span></span>
          </button>
        </div>
      </template>
    </div>
    <details
      v-if="refused.length > 0"
      data-refused-parts
    >
      <summary class="tap cursor-pointer font-semibold">
        Not into this: {{ refused.length === 1 ? 'one lot' : `${refused.length} lots` }}, and why
      </summary>
      <ul aria-label="Not into this">
        <li
          v-for="one in refused"
          :key="one.id"
          class="line-rule py-1 flex gap-2 items-start"
          data-refused-part
        >
          <UIcon
            name="i-ph-prohibit"
            class="size-5 shrink-0 mt-0.5 text-error"
          />
          <span><strong class="font-semibold">{{ capital(one.name) }}:</strong> {{ one.refused }}</span>
        </li>
      </ul>
    </details>
  </div>
</template>
