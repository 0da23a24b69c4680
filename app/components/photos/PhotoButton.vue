<script setup lang="ts">
import type { KnownBatch } from '~/composables/useGarden'

/** A picture from the camera or a file. */
const { known } = defineProps<{ known: KnownBatch }>()
const { take, trouble, busy } = usePhotos()

async function chosen(event: Event): Promise<void> {
  const field = event.target as HTMLInputElement
  const file = field.files?.[0]
  if (file) await take(known, file, new Date().toISOString())
  field.value = ''
}
</script>

<template>
  <span class="contents">
    <label
      class="label-button focus-within:outline-3 focus-within:outline-info"
      :aria-busy="busy"
    >
      <UIcon
        name="i-ph-camera"
        class="size-5"
      />
      Picture
      <input
        type="file"
        accept="image/*"
        class="sr-only"
        @change="chosen"
      >
    </label>
    <span
      v-if="trouble"
      role="alert"
      class="border-l-4 border-error pl-3 basis-full"
    >{{ trouble }}</span>
  </span>
</template>
