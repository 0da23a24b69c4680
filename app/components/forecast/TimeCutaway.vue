<script setup lang="ts">
import { addHours, format } from 'date-fns'
import { expectedAt, type ExpectedDay } from '#core/methods/foresight'
import type { DrawnLayer } from '../drawing/cutaway'
import type { KnownBatch } from '~/composables/useGarden'

/** The heap cut open, then, now and to come: drag along time. */
const { known, course, strata, heightM, builtM, coreC, day } = defineProps<{
  known: KnownBatch
  course: readonly ExpectedDay[]
  strata: readonly DrawnLayer[]
  /** As it stands today. */
  heightM: number
  builtM: number
  coreC?: number
  day: number
}>()
const { surroundings } = useGarden()
const { quantity, span } = useSay()

const lastDay = computed(() => Math.max(1, course.at(-1)?.day ?? 1))
const chosen = ref<number>()
const at = computed(() => chosen.value ?? day)
const isNow = computed(() => Math.abs(at.value - day) < 0.26)
const moment = computed(() => addHours(new Date(known.batch.built.at), Math.round(at.value * 24)))
const then = computed(() => expectedAt(course, at.value))
const ambientC = computed(() => surroundings.value.ambientC(moment.value))
/** What was read within half a day counts more than what is expected. */
const read = computed(() => known.batch.readings.findLast(({ at: readAt, coreC: core }) => core !== undefined && Math.abs(new Date(readAt).getTime() - moment.value.getTime()) < 43_200_000)?.coreC)
const core = computed(() => isNow.value ? coreC : read.value ?? then.value?.coreC.typical)
/** The depths as expected, moved to what was read. */
const depths = computed(() => {
  const expected = then.value
  if (!expected || core.value === undefined) return undefined
  const gain = expected.coreC.typical - ambientC.value
  const factor = Math.abs(gain) < 1 ? 1 : Math.min(3, Math.max(0, (core.value - ambientC.value) / gain))
  return expected.depthsC.map(celsius => ambientC.value + (celsius - ambientC.value) * factor)
})
const shownM = computed(() => isNow.value ? heightM : then.value?.heightM.typical ?? heightM)
const edgeWords = ({ edgeC }: ExpectedDay) => edgeC.high - edgeC.low > 1 ? `edge ${span('temperature', edgeC.low, edgeC.high)}` : `edge about ${quantity('temperature', edgeC.typical)}`
const percent = (share: number) => Math.round(100 * share)
const waterWords = ({ moisture }: ExpectedDay) => percent(moisture.low) === percent(moisture.high) ? `${percent(moisture.typical)} % water` : `${percent(moisture.low)}–${percent(moisture.high)} % water`
const words = computed(() => {
  const one = then.value
  if (!one) return ''
  const heat = read.value !== undefined ? `core read at ${quantity('temperature', read.value)}` : one.coreC.high - one.coreC.low > 1 ? `core ${span('temperature', one.coreC.low, one.coreC.high)}` : `core about ${quantity('temperature', one.coreC.typical)}`
  return `${isNow.value ? 'Today' : format(moment.value, 'EEEE, d MMMM')}: ${heat}, ${edgeWords(one)}, ${quantity('length', shownM.value)} high, ${waterWords(one)}, ${Math.round(100 * one.usedShare)} % of what can rot has rotted.`
})
const label = computed(() => `day ${Math.round(at.value)}, ${isNow.value ? 'today' : format(moment.value, 'd MMMM')}`)
</script>

<template>
  <figure class="max-w-full">
    <CutawayDrawing
      :vessel="known.batch.built.vessel"
      :layers="strata"
      :fill-m="shownM"
      :built-m="builtM"
      :core-c="known.batch.finish ? undefined : core"
      :ambient-c="ambientC"
      :depths-c="known.batch.finish ? undefined : depths"
      :used-share="then?.usedShare"
      :px-per-metre="215"
      ruler
      :label="`${known.batch.name} cut open, ${quantity('length', shownM)} high`"
    />
    <div
      v-if="course.length > 1"
      class="flex items-center gap-2 mt-1"
    >
      <input
        type="range"
        class="time-slide flex-1 min-w-0"
        :min="0"
        :max="lastDay"
        step="0.5"
        :value="at"
        :aria-valuetext="label"
        aria-label="Day to look at"
        @input="chosen = Number(($event.target as HTMLInputElement).value)"
      >
      <button
        type="button"
        class="label-button !px-3"
        :disabled="isNow"
        @click="chosen = undefined"
      >
        Today
      </button>
    </div>
    <figcaption
      class="aside-note max-w-md"
      data-then
    >
      {{ words }}
    </figcaption>
  </figure>
</template>

<style scoped>
.time-slide { height: 44px; accent-color: var(--ui-text-highlighted); cursor: ew-resize; }
</style>
