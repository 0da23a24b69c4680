<script setup lang="ts">
import type { RoundTask } from '#core/garden/round'
import type { KnownBatch } from '~/composables/useGarden'

/** One stop of the round: a batch, where it stands, and its steps; what one tap can do is done all at once. */
const { known, tasks, brief } = defineProps<{ known: KnownBatch, tasks: readonly RoundTask[], /** Reasons wait behind the step, for long rounds. */ brief: boolean }>()
const { doAtOnce } = useTasks()
const atOnce = computed(() => tasks.filter(({ doing }) => doing.kind === 'deed' || doing.kind === 'rest'))
const urgent = computed(() => tasks.some(({ urgency }) => urgency === 'now'))
</script>

<template>
  <li
    class="line-rule"
    :class="tasks.length > 1 ? 'py-1' : ''"
    :data-stop="known.batch.id"
  >
    <div
      v-if="tasks.length > 1"
      class="flex items-center gap-x-3"
    >
      <h3 class="flex-1 min-w-0 leading-tight">
        <NuxtLink
          :to="`/batch/${known.batch.id}`"
          class="inline-flex items-center min-h-11 underline underline-offset-3 decoration-dotted wrap-anywhere"
        >{{ known.batch.name }}</NuxtLink>
        <span
          v-if="urgent"
          class="ml-2 text-error font-sans font-semibold whitespace-nowrap"
        >now</span>
      </h3>
      <button
        v-if="atOnce.length > 1"
        type="button"
        class="tap underline underline-offset-3 decoration-dotted"
        :aria-label="`all done: ${known.batch.name}, ${atOnce.map(({ title }) => title).join(', ')}`"
        data-all-done
        @click="doAtOnce(known, atOnce)"
      >
        all done
      </button>
    </div>
    <ul>
      <TaskRow
        v-for="task in tasks"
        :key="task.id"
        :task="task"
        :known="known"
        :brief="brief"
        :named="tasks.length === 1"
      />
    </ul>
  </li>
</template>
