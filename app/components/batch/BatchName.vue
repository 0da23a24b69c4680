<script setup lang="ts">
import type { NewEvent } from '#core/journal/event'
import type { Batch } from '#core/journal/garden'
import { sitesFor, type Method } from '#core/methods/contract'
import type { Site } from '#core/vessel/site'

/** The name of a batch, where it stands and in what; each can be set right. */
const { batch, method = undefined } = defineProps<{ batch: Batch, method?: Method }>()
const { record } = useRecorder()
const editing = ref(false)
const name = ref(batch.name)
const place = ref(batch.place)
const site = shallowRef<Site | undefined>(batch.began?.site)
const sites = computed(() => method && batch.began ? sitesFor(method, batch.began.approachId) : [])

async function save(): Promise<void> {
  const given = name.value.trim()
  if (!given) return
  const at = new Date().toISOString()
  const events: NewEvent[] = [
    ...(given === batch.name && place.value.trim() === batch.place
      ? []
      : [{ kind: 'renamed' as const, at, batchId: batch.id, name: given, place: place.value.trim() }]),
    // It always stood in that: set right, not moved.
    ...(site.value && batch.began && JSON.stringify(site.value) !== JSON.stringify(batch.began.site)
      ? [{ kind: 'sited' as const, at: batch.began.at, batchId: batch.id, site: site.value }]
      : []),
  ]
  const done = events.length === 0 || await record(events, `${given} is set right.`)
  if (done) editing.value = false
}
</script>

<template>
  <form
    v-if="editing"
    class="flex flex-wrap gap-3 items-end"
    @submit.prevent="save"
  >
    <label>
      <span class="field-label">Name</span>
      <input
        v-model="name"
        class="text-field"
        maxlength="80"
        required
      >
    </label>
    <label>
      <span class="field-label">Where it stands</span>
      <input
        v-model="place"
        class="text-field"
        maxlength="80"
      >
    </label>
    <details
      v-if="site && sites.length > 0"
      class="w-full"
    >
      <summary class="tap flex items-center cursor-pointer underline underline-offset-3 decoration-dotted">
        What it stands in
      </summary>
      <SiteEntry
        v-model="site"
        :sites="sites"
      />
    </details>
    <button class="label-button strong">
      Keep
    </button>
    <button
      type="button"
      class="label-button plain"
      @click="editing = false"
    >
      As it was
    </button>
  </form>
  <div
    v-else
    class="flex items-center gap-2"
  >
    <h1>{{ batch.name }}</h1>
    <span class="aside-note">{{ batch.place }}</span>
    <button
      type="button"
      class="tap grid place-items-center"
      aria-label="change name and place"
      @click="editing = true"
    >
      <UIcon
        name="i-ph-pencil-simple"
        class="size-5"
      />
    </button>
  </div>
</template>
