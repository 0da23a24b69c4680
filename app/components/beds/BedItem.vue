<script setup lang="ts">
import { begunText } from '#core/methods/contract'
import { bedAreaM2, type Bed } from '#core/beds/bed'
import { harvestWait } from '#core/beds/harvest'
import { robbedAdvice, robbedBy } from '#core/beds/robbed'
import { spreadDepthM, type OnBed } from '#core/beds/history'
import { SPREAD_KINDS } from '#core/beds/spreading'
import { bedWords } from '#core/beds/words'
import { dateText, monthYearText } from '#core/units/dates'
import { timesText } from '#core/units/plural'

/** One bed: what it is, what lies on it, when what may come again, and all that was ever spread. */
const { bed } = defineProps<{ bed: Bed }>()
const { historyOf, againOn, remove, takeBack } = useBeds()
const { now, batches } = useGarden()
const { quantity, day } = useSay()
const editing = ref(false)
const open = ref(false)
const telling = ref(false)
const history = computed(() => historyOf(bed))
const robbed = computed(() => robbedBy(bed, history.value, now.value))
const waits = computed(() => harvestWait(bed, history.value, now.value))
const again = computed(() => SPREAD_KINDS.flatMap((kind) => {
  const date = kind.again(againOn(bed))
  return date && date > now.value ? [{ id: kind.id, date }] : []
}))
const spreads = computed(() => history.value.filter(({ laid }) => !laid))
const times = computed(() => spreads.value.length === 0 ? 'Nothing spread so far' : `Spread ${timesText(spreads.value.length)}`)
/** What lies on it, or lay on it: batches that were begun on this very ground. */
const laid = computed(() =>
  batches.value
    .filter(
      ({
        batch: {
          began: { site },
        },
      }) => 'id' in site && site.id === bed.id,
    )
    .sort((a, b) => (a.batch.began.at < b.batch.began.at ? 1 : -1)),
)
const deep = (one: OnBed) => spreadDepthM(bed, one.litres)
const what = (one: OnBed) => `${quantity('volume', one.litres, 1)} of ${one.material?.short ?? one.batchName ?? 'something unknown here'}`
</script>

<template>
  <li
    class="section-rule pb-4 space-y-2"
    :data-bed="bed.name"
  >
    <div class="flex flex-wrap items-baseline gap-x-4 justify-between">
      <h3 class="text-lg">
        {{ bed.name }}
      </h3>
      <span class="aside-note">{{ quantity('area', bedAreaM2(bed), 1) }} · {{ bedWords(bed) }}</span>
    </div>
    <CharBar
      v-if="bed.grows !== 'sour-loving'"
      :bed="bed"
      :history="history"
    />
    <p
      v-if="waits"
      class="border-l-4 border-error pl-3 font-semibold"
      data-no-harvest
    >
      No harvest before {{ dateText(waits.until) }}. <span class="font-normal">{{ waits.why }}</span>
    </p>
    <p
      v-if="robbed"
      class="caution"
      data-robbed
    >
      {{ quantity('volume', robbed.charL, 1) }} of raw char lie in it since {{ day(robbed.since) }}. {{ robbedAdvice(bed) }}
    </p>
    <p
      v-for="{ batch, method } in laid"
      :key="batch.id"
      class="aside-note"
      data-laid
    >
      <NuxtLink
        :to="`/batch/${batch.id}`"
        class="underline underline-offset-3"
      >{{ batch.name }}</NuxtLink>, {{ method.face.words.one }},
      {{ batch.ended ? `from ${begunText(batch.began, day)} to ${day(batch.ended.at)}` : `since ${begunText(batch.began, day)}` }}.
    </p>
    <p
      v-for="one in again"
      :key="one.id"
      class="aside-note"
    >
      Next {{ one.id }}: from {{ dateText(one.date) }}.
    </p>
    <p class="flex flex-wrap gap-2">
      <button
        type="button"
        class="label-button"
        :aria-expanded="open"
        :aria-label="`${times}: ${bed.name}`"
        data-history
        @click="open = !open"
      >
        {{ times }}
      </button>
      <button
        type="button"
        class="label-button"
        :aria-expanded="telling"
        :aria-label="`It had some before: ${bed.name}`"
        data-before
        @click="telling = !telling"
      >
        It had some before
      </button>
      <button
        type="button"
        class="label-button"
        :aria-expanded="editing"
        :aria-label="`Set it right: ${bed.name}`"
        @click="editing = !editing"
      >
        Set it right
      </button>
      <NuxtLink
        v-if="spreads.length > 0"
        :to="`/uses?bed=${bed.id}`"
        class="label-button"
        :aria-label="`All that is in it: ${bed.name}`"
        data-bed-uses
      >
        All that is in it
      </NuxtLink>
      <button
        v-if="editing"
        type="button"
        class="label-button"
        @click="remove(bed)"
      >
        Put the bed away
      </button>
    </p>
    <BedBefore
      v-if="telling"
      :bed="bed"
      @done="telling = false"
    />
    <ul v-if="open">
      <li
        v-for="one in [...spreads].reverse()"
        :key="one.eventId"
        class="line-rule py-1 flex flex-wrap gap-x-4 items-center"
      >
        <span class="aside-note w-24">{{ one.between ? `about ${monthYearText(one.at)}` : day(one.at) }}</span>
        <span class="flex-1 min-w-44">{{ what(one) }}, {{ quantity('length', deep(one), 1) }} deep<template v-if="one.charL > 0.05">, {{
          quantity('volume', one.charL, 1) }} of it char</template></span>
        <button
          type="button"
          class="tap aside-note underline underline-offset-3 decoration-dotted"
          :aria-label="`take it back: ${what(one)}`"
          @click="takeBack(one.eventId, what(one))"
        >
          take it back
        </button>
      </li>
    </ul>
    <BedForm
      v-if="editing"
      :bed="bed"
      @done="editing = false"
    />
  </li>
</template>
