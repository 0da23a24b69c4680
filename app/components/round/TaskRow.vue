<script setup lang="ts">
import type { Task } from '#core/methods/method'
import type { KnownBatch } from '~/composables/useGarden'

/** One thing a batch asks for today: what, why, and the tap that does it. */
const { task, known, showBatch = true } = defineProps<{ task: Task, known: KnownBatch, showBatch?: boolean }>()
const { day } = useSay()
const route = useRoute()
const { now } = useGarden()
const { turned } = useQuickRecord()
const open = ref(false)
const chosen = ref<string>()

const LABELS = { reading: 'Read', squeeze: 'Feel', turned: 'Turned', watered: 'Watered', finish: 'Take down', open: 'Look into it' } as const
const ICONS = { reading: 'i-ph-thermometer', squeeze: 'i-ph-hand-grabbing', turned: 'i-ph-shovel', watered: 'i-ph-drop', finish: 'i-ph-funnel', open: 'i-ph-magnifying-glass' } as const
const link = computed(() => task.action === 'finish' ? `/batch/${task.batchId}/finish` : task.action === 'open' ? `/batch/${task.batchId}` : undefined)
const due = computed(() => task.due <= now.value)

async function act(): Promise<void> {
  if (task.action === 'turned') await turned(known)
  else {
    open.value = !open.value
    chosen.value = task.action
  }
}
watch(chosen, (id) => { if (!id) open.value = false })
</script>

<template>
  <li
    class="line-rule py-3"
    :data-task="task.action"
  >
    <div class="flex gap-3 items-start">
      <UIcon
        :name="ICONS[task.action]"
        class="size-7 shrink-0 mt-0.5"
        :class="task.urgency === 'now' ? 'text-error' : 'text-toned'"
      />
      <div class="flex-1 min-w-0">
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
        class="label-button"
      >{{ LABELS[task.action] }}</NuxtLink>
      <button
        v-else-if="!link"
        type="button"
        class="label-button"
        :aria-expanded="task.action === 'turned' ? undefined : open"
        @click="act"
      >
        {{ LABELS[task.action] }}
      </button>
    </div>
    <RecordPanel
      v-if="open"
      v-model:chosen="chosen"
      :known="known"
      class="mt-3"
    />
  </li>
</template>
