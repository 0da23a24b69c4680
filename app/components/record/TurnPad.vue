<script setup lang="ts">
import type { KnownBatch } from '~/composables/useGarden'

/** Turned: one tap, with what to mind beside it. */
const { known } = defineProps<{ known: KnownBatch }>()
const emit = defineEmits<{ done: [] }>()
const { turned } = useQuickRecord()
const at = useMoment()

async function save(): Promise<void> {
  if (await turned(known, at())) emit('done')
}
</script>

<template>
  <div class="space-y-2">
    <p>Outside to the inside, mats broken up, water where it is dry.</p>
    <button
      type="button"
      class="label-button strong"
      @click="save"
    >
      Turned
    </button>
    <p
      v-for="caution in known.method.cautions.turning"
      :key="caution"
      class="caution"
    >
      {{ caution }}
    </p>
  </div>
</template>
