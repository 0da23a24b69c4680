<script setup lang="ts">
import type { KnownBatch } from '~/composables/useGarden'

/** The pictures of a batch in a row, latest first. */
const { known } = defineProps<{ known: KnownBatch }>()
const pictures = usePictureStore()
const { day } = useSay()

const photos = computed(() => [...known.batch.photos].reverse())
const urls = shallowRef<ReadonlyMap<string, string | undefined>>(new Map())
const idsOf = (marks: typeof photos.value) => marks.map(({ photoId }) => photoId)
watch(photos, async (marks, before) => {
  const taken = await Promise.all(idsOf(marks).map(async id => [id, await pictures.take(id)] as const))
  for (const id of idsOf(before ?? [])) pictures.giveBack(id)
  urls.value = new Map(taken)
}, { immediate: true })
onBeforeUnmount(() => idsOf(photos.value).forEach(id => pictures.giveBack(id)))
</script>

<template>
  <ul
    v-if="photos.length > 0"
    class="flex gap-3 overflow-x-auto py-2"
    aria-label="Pictures"
    tabindex="0"
  >
    <li
      v-for="photo in photos"
      :key="photo.eventId"
      class="shrink-0"
    >
      <a
        v-if="urls.get(photo.photoId)"
        :href="urls.get(photo.photoId)"
        target="_blank"
        rel="noopener"
      ><img
        :src="urls.get(photo.photoId)"
        :alt="`${known.batch.name} on ${day(photo.at)}`"
        class="h-32 w-auto rounded-sm border border-default"
      ></a>
      <span
        v-else
        class="h-32 w-32 grid place-items-center text-center border border-default aside-note p-2"
      >Not in this browser</span>
      <span class="aside-note">{{ day(photo.at) }}</span>
    </li>
  </ul>
</template>
