<script setup lang="ts">
import type { Bed } from '#core/beds/bed'
import { BEDS } from '#core/beds/constants'
import type { KnownBatch } from '~/composables/useGarden'

/** Ground that a batch has made into a bed: kept as one with a tap, or the bed it lies on. */
const { known } = defineProps<{ known: KnownBatch }>()
const { beds, save } = useBeds()
const { surroundings } = useGarden()
const site = computed(() => known.batch.began.site)
const bed = computed(() => beds.value.find(({ id, name }) => ('id' in site.value && id === site.value.id) || name === known.batch.name))
const ground = computed<Bed['ground'] | undefined>(() =>
  site.value.kind === 'area'
    ? site.value.ground
    : site.value.kind === 'frame'
      ? { shape: 'rectangle', widthM: site.value.widthM, lengthM: site.value.depthM }
      : undefined,
)
async function keep(): Promise<void> {
  if (
    ground.value
    && (await save({
      name: known.batch.name, ground: ground.value, soil: 'loam', reaction: 'untested', grows: 'hungry', eaten: 'clear',
      depthM: BEDS.usualDepthM,
    }))
  )
    await navigateTo('/beds')
}
</script>

<template>
  <p
    v-if="bed"
    class="mt-2 aside-note"
    data-on-bed
  >
    It lies on <NuxtLink
      to="/beds"
      class="underline underline-offset-3"
    >{{ bed.name }}</NuxtLink>, one of your beds.
  </p>
  <p
    v-else-if="ground && known.method.life.becomesBed?.(known.batch, surroundings)"
    class="mt-2"
  >
    <button
      type="button"
      class="label-button"
      data-becomes-bed
      @click="keep"
    >
      <UIcon
        name="i-ph-plant"
        class="size-5"
      />
      Keep this ground as a bed
    </button>
  </p>
</template>
