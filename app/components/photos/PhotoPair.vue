<script setup lang="ts">
import type { PhotoMark } from '#core/journal/garden'
import type { PicturePair } from '#core/side-by-side/pictures'

/** Two pictures beside each other, each with a choice of its day: the same spot along time, or two sides of a trial. */
const { start, left, right } = defineProps<{
  start: PicturePair
  left: { readonly label: string, readonly photos: readonly PhotoMark[] }
  right: { readonly label: string, readonly photos: readonly PhotoMark[] }
}>()
const pictures = usePictureStore()
const { day } = useSay()
const chosen = ref<readonly [string, string]>([start.left.photoId, start.right.photoId])
const urls = shallowRef<ReadonlyMap<string, string | undefined>>(new Map())
watch(chosen, async (ids, before) => {
  const taken = await Promise.all(ids.map(async id => [id, await pictures.take(id)] as const))
  before?.forEach(id => pictures.giveBack(id))
  urls.value = new Map(taken)
}, { immediate: true })
onBeforeUnmount(() => chosen.value.forEach(id => pictures.giveBack(id)))

const sides = computed(() => [left, right].map((side, at) => ({ ...side, id: chosen.value[at as 0 | 1] })))
function choose(at: number, id: string): void {
  chosen.value = at === 0 ? [id, chosen.value[1]] : [chosen.value[0], id]
}
</script>

<template>
  <ul
    class="grid grid-cols-2 gap-3 max-w-2xl"
    aria-label="Pictures beside each other"
    data-photo-pair
  >
    <li
      v-for="(side, at) in sides"
      :key="at"
      class="min-w-0"
    >
      <img
        v-if="urls.get(side.id)"
        :src="urls.get(side.id)"
        :alt="side.label"
        class="w-full aspect-[4/3] object-cover rounded-sm border border-default"
      >
      <span
        v-else
        class="w-full aspect-[4/3] grid place-items-center text-center border border-default aside-note p-2"
      >Not in this browser</span>
      <label class="block">
        <span class="field-label">{{ side.label }}</span>
        <select
          class="text-field w-full"
          :value="side.id"
          @change="choose(at, ($event.target as HTMLSelectElement).value)"
        >
          <option
            v-for="photo in side.photos"
            :key="photo.photoId"
            :value="photo.photoId"
          >
            {{ day(photo.at) }}
          </option>
        </select>
      </label>
    </li>
  </ul>
</template>
