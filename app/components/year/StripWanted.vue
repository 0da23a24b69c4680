<script setup lang="ts">
import { inLanes, type Strip } from '#core/year/strip'
import { surenessOf } from '#core/year/words'

/** What is wanted along time: steps, filled as far as it is there; the open part is short. */
const { strip } = defineProps<{ strip: Strip }>()
const { quantity } = useSay()
const LANE_PX = 66
/** The least and the most that a step is high, px: by the root of its litres, so that small ones are seen beside large ones. */
const STEP_PX = { least: 14, more: 42 } as const
/** As good as all of it. */
const WHOLE = 0.98
const most = computed(() => Math.max(1, ...strip.needs.map(({ litres }) => litres)))
const steps = computed(() => inLanes(strip.needs).map((need) => {
  const height = STEP_PX.least + STEP_PX.more * Math.sqrt(need.litres / most.value)
  const place = {
    left: alongText(need.from), width: alongText(need.to - need.from), top: `${need.lane * LANE_PX}px`, height: `${LANE_PX}px`,
  }
  return { ...need, height, place, inner: height - 2, short: !['sure', 'likely'].includes(surenessOf(need.chance)) }
}))
const lanes = computed(() => Math.max(1, ...steps.value.map(({ lane }) => lane + 1)))
</script>

<template>
  <ul
    class="relative"
    :style="{ height: `${lanes * LANE_PX}px` }"
  >
    <li
      v-for="need in steps"
      :key="need.id"
      class="absolute"
      :style="need.place"
      :data-step="need.id"
    >
      <svg
        class="absolute inset-x-0 bottom-0 w-full"
        :height="need.height"
        role="img"
        :aria-label="`${need.name}: ${quantity('volume', need.litres)}, ${quantity('volume', need.share * need.litres)} of it there`"
      >
        <rect
          x="1"
          y="1"
          style="width: calc(100% - 2px)"
          :height="need.inner"
          :fill="need.short ? 'url(#hatch-paper)' : 'none'"
          fill-opacity="0.35"
          :stroke="need.short ? 'var(--ui-error)' : 'var(--ui-text-toned)'"
          stroke-width="2"
          :stroke-dasharray="need.share > WHOLE ? undefined : '5 4'"
        />
        <rect
          x="1"
          :y="1 + need.inner * (1 - need.share)"
          style="width: calc(100% - 2px)"
          :height="need.inner * need.share"
          fill="url(#hatch-finished)"
        />
      </svg>
    </li>
  </ul>
</template>
