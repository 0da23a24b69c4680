<script setup lang="ts">
import type { KnownBatch } from '~/composables/useGarden'

/** Taking a batch down. */
const known = useRouteBatch()
/** Once it is finished there is nothing more to enter; the page must not jump while it leaves. */
const opened = shallowRef<KnownBatch>()
watchEffect(() => { opened.value ??= known.value })
</script>

<template>
  <FinishForm
    v-if="opened"
    :known="opened"
  />
  <NoBatch v-else />
</template>
