<script setup lang="ts">
import { mayWait, type RoundTask } from '#core/garden/round'
import type { KnownBatch } from '~/composables/useGarden'

/** All that stands at one place: what presses with its steps, the rest in a line each; what looks fine there is ticked at once. */
export interface RoundStop { readonly known: KnownBatch, readonly tasks: readonly RoundTask[] }
const { place, stops, calm } = defineProps<{
  place: string
  stops: readonly RoundStop[]
  /** A long round: one line where nothing presses. */ calm: boolean
}>()
const { looksFine } = useTasks()
const quiet = computed(() => calm ? stops.filter(({ tasks }) => tasks.every(mayWait)) : [])
const fine = computed(() => quiet.value.length > 1 ? 'all look fine' : 'looks fine')
const pressing = computed(() => stops.filter(stop => !quiet.value.includes(stop)))
</script>

<template>
  <li :data-place="place">
    <div
      v-if="place && calm"
      class="flex items-center gap-x-3 pt-2"
    >
      <h3 class="aside-note flex-1 min-w-0">
        {{ place }}
      </h3>
      <button
        v-if="quiet.length > 0"
        type="button"
        class="tap underline underline-offset-3 decoration-dotted"
        :aria-label="`${fine}, ${place}: ${quiet.map(({ known }) => known.batch.name).join(', ')}`"
        data-looks-fine
        @click="looksFine(place, quiet)"
      >
        {{ fine }}
      </button>
    </div>
    <ul>
      <BatchStop
        v-for="stop in pressing"
        :key="stop.known.batch.id"
        :known="stop.known"
        :tasks="stop.tasks"
        :brief="calm"
      />
      <QuietStop
        v-for="stop in quiet"
        :key="stop.known.batch.id"
        :known="stop.known"
        :tasks="stop.tasks"
      />
    </ul>
  </li>
</template>
