<script setup lang="ts">
const store = useGardenStore()
const route = useRoute()
const router = useRouter()
const ready = ref(false)
/** The first pages stand alone; everything else has the way around beside it. */
const inGarden = computed(() => store.which !== undefined && !route.path.startsWith('/welcome'))

onMounted(async () => {
  const opened = await store.openRemembered()
  if (!opened && !route.path.startsWith('/welcome')) await router.replace('/welcome')
  ready.value = true
})
</script>

<template>
  <UApp>
    <HatchDefs />
    <AppShell v-if="ready && inGarden">
      <NuxtPage />
    </AppShell>
    <NuxtPage v-else-if="ready" />
    <main
      v-else
      class="p-6"
      aria-busy="true"
    >
      <h1>Wastrum</h1>
      <p class="aside-note">
        Opening the garden…
      </p>
    </main>
    <ShortcutSheet />
  </UApp>
</template>
