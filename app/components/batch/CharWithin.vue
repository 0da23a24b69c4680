<script setup lang="ts">
import { charInBatchL } from '#core/lots/kept-share'
import type { KnownBatch } from '~/composables/useGarden'

/** Char that travels with a batch: it comes out as it went in, and counts on the beds. */
const { known } = defineProps<{ known: KnownBatch }>()
const { store, materials } = useGarden()
const { quantity } = useSay()
const LEAST_L = 0.5
const litres = computed(() => known.method.life.carriesChar ? charInBatchL(store.journal.garden, known.batch, materials.value) : 0)
</script>

<template>
  <p
    v-if="litres >= LEAST_L"
    class="aside-note"
    data-char-within
  >
    {{ quantity('volume', litres) }} of char {{ known.batch.ended ? 'went through with it' : 'travel with it' }}: char does not decay, so
    what comes out holds all of it, and the beds count it.
  </p>
</template>
