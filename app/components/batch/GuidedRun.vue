<script setup lang="ts">
import { padFace, stepNow, type GuideStep } from '#core/methods/contract'
import type { KnownBatch } from '~/composables/useGarden'

/**
 * Something done in one go, one step at a time: what to do, what to see first, how long, what to mind, and the form that records
 * it. The screen stays on.
 */
const { known } = defineProps<{ known: KnownBatch }>()
const { surroundings } = useGarden()
const wake = reactive(useWakeLock())
const guide = computed(() => known.method.life.guide?.(known.batch, surroundings.value))
const now = computed(() => guide.value && stepNow(guide.value))
const padOf = (step: GuideStep) => known.method.life.pads.find(pad => padFace(pad).id === step.pad)
/** A step that was recorded and is asked again begins with an empty form. */
const round = ref(0)
const again = ref<string>()
const heading = useTemplateRef<HTMLElement[]>('heading')

onMounted(() => { if (wake.isSupported) void wake.request('screen').catch(() => {}) })
onBeforeUnmount(() => { if (wake.isActive) void wake.release() })

async function done(): Promise<void> {
  again.value = undefined
  round.value++
  await nextTick()
  heading.value?.[0]?.scrollIntoView({ block: 'start', behavior: scrolling() })
}
const isOpen = (step: GuideStep) => step.id === now.value?.id || step.id === again.value
</script>

<template>
  <div
    v-if="guide"
    class="max-w-2xl"
  >
    <p
      class="aside-note"
      role="status"
    >
      {{ guide.steps.filter(one => one.done).length }} of {{ guide.steps.length }} steps done ·
      {{ wake.isActive ? 'the screen stays on' : 'everything recorded is kept' }}
    </p>
    <ol class="mt-2">
      <li
        v-for="step in guide.steps"
        :key="step.id"
        class="line-rule py-2"
        :class="step.id === now?.id ? 'border-l-4 border-l-(--ui-primary) pl-3' : ''"
        :data-step="step.id"
        :data-now="step.id === now?.id ? '' : undefined"
      >
        <div class="flex gap-3 items-center">
          <UIcon
            :name="step.done ? 'i-ph-check-circle-fill' : 'i-ph-circle'"
            class="size-7 shrink-0"
            :class="step.done ? 'text-primary' : 'text-muted'"
          />
          <h2
            :ref="step.id === now?.id ? 'heading' : undefined"
            class="flex-1"
            :class="step.done || step.id === now?.id ? '' : 'text-muted'"
          >
            {{ step.title }}
          </h2>
          <span
            v-if="step.done"
            class="aside-note"
          >{{ step.done }}</span>
          <button
            v-if="step.done && now && step.id !== again"
            type="button"
            class="tap aside-note underline underline-offset-3 decoration-dotted"
            :aria-label="`once more: ${step.title}`"
            @click="again = step.id"
          >
            once more
          </button>
        </div>
        <div
          v-if="isOpen(step)"
          class="mt-1 space-y-3"
        >
          <p
            v-if="step.stopped"
            class="border-l-4 border-error pl-3 font-semibold"
            role="alert"
            data-stopped
          >
            {{ step.stopped }}
          </p>
          <p>{{ step.detail }}</p>
          <StepTimer
            v-if="step.timer"
            :timer="step.timer"
          />
          <ul
            v-if="step.signs.length > 0"
            class="space-y-1"
            aria-label="Signs"
          >
            <li
              v-for="sign in step.signs"
              :key="sign"
              class="flex gap-2 items-start font-semibold text-highlighted"
            >
              <UIcon
                name="i-ph-eye"
                class="size-6 shrink-0"
              />{{ sign }}
            </li>
          </ul>
          <PadForm
            :key="`${step.id}-${round}`"
            :known="known"
            :pad="padOf(step)"
            calm
            @done="done"
          />
        </div>
      </li>
    </ol>
    <p
      v-if="!now"
      class="mt-4 text-lg"
      role="status"
      data-all-done
    >
      All of it is done.
      <NuxtLink
        :to="`/batch/${known.batch.id}`"
        class="tap inline-flex items-center underline underline-offset-3"
      >Back to the {{ known.method.face.words.one }}</NuxtLink>
    </p>
  </div>
  <p v-else>
    There is nothing to be done in one go here.
  </p>
</template>
