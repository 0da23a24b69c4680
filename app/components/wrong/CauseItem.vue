<script setup lang="ts">
import type { NewEvent } from '#core/journal/event'
import type { Cause } from '#core/methods/contract'
import type { KnownBatch } from '~/composables/useGarden'

/** One possible cause: how likely, why, and what to do about it in one's own containers. */
const { cause, known, first } = defineProps<{ cause: Cause, known: KnownBatch, first: boolean }>()
const { materials } = useGarden()
const { inputsFrom } = useRecording()
const { record } = useRecorder()

const grade = computed(() => cause.likelihood > 0.75 ? 'very likely' : cause.likelihood > 0.5 ? 'likely' : 'possible')
const doable = computed(() => cause.remedy.deeds.length > 0 || cause.remedy.parts.length > 0 || cause.remedy.waterL > 0)

/** Records what was worked in, poured on and turned in one go, as one thing that can be taken back. */
async function done(): Promise<void> {
  const at = new Date().toISOString()
  const ingredients = cause.remedy.parts.flatMap(({ materialId, amount }) => {
    const material = materials.value.find(materialId)
    return material ? [{ material, amount }] : []
  })
  const events: NewEvent[] = [
    ...(ingredients.length > 0
      ? [{ kind: 'put' as const, at, batchId: known.batch.id, inputs: inputsFrom(ingredients, 'feed'), waterL: 0 }]
      : []),
    ...(cause.remedy.waterL > 0 ? [{ kind: 'put' as const, at, batchId: known.batch.id, inputs: [], waterL: cause.remedy.waterL }] : []),
    ...cause.remedy.deeds.map(deed => ({ kind: 'did' as const, at, batchId: known.batch.id, deed, answers: {} })),
  ]
  if (await record(events, `${known.batch.name}: done.`, 'Look at it again in a day or two.')) await navigateTo(`/batch/${known.batch.id}`)
}
</script>

<template>
  <li
    class="line-rule py-3"
    :data-cause="cause.id"
  >
    <details :open="first">
      <summary class="tap cursor-pointer flex flex-wrap items-center gap-x-3">
        <span class="text-lg font-serif font-semibold text-highlighted">{{ cause.title }}</span>
        <span class="flex items-center gap-2">
          <svg
            width="64"
            height="10"
            aria-hidden="true"
          >
            <rect
              width="64"
              height="10"
              fill="var(--ui-bg-accented)"
            />
            <rect
              :width="64 * cause.likelihood"
              height="10"
              fill="url(#hatch-wood)"
            />
          </svg>
          <span class="aside-note">{{ grade }}</span>
        </span>
      </summary>
      <ul class="mt-1">
        <li
          v-for="text in cause.speaksFor"
          :key="text"
          class="flex gap-2"
        >
          <span
            class="font-bold w-4 text-center"
            aria-hidden="true"
          >+</span><span><span class="sr-only">Speaks for it: </span>{{ text }}</span>
        </li>
        <li
          v-for="text in cause.speaksAgainst"
          :key="text"
          class="flex gap-2 text-muted"
        >
          <span
            class="font-bold w-4 text-center"
            aria-hidden="true"
          >−</span><span><span class="sr-only">Speaks against it: </span>{{ text }}</span>
        </li>
      </ul>
      <p class="mt-2 text-highlighted">
        <strong class="font-semibold">What helps.</strong> {{ cause.remedy.text }}
      </p>
      <p
        v-if="cause.remedy.effect"
        class="mt-1"
        data-effect
      >
        {{ cause.remedy.effect }}
      </p>
      <p
        v-if="cause.caution"
        class="caution mt-2"
      >
        {{ cause.caution }}
      </p>
      <button
        v-if="doable"
        type="button"
        class="label-button mt-2"
        @click="done"
      >
        I have done that
      </button>
    </details>
  </li>
</template>
