<script setup lang="ts">
import { adviceFor } from '#core/materials/advice'
import type { Material } from '#core/materials/material'
import { percentText } from '#core/units/format'

/** What to mind with a material: in a word beside it, and how to go about it. */
const { material } = defineProps<{ material: Material }>()
const advice = computed(() => adviceFor(material))
</script>

<template>
  <section
    v-if="material.cautions.length > 0 || material.mostShare !== undefined || advice.length > 0"
    aria-labelledby="mind"
  >
    <h2
      id="mind"
      class="section-rule mb-2"
    >
      Mind
    </h2>
    <p
      v-if="material.mostShare !== undefined"
      class="caution mb-1"
    >
      At most {{ percentText(material.mostShare) }} of a mix, by volume.
    </p>
    <p
      v-for="caution in material.cautions"
      :key="caution"
      class="caution first-letter:uppercase mb-1"
    >
      {{ caution }}
    </p>
    <details
      v-for="one in advice"
      :key="one.id"
      class="line-rule"
    >
      <summary class="tap flex items-center cursor-pointer font-semibold">
        {{ one.title }}
      </summary>
      <p
        v-for="step in one.steps"
        :key="step"
        class="pb-2"
      >
        {{ step }}
      </p>
    </details>
  </section>
</template>
