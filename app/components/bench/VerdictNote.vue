<script setup lang="ts">
import type { Picture } from '#core/picture/picture'
import type { Verdict } from '#core/methods/contract'

/** The one verdict, what it would look like, and the one thing to do first. */
const { verdict, picture, todo = '', action = '', instead = '' } = defineProps<{
  verdict: Verdict
  picture: Picture
  /** What to do, in a sentence. */
  todo?: string
  /** The tap that does it at once, where one can. */
  action?: string
  /** Another way of doing it that would suit, where this one does not. */
  instead?: string
}>()
const emit = defineEmits<{ act: [], instead: [] }>()

const MARKS = {
  good: { icon: 'i-ph-check-circle', tone: 'text-primary' }, workable: { icon: 'i-ph-warning-circle', tone: 'text-warning' },
  poor: { icon: 'i-ph-x-circle', tone: 'text-error' },
} as const
const mark = computed(() => MARKS[verdict.grade])
const narrow = useMediaQuery('(max-width: 639px)')
</script>

<template>
  <div class="flex gap-3 items-center">
    <div class="flex-1 min-w-0">
      <div
        class="flex gap-2 items-start"
        role="status"
        aria-live="polite"
        data-verdict
      >
        <UIcon
          :name="mark.icon"
          class="size-6 sm:size-8 shrink-0"
          :class="mark.tone"
        />
        <p class="font-serif sm:text-lg font-semibold leading-snug text-highlighted">
          {{ verdict.text }}
        </p>
      </div>
      <button
        v-if="action"
        type="button"
        class="label-button mt-1.5 ml-8 sm:ml-10 !text-left"
        data-one-change
        @click="emit('act')"
      >
        {{ action }}
      </button>
      <p
        v-else-if="todo"
        class="leading-snug mt-1 ml-8 sm:ml-10"
        data-todo
      >
        {{ todo }}
      </p>
      <button
        v-if="instead"
        type="button"
        class="tap ml-8 sm:ml-10 underline underline-offset-3 text-left"
        data-instead
        @click="emit('instead')"
      >
        {{ instead }}
      </button>
    </div>
    <PictureDrawing
      class="shrink-0"
      :picture="picture"
      :px-per-metre="narrow ? 62 : 84"
    />
  </div>
</template>
