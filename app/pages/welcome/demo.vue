<script setup lang="ts">
/** Straight into the demo garden: the address that the demo command prints. */
const store = useGardenStore()
const router = useRouter()

onMounted(async () => {
  await store.open('demo')
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
      Laying it out…
    </p>
  </main>
</template>
