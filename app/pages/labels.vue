<script setup lang="ts">
import type { StoredLot } from '#core/garden/store'
import { carriedByLot } from '#core/lots/carried'
import { carriedCautions, charWords } from '#core/lots/words'
import { dateText } from '#core/units/dates'

definePageMeta({ title: 'Labels' })

/** Labels to print and cut out: for what stands, and for what lies in sacks. */
const { store, clock, materials, standing, stored } = useGarden()
const { looks, looking } = useLooks()
const plants = computed(() => standing.value.flatMap((known) => {
  const look = looks.value.get(known.batch.id)
  return look ? [{ known, windows: look.windows }] : []
}))
const { drawn, left, more } = useSeen(() => plants.value.length + stored.value.length, 30)
const lots = computed(() => stored.value.slice(0, Math.max(0, drawn.value - plants.value.length)))
const { amount, sieve } = useSay()
/** What is left out of the print, by its id: all of it is printed until something is. */
const leftOut = ref<ReadonlySet<string>>(new Set())
const idsOf = (what: 'plants' | 'lots') =>
  (what === 'plants' ? plants.value.map(({ known }) => known.batch.id) : stored.value.map(({ lot }) => lot.id))
function turn(ids: readonly string[], out: boolean): void {
  leftOut.value = new Set(out ? [...leftOut.value, ...ids] : [...leftOut.value].filter(id => !ids.includes(id)))
}
const isOut = (id: string) => leftOut.value.has(id)
const GROUPS = [{ id: 'plants', label: 'What stands' }, { id: 'lots', label: 'What lies in the store' }] as const
const minded = ({ lot }: StoredLot) => [
  ...charWords(lot.char),
  ...carriedCautions(carriedByLot(store.journal.garden, lot.id, materials.value, clock.value)),
]
</script>

<template>
  <div>
    <header class="no-print flex flex-wrap gap-3 items-center justify-between mb-4">
      <h1>Labels</h1>
      <PrintButton />
    </header>
    <p class="no-print flex flex-wrap gap-x-6 mb-3">
      <label
        v-for="group in GROUPS"
        :key="group.id"
        class="tap inline-flex items-center gap-2"
      >
        <input
          type="checkbox"
          class="size-5 accent-[var(--ui-primary)]"
          :checked="idsOf(group.id).some(id => !isOut(id))"
          :data-print-group="group.id"
          @change="turn(idsOf(group.id), !($event.target as HTMLInputElement).checked)"
        >
        {{ group.label }}
      </label>
    </p>
    <ul
      class="label-sheet"
      aria-label="Labels"
    >
      <li
        v-for="{ known, windows } in plants.slice(0, drawn)"
        :key="known.batch.id"
        class="avoid-break"
        :class="isOut(known.batch.id) ? 'no-print opacity-50' : ''"
      >
        <LabelWanted
          :name="known.batch.name"
          :out="isOut(known.batch.id)"
          @turn="turn([known.batch.id], !isOut(known.batch.id))"
        />
        <PlantLabel
          :known="known"
          :windows="windows"
        />
      </li>
      <li
        v-for="lot in lots"
        :key="lot.lot.id"
        class="avoid-break border-2 border-inverted rounded-[4px_22px_4px_4px] p-3"
        :class="isOut(lot.lot.id) ? 'no-print opacity-50' : ''"
        data-label
      >
        <LabelWanted
          :name="lotName(lot)"
          :out="isOut(lot.lot.id)"
          @turn="turn([lot.lot.id], !isOut(lot.lot.id))"
        />
        <p class="flex items-start justify-between gap-3">
          <span class="font-serif text-xl font-semibold text-highlighted leading-tight">{{ capital(lotName(lot)) }}</span>
          <HatchSwatch :family="lot.material.family" />
        </p>
        <p>{{ dateText(lot.lot.gatheredAt) }}</p>
        <p
          v-for="caution in minded(lot)"
          :key="caution"
          class="text-sm font-semibold"
          data-carried
        >
          {{ caution }}
        </p>
        <p class="aside-note">
          {{ amount(lot.leftCount, lot.lot.container) }}{{ lot.lot.packing === 'loose' ? '' : `, ${lot.lot.packing}`
          }}{{ lot.lot.sieveMm ? `, sieved ${sieve(lot.lot.sieveMm)}` : '' }}{{ lot.lot.source ? ` · ${lot.lot.source}` : '' }}
        </p>
      </li>
    </ul>
    <p
      v-if="looking"
      role="status"
      class="no-print aside-note"
    >
      Looking at {{ looking.of }} of them… {{ looking.done }}
    </p>
    <MoreBelow
      class="no-print"
      :left="left"
      @more="more"
    />
  </div>
</template>

<style scoped>
.label-sheet { display: grid; grid-template-columns: repeat(auto-fill, minmax(16rem, 1fr)); gap: 1rem; align-items: start; }
@media print {
  .label-sheet { grid-template-columns: repeat(3, 1fr); gap: 3mm; }
}
</style>
