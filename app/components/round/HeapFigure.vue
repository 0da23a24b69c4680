<script setup lang="ts">
import type { KnownBatch } from '~/composables/useGarden'

/** One heap of the row: its cutaway, its name and how it is. */
const { known, pxPerMetre } = defineProps<{ known: KnownBatch, pxPerMetre: number }>()
const { surroundings } = useGarden()
const { quantity } = useSay()
const { standing, strata, heightM, builtM, coreC, day, today } = useBatchView(() => known)

const TONES = { good: 'text-primary', mind: 'text-warning', bad: 'text-error' } as const
const ambientC = computed(() => surroundings.value.ambientC(surroundings.value.now))
</script>

<template>
  <li class="shrink-0 text-center -mr-px">
    <NuxtLink
      :to="`/batch/${known.batch.id}`"
      class="block hover:bg-muted rounded-sm"
    >
      <CutawayDrawing
        class="mx-auto !max-w-none block"
        :vessel="known.batch.built.vessel"
        :layers="strata"
        :fill-m="heightM"
        :built-m="builtM"
        :core-c="coreC"
        :ambient-c="ambientC"
        :used-share="today?.usedShare"
        :px-per-metre="pxPerMetre"
        :label="`${known.batch.name}, ${quantity('length', heightM)} high${coreC === undefined ? '' : `, core about ${quantity('temperature', coreC)}`}`"
      />
      <span class="heap-caption block px-1 pt-1 leading-tight">
        <span class="block font-semibold text-highlighted">{{ known.batch.name }}</span>
        <span
          class="block font-semibold"
          :class="TONES[standing.tone]"
        >{{ standing.label }}</span>
        <span class="aside-note">day {{ Math.floor(day) }}<template v-if="coreC !== undefined"> · {{ quantity('temperature', coreC) }}</template></span>
      </span>
    </NuxtLink>
  </li>
</template>

<style scoped>
.heap-caption { height: 4.6rem; }
</style>
