<script setup lang="ts">
import { begunText, labelDays, type NamedWindow } from '#core/methods/contract'
import { inputsOf } from '#core/journal/garden'
import { carriedByBatch } from '#core/lots/carried'
import { carriedCautions } from '#core/lots/words'
import { materialOf } from '#core/mix/portion'
import type { KnownBatch } from '~/composables/useGarden'

/** A label to cut out and tie on: what it is, from when, of what, when to look. */
const { known, windows } = defineProps<{ known: KnownBatch, windows: readonly NamedWindow[] }>()
const { store, now, clock, materials } = useGarden()
const kinds = computed(() =>
  [...new Set(inputsOf(known.batch).flatMap(one => materialOf(one, materials.value)?.name ?? []))].slice(0, 4).join(', '),
)
const minded = computed(() => carriedCautions(carriedByBatch(store.journal.garden, known.batch, materials.value, clock.value)))
</script>

<template>
  <article
    class="border-2 border-inverted rounded-[4px_22px_4px_4px] p-4 max-w-md avoid-break"
    data-label
  >
    <p class="flex items-start justify-between gap-4">
      <span class="font-serif text-2xl font-semibold text-highlighted leading-tight">{{ known.batch.name }}</span>
      <span
        class="size-6 shrink-0 rounded-full border-2 border-inverted"
        aria-hidden="true"
      />
    </p>
    <p class="mt-1 text-lg">
      {{ known.method.face.name }}, begun {{ begunText(known.batch.began) }}
    </p>
    <p v-if="kinds">
      Of: {{ kinds }}
    </p>
    <ul class="mt-2">
      <li
        v-for="window in windows"
        :key="window.id"
        class="line-rule py-1 flex justify-between gap-4"
      >
        <span class="font-semibold text-highlighted">{{ window.label }}</span><span>{{
          labelDays(window, now)
        }}</span>
      </li>
    </ul>
    <p
      v-for="caution in minded"
      :key="caution"
      class="mt-1 text-sm font-semibold"
      data-carried
    >
      {{ caution }}
    </p>
    <p class="aside-note mt-2">
      {{ known.batch.place }}
    </p>
  </article>
</template>
