<script setup lang="ts">
import type { GardenEvent } from '#core/journal/event'

/** Every picture that is kept in this browser: what of, how much room, and the way to be rid of it. */
const { store } = useGarden()
const pictures = usePictureStore()
const { day } = useSay()

type Mark = Extract<GardenEvent, { kind: 'photographed' }>
interface Kept { readonly id: string, readonly mark: Mark | undefined }

const PAGE = 12
const ids = shallowRef<readonly string[]>([])
const shown = ref(PAGE)
const urls = shallowRef<ReadonlyMap<string, string | undefined>>(new Map())
const asked = ref<string>()
const trouble = ref('')

const marks = computed(() => {
  const known = new Map<string, Mark>()
  for (const { photos } of store.journal.garden.batches.values()) {
    for (const { eventId, photoId } of photos) {
      const event = store.journal.events.get(eventId)
      if (event?.kind === 'photographed') known.set(photoId, event)
    }
  }
  return known
})
/** Latest first; those that nothing shows any more come before all, for they are the first to go. */
const kept = computed<Kept[]>(() =>
  ids.value.map(id => ({ id, mark: marks.value.get(id) })).sort((a, b) => (b.mark?.at ?? '9').localeCompare(a.mark?.at ?? '9')),
)
const page = computed(() => kept.value.slice(0, shown.value))
const bytes = computed(() => [...marks.value.values()].reduce((sum, mark) => sum + mark.bytes, 0))
const stray = computed(() => kept.value.filter(({ mark }) => !mark))
const nameOf = ({ mark }: Kept) =>
  mark ? `${store.journal.garden.batches.get(mark.batchId)?.name ?? 'a batch'}, ${day(mark.at)}` : 'of nothing that stands in a log'

async function refresh(): Promise<void> {
  const found = await store.shelfNow().photoIds()
  if (found.ok) ids.value = found.value
}
onMounted(refresh)
watch(() => store.which, refresh)
watch(() => store.imported, refresh)
watch(page, async (now, before) => {
  const gone = (before ?? []).filter(({ id }) => !now.some(one => one.id === id))
  const come = now.filter(({ id }) => !urls.value.has(id))
  for (const { id } of gone) pictures.giveBack(id)
  const fresh = await Promise.all(come.map(async ({ id }) => [id, await pictures.take(id)] as const))
  urls.value = new Map([...urls.value, ...fresh].filter(([id]) => now.some(one => one.id === id)))
}, { immediate: true })
onBeforeUnmount(() => page.value.forEach(({ id }) => pictures.giveBack(id)))

async function remove(gone: readonly string[]): Promise<void> {
  const done = await store.shelfNow().removePhotos(gone)
  trouble.value = done.ok ? '' : 'The picture could not be deleted. It is still there; try again.'
  asked.value = undefined
  await refresh()
}
</script>

<template>
  <section
    v-if="ids.length > 0"
    id="pictures"
    aria-labelledby="pictures-title"
    class="section-rule space-y-3"
  >
    <h2 id="pictures-title">
      Pictures
    </h2>
    <p>
      {{ ids.length }} {{ ids.length === 1 ? 'picture is' : 'pictures are' }} kept in this browser, about
      {{ Math.max(1, Math.round(bytes / 1e6)) }} MB. A deleted one is gone for good, unless a backup with pictures holds it; its line in the
      log stays.
    </p>
    <p
      v-if="trouble"
      role="alert"
      class="caution"
    >
      {{ trouble }}
    </p>
    <p
      v-if="stray.length > 0"
      class="flex flex-wrap gap-3 items-center"
    >
      {{ stray.length }} {{ stray.length === 1 ? 'is' : 'are' }} of nothing that stands in a log any more.
      <button
        type="button"
        class="label-button"
        @click="asked === 'stray' ? remove(stray.map(({ id }) => id)) : asked = 'stray'"
      >
        {{ asked === 'stray' ? 'Yes, delete them for good' : 'Delete those' }}
      </button>
    </p>
    <ul class="grid grid-cols-2 sm:grid-cols-3 lg:grid-cols-4 gap-4">
      <li
        v-for="one in page"
        :key="one.id"
        data-picture
      >
        <img
          v-if="urls.get(one.id)"
          :src="urls.get(one.id)"
          :alt="nameOf(one)"
          class="w-full h-32 object-cover rounded-sm border border-default"
        >
        <span class="block break-words">{{ nameOf(one) }}</span>
        <button
          type="button"
          class="label-button"
          :class="asked === one.id ? 'strong' : 'plain'"
          :aria-label="`${asked === one.id ? 'delete for good' : 'delete'}: ${nameOf(one)}`"
          @click="asked === one.id ? remove([one.id]) : asked = one.id"
        >
          {{ asked === one.id ? 'Delete for good' : 'Delete' }}
        </button>
      </li>
    </ul>
    <button
      v-if="shown < kept.length"
      type="button"
      class="label-button"
      @click="shown += PAGE"
    >
      Show {{ Math.min(PAGE, kept.length - shown) }} more
    </button>
  </section>
</template>
