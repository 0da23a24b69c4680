<script setup lang="ts">
import type { Levers } from '#core/mix/lever'
import type { Ingredient } from '#core/mix/portion'
import { adviceText, verdictText } from '#core/mix/words'

/** The verdict in a sentence and the biggest lever. */
const { levers, ingredients } = defineProps<{ levers: Levers, ingredients: readonly Ingredient[] }>()

const MARKS = { good: { icon: 'i-ph-check-circle', tone: 'text-primary' }, workable: { icon: 'i-ph-warning-circle', tone: 'text-warning' }, poor: { icon: 'i-ph-x-circle', tone: 'text-error' } } as const
const mark = computed(() => MARKS[levers.now.grade])
const advice = computed(() => adviceText(levers, ingredients))
const better = computed(() => [levers.add, levers.takeOut].some(lever => lever?.after.grade === 'good'))
</script>

<template>
  <div
    class="flex gap-3 items-start"
    role="status"
    aria-live="polite"
    data-verdict
  >
    <UIcon
      :name="mark.icon"
      class="size-6 sm:size-8 shrink-0"
      :class="mark.tone"
    />
    <div>
      <p class="font-serif sm:text-lg font-semibold leading-snug text-highlighted">
        {{ verdictText(levers.now) }}
      </p>
      <p
        v-if="advice"
        class="leading-snug max-sm:text-[0.94rem]"
      >
        {{ advice }}<span
          v-if="!better"
          class="aside-note"
        > That helps; it takes more than one change.</span>
      </p>
    </div>
  </div>
</template>
