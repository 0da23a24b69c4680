<script setup lang="ts">
import { addMonths, differenceInCalendarDays, format } from 'date-fns'
import { fillHeightM, vesselVolumeL } from '#core/vessel/vessel'
import { roughly } from '#core/units/format'
import { toShown, fromShown } from '#core/units/system'

/** How much: what the bench gives, and what it takes for so many litres by a day. */
const bench = useBench()
const { draft, method, approach, judgement, filled, vessel, standsShare } = bench
const { now, units } = useGarden()
const { quantity, span, day } = useSay()
const { startCollecting } = useCollecting()

/** Rounded as it is shown: a round number of litres is none of gallons. */
const rough = (volumeL: number) => fromShown('volume', units.value, roughly(toShown('volume', units.value, volumeL)))
const roughSpan = (low: number, high: number) => span('volume', rough(low), rough(high))
const { own: ownYield, need, needWith, sizing } = useNeed()
const own = computed(() => ownYield.value ?? { share: { low: 0, typical: 0, high: 0 }, batches: 0 })
const yieldFrom = computed(() => own.value.batches > 0
  ? `your own ${own.value.batches === 1 ? 'finished batch' : `${own.value.batches} finished batches`}`
  : 'what is usual; your own batches will sharpen it')
const volumeL = computed(() => judgement.value?.measures.volumeL ?? 0)
const today = computed(() => new Date(`${format(now.value, 'yyyy-MM-dd')}T08:00:00`))
/** As its forecast says, were it built now; until that is there, as is usual of this approach. */
const { ahead } = usePlanAhead(() => bench.effective.value, () => today.value)
const readyDays = computed(() => {
  const window = ahead.value?.windows[0]
  if (window)
    return {
      earliest: differenceInCalendarDays(window.from, today.value), latest: differenceInCalendarDays(window.to, today.value),
      forecast: true,
    }
  return { ...sizing.value?.daysToReady(approach.value.id) ?? { earliest: 0, latest: 0 }, forecast: false }
})

const litres = computed({
  get: () => toShown('volume', units.value, draft.value.wish?.litres ?? 0),
  set: (value: number) => wish({ litres: fromShown('volume', units.value, value) }),
})
const by = computed({
  get: () => draft.value.wish?.by ?? format(addMonths(now.value, 6), 'yyyy-MM-dd'), set: (value: string) => wish({ by: value }),
})
function wish(part: Partial<{ litres: number, by: string }>): void {
  const wanted = { litres: draft.value.wish?.litres ?? 0, by: by.value, ...part }
  bench.change({ wish: wanted.litres > 0 && /^\d{4}-\d\d-\d\d$/.test(wanted.by) ? wanted : undefined })
}
/** Other ways of running it that would still be in time. */
const quicker = computed(() => !need.value || need.value.inTime === 'in-time'
  ? []
  : method.value.face.approaches
      .filter(({ id }) => id !== approach.value.id && needWith(id)?.inTime !== 'too-late')
      .map(({ name }) => name.toLowerCase()),
)
const vesselName = computed(() => vessel.value.name.toLowerCase())
const collectBy = ref('')
const buildBy = computed(
  () => collectBy.value || format(need.value && need.value.safeBy > now.value ? need.value.safeBy : addMonths(now.value, 1), 'yyyy-MM-dd'),
)
async function collect(): Promise<void> {
  await startCollecting(buildBy.value)
  await navigateTo('/store')
}
</script>

<template>
  <div class="pt-3 space-y-5">
    <section v-if="judgement">
      <h3>From what is on the bench</h3>
      <p>
        {{ quantity('volume', volumeL) }} mixed, {{ quantity('length', fillHeightM(vessel, volumeL * standsShare)) }} high,
        {{ Math.round(((volumeL * standsShare) / vesselVolumeL(vessel)) * 100) }} % of the {{ vesselName }}.
      </p>
      <p>
        It should give
        <strong class="font-semibold text-highlighted">{{ roughSpan(volumeL * own.share.low, volumeL * own.share.high) }}</strong> in
        {{ Math.round(readyDays.earliest / 7) }} to {{ Math.round(readyDays.latest / 7) }} weeks, {{ approach.name.toLowerCase()
        }}{{ readyDays.forecast ? ', built today' : ', built in the warm half of the year' }}.
        <span class="aside-note">It sinks to {{ Math.round(own.share.low * 100) }}–{{ Math.round(own.share.high * 100) }} % of what is
          built, going by
          {{ yieldFrom }}.</span>
      </p>
    </section>
    <section>
      <h3 class="mb-2">
        From what you need
      </h3>
      <div class="flex flex-wrap gap-4 items-end">
        <StepNumber
          v-model="litres"
          label="Finished, so much"
          :unit="units === 'metric' ? 'L' : 'gal'"
          :step="units === 'metric' ? 20 : 5"
          :max="20000"
          :digits="0"
        />
        <label>
          <span class="field-label">By</span>
          <input
            v-model="by"
            type="date"
            class="text-field"
            :min="format(now, 'yyyy-MM-dd')"
          >
        </label>
      </div>
      <div
        v-if="need"
        class="mt-3 space-y-1"
        data-need
      >
        <p>
          Build about <strong class="font-semibold text-highlighted">{{ quantity('volume', rough(need.buildL.typical)) }}</strong>
          <span class="aside-note">({{ roughSpan(need.buildL.low, need.buildL.high) }})</span>:
          {{ need.vessels === 1 ? `one ${vesselName}` : `${need.vessels} times the ${vesselName}` }}, {{ quantity('volume', need.eachL)
          }}{{ need.vessels > 1 ? ' each' : '' }}, {{ quantity('length', fillHeightM(vessel, need.eachL * standsShare)) }} high.
        </p>
        <p v-if="need.tooLittle">
          That is more than you asked for: with less than {{ quantity('volume', need.leastL) }} in this vessel it would not hold its heat.
          It gives {{ roughSpan(need.eachL * own.share.low, need.eachL * own.share.high) }}.
        </p>
        <p v-if="need.inTime === 'in-time'">
          Built by <strong class="font-semibold text-highlighted">{{ day(need.safeBy) }}</strong> it is ready in time, even if it is slow;
          after {{ day(need.justBy) }} it will hardly be.
        </p>
        <p
          v-else
          class="caution"
        >
          {{
            need.inTime === 'tight'
              ? `It is tight: to be sure it had to stand since ${day(need.safeBy)}. `
                + `Built now, a quick one makes it; the last day for that is ${day(need.justBy)}.`
              : `Too late, ${approach.name.toLowerCase()}: even a quick one had to stand since ${day(need.justBy)}.`
          }}
          <template v-if="quicker.length > 0">
            In time with: {{ quicker.join(', ') }}.
          </template>
        </p>
        <p class="aside-note">
          “Balance it” now has this size among its choices.
        </p>
      </div>
    </section>
    <section v-if="filled.length > 0">
      <h3 class="mb-2">
        Collect it first
      </h3>
      <div class="flex flex-wrap gap-4 items-end">
        <label>
          <span class="field-label">To build on</span>
          <input
            :value="buildBy"
            type="date"
            class="text-field"
            :min="format(now, 'yyyy-MM-dd')"
            @change="collectBy = ($event.target as HTMLInputElement).value"
          >
        </label>
        <button
          type="button"
          class="label-button"
          @click="collect"
        >
          <UIcon
            name="i-ph-list-checks"
            class="size-5"
          />
          Make a collecting list
        </button>
      </div>
      <p class="aside-note mt-1">
        It stands in the store and fills by itself as you bring things in.
      </p>
    </section>
  </div>
</template>
