<script setup lang="ts">
import type { PhotoMark } from '#core/journal/garden'
import { firstAndLast } from '#core/side-by-side/pictures'
import type { KnownBatch } from '~/composables/useGarden'

/** The pictures of a batch in a row, latest first: small ones, and the whole of one where it is wanted. */
const { known } = defineProps<{ known: KnownBatch }>()
const pictures = usePictureStore()
const { day } = useSay()

const FIRST = 12
const all = ref(false)
const photos = computed(() => {
  const latest = [...known.batch.photos].reverse()
  return all.value ? latest : latest.slice(0, FIRST)
})
const urls = shallowRef<ReadonlyMap<string, string | undefined>>(new Map())
const idsOf = (marks: readonly PhotoMark[]) => marks.map(({ photoId }) => photoId)
watch(photos, async (marks, before) => {
  const taken = await Promise.all(idsOf(marks).map(async id => [id, await pictures.take(id)] as const))
  for (const id of idsOf(before ?? [])) pictures.giveBack(id)
  urls.value = new Map(taken)
}, { immediate: true })
onBeforeUnmount(() => idsOf(photos.value).forEach(id => pictures.giveBack(id)))

const seen = shallowRef<{ readonly photo: PhotoMark, readonly url: string }>()
async function look(photo: PhotoMark): Promise<void> {
  const url = await pictures.take(photo.photoId, true)
  if (url) seen.value = { photo, url }
}
const open = computed({
  get: () => seen.value !== undefined,
  set: (wanted: boolean) => {
    if (wanted || !seen.value) return
    pictures.giveBack(seen.value.photo.photoId, true)
    seen.value = undefined
  },
})
/** The same spot then and now. */
const pair = computed(() => firstAndLast(known.batch.photos))
const beside = ref(false)
const label = (photo: PhotoMark) => `${known.batch.name} on ${day(photo.at)}`
</script>

<template>
  <div v-if="photos.length > 0">
    <ul
      class="flex gap-3 overflow-x-auto py-2"
      aria-label="Pictures"
      tabindex="0"
    >
      <li
        v-for="photo in photos"
        :key="photo.eventId"
        class="shrink-0"
      >
        <button
          v-if="urls.get(photo.photoId)"
          type="button"
          :aria-label="`look at ${label(photo)}`"
          @click="look(photo)"
        >
          <img
            :src="urls.get(photo.photoId)"
            :alt="label(photo)"
            class="h-32 w-auto rounded-sm border border-default"
          >
        </button>
        <span
          v-else
          class="h-32 w-32 grid place-items-center text-center border border-default aside-note p-2"
        >Not in this browser</span>
        <span class="aside-note block">{{ day(photo.at) }}</span>
      </li>
      <li v-if="!all && known.batch.photos.length > FIRST">
        <button
          type="button"
          class="label-button"
          @click="all = true"
        >
          All {{ known.batch.photos.length }}
        </button>
      </li>
    </ul>
    <p v-if="pair">
      <button
        type="button"
        class="tap underline underline-offset-3 decoration-dotted"
        :aria-expanded="beside"
        data-beside
        @click="beside = !beside"
      >
        Then and now
      </button>
    </p>
    <PhotoPair
      v-if="pair && beside"
      :key="pair.left.photoId"
      :start="pair"
      :left="{ label: 'then', photos: known.batch.photos }"
      :right="{ label: 'now', photos: known.batch.photos }"
    />
    <UModal
      v-model:open="open"
      :title="seen ? label(seen.photo) : ''"
      description="The whole picture"
      fullscreen
    >
      <template #body>
        <img
          v-if="seen"
          :src="seen.url"
          :alt="label(seen.photo)"
          class="max-w-full max-h-[80dvh] mx-auto"
        >
      </template>
    </UModal>
  </div>
</template>
