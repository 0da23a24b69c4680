<script setup lang="ts">
import type { KnownBatch } from '~/composables/useGarden'

definePageMeta({ title: 'Taking it out' })

/** Taking something out of a batch, or all of it. */
const known = useRouteBatch()
/** Once it is finished there is nothing more to enter; the page must not jump while it leaves. */
const opened = shallowRef<KnownBatch>()
watchEffect(() => { opened.value ??= known.value })
</script>

<template>
  <TakeForm
    v-if="opened"
    :known="opened"
  />
  <NoBatch v-else />
</template>
