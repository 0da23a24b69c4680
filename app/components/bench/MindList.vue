<script setup lang="ts">
import { gatheredCautions } from '#core/materials/gathered'

/** All there is to mind about what lies on the bench, each thing once. */
const { filled } = useBench()
const cautions = computed(() => gatheredCautions(filled.value))
</script>

<template>
  <details
    v-if="cautions.length > 0"
    class="line-rule"
    data-mind
  >
    <summary class="tap flex items-center cursor-pointer underline underline-offset-3 decoration-dotted">
      To mind ({{ cautions.length }})
    </summary>
    <ul class="pb-2 space-y-1">
      <li
        v-for="caution in cautions"
        :key="caution"
        class="caution"
      >
        {{ caution }}
      </li>
    </ul>
  </details>
</template>
