<script setup lang="ts">
import type { Batch } from '#core/journal/garden'

/** The name of a batch and where it stands; both can be changed. */
const { batch } = defineProps<{ batch: Batch }>()
const { record } = useRecorder()
const editing = ref(false)
const name = ref(batch.name)
const place = ref(batch.place)

async function save(): Promise<void> {
  const given = name.value.trim()
  if (!given) return
  const done = await record(
    { kind: 'renamed', at: new Date().toISOString(), batchId: batch.id, name: given, place: place.value.trim() },
    `Now called ${given}.`,
  )
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
