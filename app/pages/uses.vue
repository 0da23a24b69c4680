<script setup lang="ts">
import { doubtNotes, whyRaw } from '#core/lots/words'
import { carriedMemory } from '#core/lots/carried'
import { originMemory, type Origin } from '#core/lots/origins'
import { bedsHad, reachedBy, wentTo, type BedHad } from '#core/uses/uses'

definePageMeta({ title: 'Where it all went' })

/** The use book: where each lot went, what each bed had and of what, and which beds something doubtful has reached. */
const { store, materials, clock } = useGarden()
const { beds } = useBeds()
const { quantity, day } = useSay()
const route = useRoute()
const asked = (key: string) => typeof route.query[key] === 'string' ? route.query[key] : ''
const lots = computed(() => [...store.journal.garden.lots.values()].sort((a, b) => a.gatheredAt < b.gatheredAt ? 1 : -1))
/** Several lots of one thing are told apart by the batch they came out of. */
function lotText(id: string): string {
  const lot = store.journal.garden.lots.get(id)
  if (!lot) return 'something not here'
  const from = lot.fromBatchId === undefined ? undefined : store.journal.garden.batches.get(lot.fromBatchId)?.name
  const name = lot.called ?? materials.value.find(lot.materialId)?.short ?? 'something unknown here'
  return `${name}${from ? ` of ${from}` : ''}, ${day(lot.gatheredAt)}`
}
const batchText = (id: string) => store.journal.garden.batches.get(id)?.name ?? 'a batch not here'
const bedText = (id: string) => beds.value.find(bed => bed.id === id)?.name ?? id
const risks = computed(() => carriedMemory(store.journal.garden, materials.value, clock.value))
const origins = computed(() => originMemory(store.journal.garden, materials.value))

/** What is looked for: a lot or a batch, by the word before its id. */
const sought = ref(asked('lot') ? `lot ${asked('lot')}` : asked('batch') ? `batch ${asked('batch')}` : '')
const text = ref('')
interface Choice { readonly key: string, readonly said: string, readonly doubtful: boolean }
const choices = computed<Choice[]>(() => {
  const wanted = text.value.trim().toLowerCase()
  const all = [
    ...lots.value.map((lot): Choice => ({ key: `lot ${lot.id}`, said: lotText(lot.id), doubtful: risks.value.ofLot(lot.id).length > 0 })),
    ...[...store.journal.garden.batches.values()].map((batch): Choice => ({ key: `batch ${batch.id}`, said: batch.name, doubtful: false })),
  ]
  return all.filter(({ said, doubtful }) => wanted === '' ? doubtful : said.toLowerCase().includes(wanted)).sort((a, b) =>
    Number(b.doubtful) - Number(a.doubtful))
})
const SHOWN = 12
const seen = useSeen(() => choices.value.length, SHOWN)
const chosen = computed(() => {
  const [kind, id] = sought.value.split(' ')
  return id && (kind === 'lot' || kind === 'batch') ? { kind, id } as const : undefined
})
const reached = computed(() => chosen.value && reachedBy(chosen.value, store.journal.garden, beds.value, materials.value))
const went = computed(() => chosen.value?.kind === 'lot' ? wentTo(store.journal.garden, chosen.value.id) : [])
const cameFrom = computed(() => chosen.value?.kind === 'lot'
  ? origins.value.ofLot(chosen.value.id).filter(({ id }) => id !== chosen.value?.id)
  : [])
const carried = computed(() => chosen.value?.kind === 'lot' ? risks.value.ofLot(chosen.value.id) : [])
const cautions = computed(() => [whyRaw(carried.value), ...doubtNotes(carried.value)].filter(Boolean))
const title = computed(() => chosen.value
  ? capital(chosen.value.kind === 'lot' ? lotText(chosen.value.id) : batchText(chosen.value.id))
  : '')
const nowhere = computed(() => reached.value
  && reached.value.onBeds.length + reached.value.inBatches.length + reached.value.inLots.length === 0)

const bedId = ref(asked('bed'))
const had = computed(() =>
  bedsHad(store.journal.garden, beds.value, materials.value).filter(one => bedId.value === '' || one.bedId === bedId.value))
const hadSeen = useSeen(() => had.value.length, 20)
const hadText = (one: BedHad) => {
  const what = one.lotId
    ? lotText(one.lotId)
    : one.batchId
      ? batchText(one.batchId)
      : materials.value.find(one.materialId ?? '')?.short ?? 'something'
  return `${quantity('volume', one.litres, 1)} of ${what}`
}
const originText = ({ kind, id }: Origin) => kind === 'batch'
  ? batchText(id)
  : kind === 'lot'
    ? lotText(id)
    : materials.value.find(id)?.short ?? id
const minded = (one: BedHad) => [whyRaw(one.carried), ...doubtNotes(one.carried)].filter(Boolean)
const placeText = ({ kind, id }: (typeof went.value)[number]) =>
  kind === 'bed' ? `onto ${bedText(id)}` : kind === 'batch' ? `into ${batchText(id)}` : kind === 'lot' ? `into ${lotText(id)}` : `to ${id}`
function look(key: string): void {
  sought.value = key
  scrollTo({ top: 0 })
}
</script>

<template>
  <div>
    <h1>Where it all went</h1>
    <section
      v-if="chosen && reached"
      class="mt-3 max-w-3xl"
      aria-live="polite"
      data-reached
    >
      <h2 class="section-rule">
        {{ title }}
      </h2>
      <p
        v-for="caution in cautions"
        :key="caution"
        class="caution"
      >
        {{ caution }}
      </p>
      <p
        v-if="cameFrom.length > 0"
        class="mt-1"
        data-came-from
      >
        <strong class="font-semibold">It came from:</strong> {{ cameFrom.map(originText).join('; ') }}.
      </p>
      <p
        v-if="nowhere"
        class="mt-1"
      >
        It has gone nowhere so far.
      </p>
      <template v-if="reached.onBeds.length > 0">
        <h3 class="mt-3">
          On these beds
        </h3>
        <ul>
          <li
            v-for="one in reached.onBeds"
            :key="one.eventId"
            class="line-rule py-1"
            data-on-bed
          >
            <strong class="font-semibold text-highlighted">{{ bedText(one.bedId) }}</strong>, {{ day(one.at) }}: {{ hadText(one) }}
          </li>
        </ul>
      </template>
      <template v-if="reached.inBatches.length > 0">
        <h3 class="mt-3">
          In these batches
        </h3>
        <ul class="flex flex-wrap gap-x-4">
          <li
            v-for="one in reached.inBatches"
            :key="one.batchId"
          >
            <NuxtLink
              :to="`/batch/${one.batchId}`"
              class="tap inline-flex items-center underline underline-offset-3"
            >{{ batchText(one.batchId) }}</NuxtLink>
          </li>
        </ul>
      </template>
      <template v-if="reached.inLots.length > 0">
        <h3 class="mt-3">
          In what still lies in the store
        </h3>
        <ul>
          <li
            v-for="one in reached.inLots"
            :key="one.lotId"
            class="line-rule py-1"
            data-in-lot
          >
            {{ capital(lotText(one.lotId)) }}
          </li>
        </ul>
      </template>
      <template v-if="went.length > 0">
        <h3 class="mt-3">
          What was taken of it
        </h3>
        <ul>
          <li
            v-for="(one, index) in went"
            :key="index"
            class="line-rule py-1"
          >
            {{ day(one.at) }}: {{ quantity('volume', one.litres, 1) }} {{ placeText(one) }}
          </li>
        </ul>
      </template>
    </section>
    <div class="grid lg:grid-cols-2 gap-x-10 gap-y-6 mt-5">
      <section aria-labelledby="look">
        <h2
          id="look"
          class="section-rule mb-2"
        >
          Which bed had it?
        </h2>
        <label class="block max-w-72">
          <span class="field-label">A lot or a batch</span>
          <input
            v-model="text"
            class="text-field"
            type="search"
            autocomplete="off"
            placeholder="hay, leaf mould, apple bay"
          >
        </label>
        <p
          v-if="text.trim() === ''"
          class="aside-note mt-2"
        >
          {{ choices.length > 0 ? 'These carry something that is minded. Any other is found by its name.'
            : 'Any lot or batch is found by its name.' }}
        </p>
        <ul class="mt-2">
          <li
            v-for="one in choices.slice(0, seen.drawn.value)"
            :key="one.key"
            class="line-rule"
          >
            <button
              type="button"
              class="tap w-full text-left flex gap-2 items-center"
              :aria-pressed="sought === one.key"
              data-look-for
              @click="look(one.key)"
            >
              <UIcon
                v-if="one.doubtful"
                name="i-ph-warning"
                class="size-5 text-warning shrink-0"
              />
              {{ capital(one.said) }}<span
                v-if="one.doubtful"
                class="sr-only"
              >, doubtful</span>
            </button>
          </li>
        </ul>
        <MoreBelow
          :left="seen.left.value"
          @more="seen.more"
        />
      </section>
      <section aria-labelledby="had">
        <h2
          id="had"
          class="section-rule mb-2"
        >
          What the beds had
        </h2>
        <label
          v-if="beds.length > 0"
          class="block max-w-72"
        >
          <span class="field-label">Bed</span>
          <select
            v-model="bedId"
            class="text-field"
          >
            <option value="">
              all beds
            </option>
            <option
              v-for="bed in beds"
              :key="bed.id"
              :value="bed.id"
            >{{ bed.name }}</option>
          </select>
        </label>
        <ul class="mt-2">
          <li
            v-for="one in had.slice(0, hadSeen.drawn.value)"
            :key="one.eventId"
            class="line-rule py-2"
            data-bed-had
          >
            <p><strong class="font-semibold text-highlighted">{{ bedText(one.bedId) }}</strong>, {{ day(one.at) }}: {{ hadText(one) }}</p>
            <p
              v-if="one.origins.some(({ id }) => id !== one.lotId)"
              class="aside-note"
            >
              Of: {{ one.origins.filter(({ id }) => id !== one.lotId).map(originText).join('; ') }}
            </p>
            <p
              v-for="caution in minded(one)"
              :key="caution"
              class="font-semibold text-warning"
            >
              {{ caution }}
            </p>
          </li>
        </ul>
        <MoreBelow
          :left="hadSeen.left.value"
          @more="hadSeen.more"
        />
        <p v-if="had.length === 0">
          Nothing was spread so far.
        </p>
      </section>
    </div>
  </div>
</template>
