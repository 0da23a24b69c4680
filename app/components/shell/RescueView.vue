<script setup lang="ts">
import { strangeEntry } from '#core/formats/backup/odd'

/** A garden of which something cannot be told: what it is, and the ways on. Everything else stands, and nothing is lost. */
const store = useGardenStore()
const emit = defineEmits<{ on: [] }>()
const { state, save, takeBack, stop } = useFiles()
const { moment } = useSay()
const working = computed(() => state.value.kind === 'working' ? state.value : undefined)

const entries = computed(() => [...store.journal.leftOut].flatMap(([id, why]) => {
  const event = store.journal.events.get(id)
  if (!event) return []
  const batch = 'batchId' in event && event.batchId !== undefined ? store.journal.garden.batches.get(event.batchId) : undefined
  return [{ id, ...strangeEntry(event, batch?.name || undefined, why) }]
}))
const busy = ref(false)

async function leaveOut(): Promise<void> {
  busy.value = true
  await store.undo(entries.value.map(({ id }) => id))
  busy.value = false
}
</script>

<template>
  <main
    class="mx-auto max-w-2xl p-6 space-y-5"
    data-rescue
  >
    <h1>Something in your garden cannot be read</h1>
    <p>
      Wastrum stumbles over {{ entries.length === 1 ? 'one entry' : `${entries.length} entries` }}. Everything else is here, and nothing is
      lost: the {{ entries.length === 1 ? 'entry stays' : 'entries stay' }} in your garden's file.
    </p>
    <ul class="list-disc pl-5">
      <li
        v-for="entry in entries.slice(0, 20)"
        :key="entry.id"
        class="break-words"
      >
        {{ entry.what }}
        <details>
          <summary class="tap aside-note">
            For whoever mends it
          </summary>
          <code class="text-[0.82rem] break-all">{{ entry.technical }}</code>
        </details>
      </li>
    </ul>
    <p
      v-if="store.trouble"
      role="alert"
      class="caution"
    >
      {{ store.trouble.message }}
    </p>
    <WorkingNote
      v-if="working"
      :what="working.what"
      :at="working.at"
      :share="working.share"
      @stop="stop"
    />
    <ul
      v-else
      class="space-y-3"
    >
      <li class="flex flex-wrap gap-x-3 items-center">
        <button
          type="button"
          class="label-button"
          @click="save"
        >
          Save a backup
        </button>
        <span class="aside-note">first of all: it holds everything, also this</span>
      </li>
      <li
        v-if="store.imported"
        class="flex flex-wrap gap-x-3 items-center"
      >
        <button
          type="button"
          class="label-button"
          @click="takeBack"
        >
          Take back the last import
        </button>
        <span class="aside-note">of {{ store.imported.takenAt ? moment(store.imported.takenAt) : 'earlier' }}, if it came with that</span>
      </li>
      <li class="flex flex-wrap gap-x-3 items-center">
        <button
          type="button"
          class="label-button"
          :disabled="busy"
          @click="leaveOut"
        >
          Leave {{ entries.length === 1 ? 'the entry' : 'these entries' }} out for good
        </button>
        <span class="aside-note">as if taken back</span>
      </li>
      <li class="flex flex-wrap gap-x-3 items-center">
        <button
          type="button"
          class="label-button strong"
          @click="emit('on')"
        >
          Go on without {{ entries.length === 1 ? 'it' : 'them' }}
        </button>
        <span class="aside-note">for now; it is asked again next time</span>
      </li>
    </ul>
  </main>
</template>
