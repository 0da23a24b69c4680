<script setup lang="ts">
import { aboutText, ageText, isDayKnown } from '#core/methods/contract'
import { daysBetween } from '#core/units/time'
import type { KnownBatch } from '~/composables/useGarden'
import type { BatchLook } from '~/composables/useLooks'

/** One batch of the row: its cutaway, its name and how it is. */
const { known, look, pxPerMetre } = defineProps<{ known: KnownBatch, look: BatchLook, pxPerMetre: number }>()
const { clock } = useGarden()
const day = computed(() => Math.max(0, daysBetween(known.batch.began.at, clock.value)))

const TONES = { good: 'text-primary', mind: 'text-warning', bad: 'text-error' } as const
const age = computed(() =>
  !isDayKnown(known.batch.began)
    ? `about ${aboutText(day.value)}`
    : day.value < 2
      ? `${Math.round(day.value * 24)} h`
      : ageText(known.batch, day.value).toLowerCase(),
)
</script>

<template>
  <li class="shrink-0 text-center -mr-px">
    <NuxtLink
      :to="`/batch/${known.batch.id}`"
      class="block hover:bg-muted rounded-sm"
    >
      <PictureDrawing
        class="mx-auto !max-w-none block"
        :picture="look.picture"
        :px-per-metre="pxPerMetre"
        when-seen
      />
      <span class="heap-caption block px-1 pt-1 leading-tight">
        <span class="block font-semibold text-highlighted">{{ known.batch.name }}</span>
        <span
          class="block font-semibold"
          :class="TONES[look.standing.tone]"
        >{{ look.standing.label }}</span>
        <span class="aside-note">{{
          age
        }}<template v-if="look.standing.figure && look.standing.figure !== age"> · {{ look.standing.figure }}</template></span>
      </span>
    </NuxtLink>
  </li>
</template>

<style scoped>
.heap-caption { min-height: 4.6rem; max-width: 11rem; margin-inline: auto; }
</style>
