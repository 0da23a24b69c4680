<script setup lang="ts">
import type { RoundTask } from '#core/garden/round'
import type { KnownBatch } from '~/composables/useGarden'

/** A batch of which nothing presses, in one line; its steps wait behind it. */
const { known, tasks } = defineProps<{ known: KnownBatch, tasks: readonly RoundTask[] }>()
const open = ref(false)
const said = computed(() => tasks.map(({ label }) => label.toLowerCase()).join(', '))
</script>

<template>
  <li
    class="line-rule"
    :data-stop="known.batch.id"
    data-quiet
  >
    <div class="flex items-center gap-x-3">
      <NuxtLink
        :to="`/batch/${known.batch.id}`"
        class="inline-flex items-center min-h-11 underline underline-offset-3 decoration-dotted wrap-anywhere"
      >{{ known.batch.name }}</NuxtLink>
      <button
        type="button"
        class="tap flex-1 min-w-0 flex items-center justify-end gap-2 text-right aside-note"
        :aria-expanded="open"
        :aria-label="`${known.batch.name}: ${said}`"
        @click="open = !open"
      >
        <span class="truncate">{{ said }}</span>
        <UIcon
          :name="open ? 'i-ph-caret-up' : 'i-ph-caret-down'"
          class="size-5 shrink-0"
        />
      </button>
    </div>
    <ul v-if="open">
      <TaskRow
        v-for="task in tasks"
        :key="task.id"
        :task="task"
        :known="known"
        :brief="false"
      />
    </ul>
  </li>
</template>
