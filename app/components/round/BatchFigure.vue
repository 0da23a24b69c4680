<script setup lang="ts">
import type { KnownBatch } from '~/composables/useGarden'

/** One batch of the row: its cutaway, its name and how it is. */
const { known, pxPerMetre } = defineProps<{ known: KnownBatch, pxPerMetre: number }>()
const { standing, picture, day } = useBatchView(() => known)

const TONES = { good: 'text-primary', mind: 'text-warning', bad: 'text-error' } as const
const age = computed(() => day.value < 2 ? `${Math.round(day.value * 24)} h` : day.value < 120 ? `day ${Math.floor(day.value)}` : `month ${Math.floor(day.value / 30.4)}`)
</script>

<template>
  <li class="shrink-0 text-center -mr-px">
    <NuxtLink
      :to="`/batch/${known.batch.id}`"
      class="block hover:bg-muted rounded-sm"
    >
      <PictureDrawing
        class="mx-auto !max-w-none block"
        :picture="picture"
        :px-per-metre="pxPerMetre"
      />
      <span class="heap-caption block px-1 pt-1 leading-tight">
        <span class="block font-semibold text-highlighted">{{ known.batch.name }}</span>
        <span
          class="block font-semibold"
          :class="TONES[standing.tone]"
        >{{ standing.label }}</span>
        <span class="aside-note">{{ age }}<template v-if="standing.figure && standing.figure !== age"> · {{ standing.figure }}</template></span>
      </span>
    </NuxtLink>
  </li>
</template>

<style scoped>
.heap-caption { min-height: 4.6rem; max-width: 11rem; margin-inline: auto; }
</style>
