<script setup lang="ts">
import { BED_KIND } from '#core/beds/bed'
import type { NewEvent } from '#core/journal/event'
import { counted } from '#core/units/plural'

/** Closing a garden when its gardener moves: all that was written down stays, and goes along to the next one. */
const { store, standing, stored, settings } = useGarden()
const { beds } = useBeds()
const { record } = useRecorder()
const router = useRouter()
const sure = ref(false)
const shed = ref<'along' | 'stays'>('along')
const busy = ref(false)

const bedsPut = (removed: boolean, ids: readonly string[]) =>
  store.write(ids.map(id => ({ id, kind: BED_KIND, values: { removed } })))

async function close(): Promise<void> {
  busy.value = true
  const at = new Date().toISOString()
  const ids = beds.value.map(({ id }) => id)
  const left = shed.value === 'stays' ? stored.value : []
  const events: NewEvent[] = [
    ...standing.value.map(({ batch }) => ({ kind: 'took' as const, at, batchId: batch.id, products: [], ends: true, left: true as const })),
    ...left.map(({ lot, leftL }) => ({
      kind: 'stock-removed' as const, at, lotId: lot.id, litres: leftL, why: 'used-elsewhere' as const,
    })),
  ]
  const done = (events.length === 0 || await record(
    events, `${settings.value.gardenName || 'This garden'} is closed.`, 'Everything written down of it stays.',
    () => void bedsPut(false, ids),
  )) && (ids.length === 0 || (await bedsPut(true, ids)).ok)
  busy.value = false
  if (done) await router.push('/welcome/own')
}
</script>

<template>
  <section
    aria-labelledby="moving"
    class="section-rule space-y-3 max-w-2xl"
    data-moving
  >
    <h2 id="moving">
      Moving house
    </h2>
    <p>
      Closes this garden and begins the next. Its log stays in the yard; your materials, containers and all that was learned from what
      you made go along.
    </p>
    <button
      v-if="!sure"
      type="button"
      class="label-button"
      data-close-garden
      @click="sure = true"
    >
      Close this garden
    </button>
    <div
      v-else
      class="border-l-4 border-accented pl-3 space-y-3"
    >
      <p>
        {{ counted(standing.length, 'batch', 'batches') }} left where they stand, {{ counted(beds.length, 'bed', 'beds') }} put away.
        It can be taken back. Save a backup first if you like.
      </p>
      <ChoiceRow
        v-if="stored.length > 0"
        v-model="shed"
        label="What lies in the store"
        :choices="[{ id: 'along', label: 'comes along' }, { id: 'stays', label: 'stays here' }]"
      />
      <div class="flex flex-wrap gap-3">
        <button
          type="button"
          class="label-button strong"
          :disabled="busy"
          data-close-now
          @click="close"
        >
          Close it and begin the next
        </button>
        <button
          type="button"
          class="label-button"
          @click="sure = false"
        >
          Not now
        </button>
      </div>
    </div>
  </section>
</template>
