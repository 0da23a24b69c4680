<script setup lang="ts">
/** The garden as files: out, in, and back again. */
const store = useGardenStore()
const { state, saved, look, take, takeBack, save, saveWithPictures, savePart, stop, rest } = useFiles()
const { moment } = useSay()
const pictured = computed(() => [...store.journal.garden.batches.values()].some(({ photos }) => photos.length > 0))
const working = computed(() => state.value.kind === 'working' ? state.value : undefined)
const { lastSaid } = useLastBackup()
const room = ref('')
/** The browser may clear what it did not promise to keep; in a private window it always does. */
const unpromised = ref(false)
onMounted(async () => {
  unpromised.value = store.which === 'own' && store.lasting && await navigator.storage?.persisted?.() === false
  const estimate = await navigator.storage?.estimate?.()
  if (estimate?.quota && estimate.usage !== undefined)
    room.value = `About ${Math.max(1, Math.round(estimate.usage / 1e6))} MB of the browser's room is used.`
})

const handed = useHandedFile()
// The page may be drawn anew on its way into the frame: only the one that stays has taken the file.
let here = true
onBeforeUnmount(() => { here = false })
onMounted(async () => {
  if (!handed.value) return
  await look(handed.value)
  if (here) handed.value = undefined
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
    <p>
      Everything is in this browser alone. A backup is one file that holds all of it; keep it somewhere else now and then.
      <span class="aside-note">{{ room }}</span>
    </p>
    <p data-last-backup>
      {{ lastSaid }}
    </p>
    <p
      v-if="unpromised"
      data-unpromised
    >
      Your phone or browser may delete it when room is short: save a copy. A private window forgets everything when it is closed.
    </p>
    <div class="flex flex-wrap gap-3">
      <button
        type="button"
        class="label-button strong"
        :disabled="working !== undefined"
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
        :disabled="working !== undefined"
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
          data-backup-file
          :disabled="working !== undefined"
          @change="chosen"
        >
      </label>
    </div>
    <WorkingNote
      v-if="working"
      :what="working.what"
      :at="working.at"
      :share="working.share"
      @stop="stop"
    />
    <div
      v-else-if="state.kind === 'failed'"
      role="alert"
      class="border-l-4 border-error pl-3"
      data-import-trouble
    >
      <p class="font-semibold">
        Nothing was changed.
      </p>
      <p class="break-words">
        {{ state.message }}
      </p>
    </div>
    <SaveParts
      v-else-if="state.kind === 'planned'"
      :plan="state.plan"
      :saved="saved"
      @save="savePart(state.plan, $event)"
      @done="rest"
    />
    <BackupPreview
      v-else-if="state.kind === 'seen'"
      :preview="state.preview"
      @take="take"
      @leave="rest"
    />
    <TakenNote
      v-else-if="state.kind === 'taken'"
      :taken="state.taken"
    />
    <p
      v-if="store.imported"
      class="flex flex-wrap gap-3 items-center"
      role="status"
    >
      <span>A backup was read in{{ store.imported.takenAt ? ` at ${moment(store.imported.takenAt)}` : '' }}.</span>
      <button
        type="button"
        class="label-button"
        :disabled="working !== undefined"
        @click="takeBack"
      >
        Take that back
      </button>
      <span class="aside-note">What was recorded since stays.</span>
    </p>
  </div>
</template>
