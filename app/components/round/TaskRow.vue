<script setup lang="ts">
import { isSameDay } from 'date-fns'
import type { RoundTask } from '#core/garden/round'
import type { KnownBatch } from '~/composables/useGarden'

/** One thing a batch asks for today: what, why, and the tap that does it. */
const {
  task, known, brief = false, named = false,
} = defineProps<{
  task: RoundTask
  known: KnownBatch
  /** The reason waits behind the dots, unless it is urgent. */ brief?: boolean
  /** The only step of its stop: the batch is named in the same line. */ named?: boolean
}>()
const { day } = useSay()
const route = useRoute()
const { now } = useGarden()
const { putOff, doOne } = useTasks()
const open = ref(false)
const chosen = ref<string>()
const more = ref(false)
const why = ref('')

const PAGES = { ready: 'ready', wrong: 'wrong', take: 'finish', run: 'run' } as const
const link = computed(() => task.doing.kind === 'page' ? `/batch/${task.batchId}/${PAGES[task.doing.page]}` : undefined)
const oneTap = computed(() => task.doing.kind !== 'pad')
const due = computed(() => task.due <= now.value)
const says = computed(() => !brief || more.value || task.urgency === 'now')

async function act(): Promise<void> {
  if (task.doing.kind !== 'pad') return doOne(known, task)
  open.value = !open.value
  chosen.value = task.doing.pad
}
async function wait(reason?: string): Promise<void> {
  if (await putOff(known, task, reason)) more.value = false
}
watch(chosen, (id) => { if (!id) open.value = false })
</script>

<template>
  <li
    class="py-1"
    :data-task="task.action"
  >
    <div class="flex gap-x-3 items-center">
      <UIcon
        :name="task.icon"
        class="size-6 shrink-0"
        :class="task.urgency === 'now' ? 'text-error' : 'text-toned'"
      />
      <div class="min-w-0 flex-1">
        <h3
          v-if="named"
          class="leading-tight"
        >
          <NuxtLink
            :to="`/batch/${task.batchId}`"
            class="inline-flex items-center min-h-11 min-w-11 underline underline-offset-3 decoration-dotted"
          >{{ known.batch.name }}</NuxtLink>{{ ' ' }}
          <span
            v-if="task.urgency === 'now'"
            class="ml-2 text-error font-sans font-semibold whitespace-nowrap"
          >now</span>
        </h3>
        <p class="leading-tight text-highlighted font-semibold">
          {{ task.title }}
          <span
            v-if="!due"
            class="aside-note font-normal whitespace-nowrap"
          >{{ isSameDay(task.due, now) ? 'later today' : `from ${day(task.due)}` }}</span>
        </p>
      </div>
      <NuxtLink
        v-if="link && link !== route.path"
        :to="link"
        class="label-button !px-3"
        :aria-label="`${task.label}: ${task.title}, ${known.batch.name}`"
      >{{ task.label }}</NuxtLink>
      <button
        v-else-if="!link"
        type="button"
        class="label-button !px-3"
        :aria-expanded="oneTap ? undefined : open"
        :aria-label="`${task.label}: ${task.title}, ${known.batch.name}`"
        @click="act"
      >
        {{ task.label }}
      </button>
      <button
        type="button"
        class="tap grid place-items-center shrink-0 -mr-2"
        :aria-expanded="more"
        :aria-label="`why, and later: ${task.title}, ${known.batch.name}`"
        @click="more = !more"
      >
        <UIcon
          name="i-ph-dots-three-vertical-bold"
          class="size-6"
        />
      </button>
    </div>
    <p
      v-if="says"
      class="aside-note leading-snug pl-9 pr-2"
    >
      {{ task.reason }}
    </p>
    <form
      v-if="more"
      class="mt-2 ml-9 flex flex-wrap gap-2 items-end"
      @submit.prevent="wait(why.trim() || 'no reason given')"
    >
      <button
        type="button"
        class="label-button"
        @click="wait()"
      >
        Tomorrow
      </button>
      <label class="flex-1 min-w-40">
        <span class="field-label">or not this time, because</span>
        <input
          v-model="why"
          class="text-field"
          maxlength="200"
          placeholder="away, frozen, not worth it…"
        >
      </label>
      <button class="label-button">
        Skip it
      </button>
    </form>
    <RecordPanel
      v-if="open"
      v-model:chosen="chosen"
      only
      :known="known"
      class="mt-2"
    />
  </li>
</template>
