<script setup lang="ts">
const store = useGardenStore()
const route = useRoute()
const router = useRouter()
const ready = ref(false)
/** The first pages stand alone; everything else has the way around beside it. */
const inGarden = computed(() => store.which !== undefined && !route.path.startsWith('/welcome'))
/** What cannot be told is said before anything else, once a visit. */
const goesOn = ref(false)
/** A garden that could not be read is not shown as an empty one. */
const goesOnUnread = ref(false)
const unread = computed(() => inGarden.value && store.unread !== undefined && !goesOnUnread.value)
const rescue = computed(() => inGarden.value && store.journal.leftOut.size > 0 && !goesOn.value)

/** Longer than this nobody looks at one line without a word. */
const PATIENCE_MS = 6000
const slow = ref(false)

onMounted(async () => {
  const waiting = setTimeout(() => { slow.value = true }, PATIENCE_MS)
  const opened = await store.openRemembered()
  clearTimeout(waiting)
  const empty = store.lasting && !store.unread && store.journal.events.size === 0 && store.documents.length === 0
  if ((!opened || empty) && !route.path.startsWith('/welcome')) await router.replace('/welcome')
  ready.value = true
})
const again = () => location.reload()

/** Every view has its name, the batch or the material first: "Apple bay, label – Wastrum". */
useHead({
  title: computed(() => {
    const { title } = route.meta
    return [nameOf(route.params.id), title].filter(Boolean).join(', ') || undefined
  }),
  titleTemplate: title => title ? `${title} – Wastrum` : 'Wastrum',
})
function nameOf(id: unknown): string | undefined {
  return typeof id === 'string' && store.which ? store.journal.garden.batches.get(id)?.name : undefined
}
</script>

<template>
  <UApp>
    <HatchDefs />
    <LazyUnreadView
      v-if="ready && unread"
      @on="goesOnUnread = true"
    />
    <LazyRescueView
      v-else-if="ready && rescue"
      @on="goesOn = true"
    />
    <LazyAppShell v-else-if="ready && inGarden">
      <NuxtPage />
    </LazyAppShell>
    <NuxtPage v-else-if="ready" />
    <main
      v-else
      class="p-6 space-y-3"
      aria-busy="true"
    >
      <h1>Wastrum</h1>
      <p class="aside-note">
        Opening the garden…<template v-if="store.opened > 0">
          {{ Math.round(store.opened * 100) }} %
        </template>
      </p>
      <template v-if="slow">
        <p>This takes longer than usual. Your garden is safe; another tab of Wastrum may be busy with it.</p>
        <button
          type="button"
          class="label-button"
          @click="again"
        >
          Try again
        </button>
      </template>
    </main>
    <QuietPart v-if="store.which">
      <LazyShortcutSheet />
    </QuietPart>
  </UApp>
</template>
