<script setup lang="ts">
import { mayWait, type RoundTask } from '#core/garden/round'
import type { KnownBatch } from '~/composables/useGarden'

/** One stop of the round: a batch, where it stands, and its steps; what one tap can do is done all at once. */
const { known, tasks, brief } = defineProps<{
  known: KnownBatch
  tasks: readonly RoundTask[]
  /** Reasons wait behind the step, and so does what may as well wait, for long rounds. */ brief: boolean
}>()
const { doAtOnce } = useTasks()
const atOnce = computed(() => tasks.filter(({ doing }) => doing.kind === 'deed' || doing.kind === 'rest'))
const urgent = computed(() => tasks.some(({ urgency }) => urgency === 'now'))
const all = ref(false)
const waits = computed(() => (brief && tasks.length > 2 ? tasks.filter(mayWait) : []))
const shown = computed(() => all.value ? tasks : tasks.filter(task => !waits.value.includes(task)))
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
        >{{ known.batch.name }}</NuxtLink>{{ ' ' }}
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
      <button
        v-if="waits.length > 0"
        type="button"
        class="tap aside-note flex items-center gap-1 text-right"
        :aria-expanded="all"
        :aria-label="`${known.batch.name}, may wait: ${waits.map(({ label }) => label.toLowerCase()).join(', ')}`"
        data-may-wait
        @click="all = !all"
      >
        {{ waits.map(({ label }) => label.toLowerCase()).join(', ') }}
        <UIcon
          :name="all ? 'i-ph-caret-up' : 'i-ph-caret-down'"
          class="size-5 shrink-0"
        />
      </button>
    </div>
    <ul>
      <TaskRow
        v-for="task in shown"
        :key="task.id"
        :task="task"
        :known="known"
        :brief="brief"
        :named="tasks.length === 1"
      />
    </ul>
  </li>
</template>
