<script setup lang="ts">
import { putOffName, putOffUntil, type RoundTask } from '#core/garden/round'
import { usualAnswers } from '#core/questions/question'
import { deedOf } from '#core/methods/contract'
import type { KnownBatch } from '~/composables/useGarden'

/** One thing a batch asks for today: what, why, and the tap that does it. */
const { task, known, showBatch = true } = defineProps<{ task: RoundTask, known: KnownBatch, showBatch?: boolean }>()
const { day } = useSay()
const route = useRoute()
const { now } = useGarden()
const recording = useRecording()
const open = ref(false)
const chosen = ref<string>()

const { record } = useRecorder()
const later = ref(false)
const why = ref('')

const PAGES = { ready: 'ready', wrong: 'wrong', take: 'finish' } as const
const link = computed(() => task.doing.kind === 'page' ? `/batch/${task.batchId}/${PAGES[task.doing.page]}` : undefined)
const oneTap = computed(() => task.doing.kind === 'deed' || task.doing.kind === 'rest')
const due = computed(() => task.due <= now.value)

async function act(): Promise<void> {
  const { doing } = task
  if (doing.kind === 'deed') {
    const deed = deedOf(known.method, doing.deed)
    if (deed) await recording.deed(known, deed, usualAnswers(deed.asks))
  }
  else if (doing.kind === 'rest') await putOff(doing.why, doing.said)
  else if (doing.kind === 'pad') {
    open.value = !open.value
    chosen.value = doing.pad
  }
}
/** Till tomorrow without a reason; with one, till its time is over. */
async function putOff(reason?: string, done?: string): Promise<void> {
  const until = putOffUntil(task, now.value, reason !== undefined)
  const said = done !== undefined ? `${known.batch.name}: ${done}.` : reason === undefined ? `${task.title}: tomorrow.` : `${task.title}: not this time.`
  await record({ kind: 'put-off', at: new Date().toISOString(), batchId: task.batchId, task: putOffName(task), until: until.toISOString(), ...(reason === undefined ? {} : { why: reason }) }, said)
  later.value = false
}
watch(chosen, (id) => { if (!id) open.value = false })
</script>

<template>
  <li
    class="line-rule py-3"
    :data-task="task.action"
  >
    <div class="flex flex-wrap sm:flex-nowrap gap-x-3 gap-y-2 items-start">
      <UIcon
        :name="task.icon"
        class="size-7 shrink-0 mt-0.5"
        :class="task.urgency === 'now' ? 'text-error' : 'text-toned'"
      />
      <div class="min-w-0 basis-[calc(100%-3rem)] sm:flex-1">
        <p class="leading-tight text-highlighted">
          <strong class="font-semibold">{{ task.title }}</strong><template v-if="showBatch">
            · <NuxtLink
              :to="`/batch/${task.batchId}`"
              class="underline underline-offset-3 decoration-dotted"
            >{{ known.batch.name }}</NuxtLink>
          </template>
          <span
            v-if="task.urgency === 'now'"
            class="ml-2 text-error font-semibold whitespace-nowrap"
          >now</span>
          <span
            v-else-if="!due"
            class="ml-2 aside-note whitespace-nowrap"
          >from {{ day(task.due) }}</span>
        </p>
        <p class="aside-note">
          {{ task.reason }}
        </p>
      </div>
      <NuxtLink
        v-if="link && link !== route.path"
        :to="link"
        class="label-button ml-10 sm:ml-0"
      >{{ task.label }}</NuxtLink>
      <button
        v-else-if="!link"
        type="button"
        class="label-button ml-10 sm:ml-0"
        :aria-expanded="oneTap ? undefined : open"
        @click="act"
      >
        {{ task.label }}
      </button>
      <button
        type="button"
        class="tap grid place-items-center"
        :class="link === route.path ? 'ml-10 sm:ml-0' : ''"
        :aria-expanded="later"
        :aria-label="`later: ${task.title}, ${known.batch.name}`"
        @click="later = !later"
      >
        <UIcon
          name="i-ph-dots-three-vertical-bold"
          class="size-6"
        />
      </button>
    </div>
    <form
      v-if="later"
      class="mt-2 ml-10 flex flex-wrap gap-2 items-end"
      @submit.prevent="putOff(why.trim() || 'no reason given')"
    >
      <button
        type="button"
        class="label-button"
        @click="putOff()"
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
      :known="known"
      class="mt-3"
    />
  </li>
</template>
