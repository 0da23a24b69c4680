<script setup lang="ts">
/** The garden as a file: out, in, and back again. */
const store = useGardenStore()
const { save, saveWithPictures, look, take, takeBack, preview, troubles } = useBackup()
const { moment } = useSay()
const pictured = computed(() => [...store.journal.garden.batches.values()].some(({ photos }) => photos.length > 0))
const room = ref('')
onMounted(async () => {
  const estimate = await navigator.storage?.estimate?.()
  if (estimate?.quota && estimate.usage !== undefined) room.value = `About ${Math.max(1, Math.round(estimate.usage / 1e6))} MB of the browser's room is used.`
})

async function chosen(event: Event): Promise<void> {
  const field = event.target as HTMLInputElement
  const file = field.files?.[0]
  if (file) await look(file)
  field.value = ''
}
</script>

<template>
  <div class="space-y-4 max-w-2xl">
    <p>Everything is in this browser alone. A backup is one file that holds all of it; keep it somewhere else now and then. <span class="aside-note">{{ room }}</span></p>
    <div class="flex flex-wrap gap-3">
      <button
        type="button"
        class="label-button strong"
        @click="save"
      >
        <UIcon
          name="i-ph-download-simple"
          class="size-5"
        />
        Save a backup
      </button>
      <button
        v-if="pictured"
        type="button"
        class="label-button"
        @click="saveWithPictures"
      >
        <UIcon
          name="i-ph-images"
          class="size-5"
        />
        With its pictures
      </button>
      <label class="label-button focus-within:outline-3 focus-within:outline-info">
        <UIcon
          name="i-ph-upload-simple"
          class="size-5"
        />
        Read a backup
        <input
          type="file"
          accept=".json,.zip,application/json,application/zip"
          class="sr-only"
          @change="chosen"
        >
      </label>
    </div>
    <div
      v-if="troubles.length > 0"
      role="alert"
      class="border-l-4 border-error pl-3"
      data-import-trouble
    >
      <p class="font-semibold">
        Nothing was changed.
      </p>
      <p
        v-for="trouble in troubles"
        :key="trouble"
        class="break-words"
      >
        {{ trouble }}
      </p>
    </div>
    <div
      v-if="preview"
      class="border-l-4 border-accented pl-3 space-y-2"
      data-import-preview
    >
      <p>
        <strong class="font-semibold break-all">{{ preview.fileName }}</strong> holds {{ preview.batches }} in {{ preview.backup.events.length }} entries<template v-if="preview.gardenName">
          of “{{ preview.gardenName }}”
        </template>; {{ preview.fresh }} {{ preview.fresh === 1 ? 'is' : 'are' }} not here yet.<template v-if="preview.pictures > 0">
          {{ preview.pictures }} {{ preview.pictures === 1 ? 'picture comes' : 'pictures come' }} with it.
        </template>
      </p>
      <div class="flex flex-wrap gap-3">
        <button
          type="button"
          class="label-button"
          @click="take('merge')"
        >
          Add to what is here
        </button>
        <button
          type="button"
          class="label-button"
          @click="take('replace')"
        >
          Put in its place
        </button>
        <button
          type="button"
          class="label-button plain"
          @click="preview = undefined"
        >
          Leave it
        </button>
      </div>
    </div>
    <p
      v-if="store.keepsake"
      class="flex flex-wrap gap-3 items-center"
      role="status"
    >
      <span>A backup was read in at {{ moment(store.keepsake.takenAt) }}.</span>
      <button
        type="button"
        class="label-button"
        @click="takeBack"
      >
        Take that back
      </button>
      <span class="aside-note">What was recorded since stays.</span>
    </p>
  </div>
</template>
