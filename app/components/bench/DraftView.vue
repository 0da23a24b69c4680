<script setup lang="ts">
import type { Draft } from '#core/methods/contract'

/** What a plan comes to, where no mix has to be balanced: a verdict, its picture, facts, what it gives and when. */
const { draft, approachId = '' } = defineProps<{ draft: Draft, approachId?: string }>()
const emit = defineEmits<{ way: [approachId: string] }>()
const { span, window } = useSay()
const GRADES = {
  good: { icon: 'i-ph-check', tone: 'text-primary' }, workable: { icon: 'i-ph-warning-circle', tone: 'text-warning' },
  poor: { icon: 'i-ph-warning', tone: 'text-error' },
} as const
const general = computed(() => draft.warnings.filter(({ materialId }) => materialId === undefined))
</script>

<template>
  <div
    class="space-y-4"
    data-draft
  >
    <p
      class="text-lg flex gap-2 items-start"
      role="status"
    >
      <UIcon
        :name="GRADES[draft.verdict.grade].icon"
        class="size-6 shrink-0 mt-0.5"
        :class="GRADES[draft.verdict.grade].tone"
      />
      <span class="text-highlighted">{{ draft.verdict.text }}</span>
    </p>
    <p
      v-for="warning in general"
      :key="warning.text"
      class="caution"
    >
      {{ warning.text }}
    </p>
    <p
      v-if="draft.refusal"
      class="border-l-4 border-error pl-3 font-semibold"
      role="alert"
      data-refusal
    >
      {{ draft.refusal === draft.verdict.text ? 'It cannot be begun like this.' : draft.refusal }}
    </p>
    <WaysTable
      v-if="draft.compared"
      :compared="draft.compared"
      :chosen="approachId"
      @choose="emit('way', $event)"
    />
    <PictureDrawing
      :picture="draft.picture"
      :px-per-metre="190"
      detail
    />
    <GroundDrawing
      v-if="draft.fromAbove"
      :plan="draft.fromAbove"
    />
    <FactList :facts="draft.facts" />
    <WantsNote
      v-if="draft.wants && draft.wants.ingredients.length > 0"
      :wants="draft.wants"
      :lays="draft.recipe === undefined"
    />
    <PipelineChart
      v-if="draft.pipeline"
      :pipeline="draft.pipeline"
    />
    <section v-if="draft.gives.length > 0">
      <h3 class="mb-1">
        What it gives
      </h3>
      <ul>
        <li
          v-for="gift in draft.gives"
          :key="gift.label"
          class="line-rule py-1.5 flex flex-wrap gap-x-4 justify-between"
          data-gift
        >
          <span class="font-semibold text-highlighted">{{ gift.label }}</span>
          <span>{{ span('volume', gift.litres.low, gift.litres.high) }}</span>
          <span class="aside-note">{{ window(gift.from, gift.to) }}{{ gift.orLater ? ' or later' : '' }}</span>
        </li>
      </ul>
    </section>
  </div>
</template>
