<script setup lang="ts">
import { addDays, format, startOfDay } from 'date-fns'

/** What the plan would do before a fork is lifted: its course with its band, for this place and a day that can be moved. */
const { effective, judgement } = useBench()
const { clock } = useGarden()
const { own } = useNeed()
const { span, day: dayName } = useSay()

const WEEKS = [-4, -1, 1, 4] as const
/** At eight in the morning: whole days, so that the same day has the same answer. */
const begun = ref(format(clock.value, 'yyyy-MM-dd'))
const start = computed(() => new Date(`${begun.value}T08:00:00`))
const earliest = computed(() => startOfDay(clock.value))
function move(weeks: number): void {
  const moved = addDays(start.value, weeks * 7)
  begun.value = format(moved < earliest.value ? earliest.value : moved, 'yyyy-MM-dd')
}
const { ahead, working, failed } = usePlanAhead(() => effective.value, () => start.value)
const litres = computed(() => {
  const share = own.value?.share
  const volumeL = judgement.value?.measures.volumeL
  return share && volumeL ? span('volume', volumeL * share.low, volumeL * share.high) : ''
})
const facts = computed(() =>
  ahead.value
    ? [...ahead.value.facts, ...(litres.value ? [{ label: 'Gives', value: litres.value, why: 'of compost, sieved or not' }] : [])]
    : [],
)
</script>

<template>
  <div
    class="pt-3 space-y-3"
    data-ahead
  >
    <div class="flex flex-wrap gap-2 items-end">
      <label>
        <span class="field-label">Begun on</span>
        <input
          v-model="begun"
          type="date"
          class="text-field"
          :min="format(earliest, 'yyyy-MM-dd')"
        >
      </label>
      <button
        v-for="weeks in WEEKS"
        :key="weeks"
        type="button"
        class="label-button !px-3"
        :disabled="weeks < 0 && start <= earliest"
        @click="move(weeks)"
      >
        {{ weeks < 0 ? `${-weeks} ${weeks === -1 ? 'week' : 'weeks'} sooner` : `${weeks} ${weeks === 1 ? 'week' : 'weeks'} later` }}
      </button>
    </div>
    <p
      role="status"
      class="aside-note"
      :class="{ 'sr-only': !working && !failed && ahead }"
    >
      <template v-if="working">
        Working it out for {{ dayName(start) }}…
      </template>
      <template v-else-if="failed">
        It could not be worked out just now. Change the day, or open this again.
      </template>
      <template v-else-if="!ahead">
        Nothing on the bench that decays: there is nothing to forecast.
      </template>
      <template v-else>
        Worked out for {{ dayName(start) }}.
      </template>
    </p>
    <template v-if="ahead">
      <FactList :facts="facts" />
      <BatchChart
        v-if="ahead.chart"
        :chart="ahead.chart"
        ended
      />
      <p class="aside-note">
        The band holds eight times in ten. Nobody has read it yet, so it is wide: one reading
        narrows the days after it by about a third.
      </p>
    </template>
  </div>
</template>
