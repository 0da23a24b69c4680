<script setup lang="ts">
import type { KnownBatch } from '~/composables/useGarden'

/** A batch from above, where its method draws it so. */
const { known } = defineProps<{ known: KnownBatch }>()
const { surroundings } = useGarden()
const plan = computed(() => known.method.life.fromAbove?.(known.batch, surroundings.value))
</script>

<template>
  <figure
    v-if="plan"
    class="mt-4"
  >
    <GroundDrawing :plan="plan" />
    <figcaption class="aside-note">
      From above.
    </figcaption>
  </figure>
</template>
