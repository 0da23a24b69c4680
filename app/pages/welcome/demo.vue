<script setup lang="ts">
definePageMeta({ title: 'The demo garden' })
/** Straight into the demo garden: the address that the demo command prints. */
const store = useGardenStore()
const router = useRouter()

const route = useRoute()
/** `?years=20` lays out a long garden instead, made by a seed. */
const years = Math.min(40, Math.max(0, Number(route.query.years) || 0))

onMounted(async () => {
  await store.open('demo', years)
  if (years > 0) await layOutPictures(store)
  await router.replace('/')
})
</script>

<template>
  <main
    class="p-6"
    aria-busy="true"
  >
    <h1>Demo garden</h1>
    <p class="aside-note">
      Laying it out…<template v-if="store.opened > 0">
        {{ Math.round(store.opened * 100) }} %
      </template>
    </p>
  </main>
</template>
