<script setup lang="ts">
import type { BuildStep } from '#core/methods/contract'

/** One step of the sheet, with what to mind while doing it. */
const { step } = defineProps<{ step: BuildStep }>()
</script>

<template>
  <li class="line-rule py-1.5 flex gap-3 avoid-break">
    <div class="flex-1 min-w-0">
      <p>
        <strong class="font-semibold text-highlighted">{{ step.title }}.</strong> {{ step.detail }}
      </p>
      <ul
        v-if="step.cautions.length > 0"
        class="caution mt-1"
      >
        <li
          v-for="caution in step.cautions"
          :key="caution"
          class="inline after:content-['_']"
        >
          {{ caution }}
        </li>
      </ul>
    </div>
    <span
      class="size-5 border-2 border-accented shrink-0 hidden print:block"
      aria-hidden="true"
    />
  </li>
</template>
