<script setup lang="ts">
import type { ScaleVerdict } from '#core/growing/verdict'
import { SCALE_WORDS, verdictWords } from '#core/growing/words'
import { numberText } from '#core/units/format'

/** What the mix is like: three scales with what is good on each, in words, the number beside them. */
const { verdicts } = defineProps<{ verdicts: readonly ScaleVerdict[] }>()
const isShare = ({ scale }: ScaleVerdict) => scale !== 'salts'
const number = (of: ScaleVerdict, value: number) => isShare(of) ? String(Math.round(100 * value)) : numberText(value, 1)
const unit = (of: ScaleVerdict) => isShare(of) ? '\u00A0%' : '\u00A0mS/cm'
const span = (of: ScaleVerdict) => `${number(of, of.value.low)}–${number(of, of.value.high)}${unit(of)}`
const good = (of: ScaleVerdict) => `${number(of, of.from)}–${number(of, of.to)}${unit(of)}`
const endOf = ({ to }: ScaleVerdict) => to * 1.9
const x = (of: ScaleVerdict, value: number) => 100 * Math.min(1, value / endOf(of))
</script>

<template>
  <ul aria-label="What it is like">
    <li
      v-for="one in verdicts"
      :key="one.scale"
      class="line-rule py-2"
      :data-scale="one.scale"
      :data-is="one.is"
    >
      <p class="flex flex-wrap gap-x-3 items-baseline justify-between">
        <span><strong class="font-semibold text-highlighted">{{ SCALE_WORDS[one.scale] }}:</strong> <span
          :class="one.is === 'good' ? '' : one.is.startsWith('perhaps') ? 'text-warning font-semibold' : 'text-error font-semibold'"
        >{{ verdictWords(one) }}</span></span>
        <span class="aside-note">{{ span(one) }}; good {{ good(one) }}</span>
      </p>
      <svg
        viewBox="0 0 100 8"
        preserveAspectRatio="none"
        class="w-full h-3 mt-1"
        aria-hidden="true"
      >
        <rect
          width="100"
          height="8"
          fill="var(--ui-bg-elevated)"
        />
        <rect
          :x="x(one, one.from)"
          :width="x(one, one.to) - x(one, one.from)"
          height="8"
          fill="url(#hatch-grass)"
        />
        <rect
          :x="x(one, one.value.low)"
          :width="Math.max(0.8, x(one, one.value.high) - x(one, one.value.low))"
          y="3"
          height="2"
          fill="var(--ui-text-highlighted)"
        />
        <rect
          :x="x(one, one.value.typical) - 0.5"
          width="1"
          height="8"
          fill="var(--ui-text-highlighted)"
        />
      </svg>
    </li>
  </ul>
</template>
