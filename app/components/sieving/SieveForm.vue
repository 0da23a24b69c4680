<script setup lang="ts">
import type { StoredLot } from '#core/garden/store'
import { carriedByLot } from '#core/lots/carried'
import { carriedCautions } from '#core/lots/words'
import { packingFactor } from '#core/materials/packing'
import { MESHES } from '#core/sieving/constants'
import {
  DAMPNESS, DAMPNESS_WORDS, isMulchByNow, sievingEvents, sievingMinutes, sieveRounds, streamsOf, type Dampness, type Sieved,
} from '#core/sieving/sieving'
import { coarsenessOf, sievedKind } from '#core/sieving/through'
import { amountVolumeL, containersFor, containerThen, type Amount } from '#core/units/container'

/** One or several lots through one or two meshes: what is expected, what came of it, what was picked out, and where the overs go. */
const { lots } = defineProps<{ lots: readonly StoredLot[] }>()
const { store, materials, materialContainers, standing, clock } = useGarden()
const { record } = useRecorder()
const { quantity, span, sieve, amount, day } = useSay()

const [first] = lots
const material = first!.material
const WORDS = { seeds: 'for seeds', pots: 'for pots', beds: 'for beds', coarse: 'coarse' } as const
const chosen = ref<number[]>([MESHES.find(({ id }) => id === (material.growsAs === undefined ? 'beds' : 'pots'))!.meshMm])
const meshes = computed(() => [...chosen.value].sort((a, b) => a - b))
/** Two at once, one on the other; a third takes the place of the one before. */
function toggle(meshMm: number): void {
  chosen.value = chosen.value.includes(meshMm)
    ? chosen.value.length > 1 ? chosen.value.filter(one => one !== meshMm) : chosen.value
    : [...chosen.value, meshMm].slice(-2)
}
const takes = ref<Record<string, number>>(Object.fromEntries(lots.map(({ lot, leftLooseL }) => [lot.id, leftLooseL])))
const inL = computed(() => lots.reduce((sum, { lot }) => sum + (takes.value[lot.id] ?? 0), 0))
const dampness = ref<Dampness>('right')
const coarseness = computed(() => coarsenessOf(sievedKind(material), store.journal.garden, materials.value))
const streams = computed(() => streamsOf(material, inL.value, meshes.value, coarseness.value))
const minutes = computed(() => sievingMinutes(inL.value, meshes.value, store.journal.garden))
const bucket = computed(() => containerThen(materialContainers.value.find(({ id }) => id === 'bucket') ?? materialContainers.value[0]!))
const amounts = ref<Record<string, Amount>>({})
const keyOf = (throughMm: number | undefined) => String(throughMm ?? 'overs')
const amountOf = (throughMm: number | undefined): Amount =>
  amounts.value[keyOf(throughMm)] ?? { count: 0, container: bucket.value, packing: 'loose' }
const setAmount = (throughMm: number | undefined, to: Amount) => { amounts.value = { ...amounts.value, [keyOf(throughMm)]: to } }
const titleOf = (throughMm: number | undefined, at: number) =>
  throughMm === undefined
    ? `Stayed on ${sieve(meshes.value.at(-1)!)}`
    : at === 0
      ? `Through ${sieve(throughMm)}`
      : `Between the two, through ${sieve(throughMm)}`
const roughly = ({ throughMm, litres }: (typeof streams.value)[number]) =>
  setAmount(throughMm,
    { count: Math.max(0.25, Math.round(containersFor(litres.typical, bucket.value) * 4) / 4), container: bucket.value, packing: 'loose' })

const pickedL = ref(0)
const picked = ref('')
const took = ref(0)
const rounds = computed(() => {
  const memory = sieveRounds(store.journal.garden, materials.value)
  return Math.max(0, ...lots.map(({ lot }) => memory.ofLot(lot.id))) + 1
})
const oversOnto = ref<string>(isMulchByNow(rounds.value) ? 'mulch' : 'store')
const ontos = computed(() => [
  { id: 'store', label: 'into the store' }, { id: 'mulch', label: 'into the store, as a mulch for a bed' },
  ...goesOn(standing.value).map(({ batch, method }) => ({ id: batch.id, label: `onto ${batch.name}, ${method.face.words.one}` })),
])
const sieved = computed<Omit<Sieved, 'at'>>(() => {
  const batch = standing.value.find(one => one.batch.id === oversOnto.value)?.batch
  return {
    draws: lots.flatMap(({ lot }) => {
      const litres = (takes.value[lot.id] ?? 0) / packingFactor(material, lot.packing)
      return litres > 0 ? [{ lotId: lot.id, litres }] : []
    }),
    streams: streams.value.map(({ materialId, throughMm }) => ({
      materialId, amount: amountOf(throughMm), ...(throughMm === undefined ? {} : { throughMm }),
    })),
    ...(pickedL.value > 0 ? { picked: { litres: pickedL.value, what: picked.value.trim() } } : {}),
    ...(took.value > 0 ? { minutes: took.value } : {}),
    ...(batch ? { oversOnto: batch } : {}),
  }
})
const outL = computed(() => sieved.value.streams.reduce((sum, one) => sum + amountVolumeL(one.amount), 0))
const looseLost = computed(() => inL.value - outL.value - pickedL.value)
const lossWords = computed(() => {
  if (outL.value === 0) return ''
  const off = quantity('volume', Math.abs(looseLost.value), 1)
  if (looseLost.value < -inL.value * 0.15) return `${off} more came out than went in: check the counts.`
  if (looseLost.value < 0) return `${off} more than went in: sieved it lies looser.`
  return looseLost.value > inL.value * 0.2
    ? `${off} are missing: check the counts, or say what was picked out.`
    : `${off} less than went in: dust, and what settled.`
})
/** A finer mesh than it went through before, or nothing stays on it. */
const before = computed(() => lots.every(({ lot }) => lot.sieveMm !== undefined && lot.sieveMm <= meshes.value[0]!))
const cautions = computed(() => [...new Set(lots.flatMap(({ lot }) =>
  carriedCautions(carriedByLot(store.journal.garden, lot.id, materials.value, clock.value))))])
const { at } = provideWhen(() => lots.reduce((last, { lot }) => lot.gatheredAt > last ? lot.gatheredAt : last, ''), 'gathered')
async function save(): Promise<void> {
  const when = at()
  if (!when || outL.value <= 0) return
  const id = newId(new Date())
  const done = await record(
    sievingEvents({ ...sieved.value, at: when }, id), `${quantity('volume', inL.value)} of ${material.short} sieved.`,
    lossWords.value,
  )
  if (done) await navigateTo('/store')
}
const said = ({ lot, leftCount }: StoredLot) =>
  `${amount(leftCount, lot.container)} of ${lot.called ?? material.short}, ${day(lot.gatheredAt)}`
</script>

<template>
  <form
    class="max-w-2xl space-y-6"
    data-sieve-form
    @submit.prevent="save"
  >
    <section class="section-rule space-y-3">
      <h2>What goes through</h2>
      <QuantityNumber
        v-for="one in lots"
        :key="one.lot.id"
        v-model="takes[one.lot.id]!"
        quantity="volume"
        :label="said(one)"
        :min="0"
        :max="one.leftLooseL"
      />
      <div>
        <span
          id="meshes"
          class="field-label"
        >Mesh: one, or two at once</span>
        <div
          role="group"
          aria-labelledby="meshes"
          class="flex flex-wrap gap-2"
        >
          <button
            v-for="mesh in MESHES"
            :key="mesh.id"
            type="button"
            class="label-button !px-3"
            :aria-pressed="chosen.includes(mesh.meshMm)"
            :data-mesh="mesh.meshMm"
            @click="toggle(mesh.meshMm)"
          >
            <span>{{ sieve(mesh.meshMm) }}<span class="block text-[0.82rem] font-normal opacity-85">{{ WORDS[mesh.id] }}</span></span>
          </button>
        </div>
      </div>
      <ChoiceRow
        v-model="dampness"
        label="How it feels"
        :choices="DAMPNESS.map(id => ({ id, label: DAMPNESS_WORDS[id].label, hint: DAMPNESS_WORDS[id].hint }))"
      />
      <p
        v-if="DAMPNESS_WORDS[dampness].advice"
        class="caution"
        data-dampness
      >
        {{ DAMPNESS_WORDS[dampness].advice }}
      </p>
      <p
        v-if="before"
        class="font-semibold"
        role="status"
      >
        All of it went through as fine a mesh before: hardly anything will stay on this one.
      </p>
      <p
        v-else
        role="status"
        data-expected
      >
        {{ span('volume', streams[0]!.litres.low, streams[0]!.litres.high) }} should go through {{ sieve(meshes[0]!) }}{{
          coarseness.sievings > 0 ? ', as yours have' : ', as is usual' }}; about
        {{ Math.max(5, Math.round(minutes.typical / 5) * 5) }} minutes of work.
      </p>
    </section>
    <section
      v-for="(stream, index) in streams"
      :key="keyOf(stream.throughMm)"
      class="section-rule space-y-2"
      :data-stream="keyOf(stream.throughMm)"
    >
      <div class="flex flex-wrap gap-3 items-center justify-between">
        <h2 class="flex gap-3 items-center">
          <HatchSwatch :family="materials.find(stream.materialId)?.family ?? 'finished'" />
          {{ titleOf(stream.throughMm, index) }}
        </h2>
        <button
          type="button"
          class="label-button"
          :aria-label="`about ${quantity('volume', stream.litres.typical)}: ${titleOf(stream.throughMm, index)}`"
          data-roughly
          @click="roughly(stream)"
        >
          about {{ quantity('volume', stream.litres.typical) }}
        </button>
      </div>
      <AmountEntry
        :model-value="amountOf(stream.throughMm)"
        :label="`How much ${titleOf(stream.throughMm, index).toLowerCase()}`"
        @update:model-value="to => setAmount(stream.throughMm, to)"
      />
      <label
        v-if="stream.throughMm === undefined"
        class="block max-w-72"
      >
        <span class="field-label">What stayed behind goes</span>
        <select
          v-model="oversOnto"
          class="text-field"
          data-overs-onto
        >
          <option
            v-for="one in ontos"
            :key="one.id"
            :value="one.id"
          >{{ one.label }}</option>
        </select>
      </label>
      <p
        v-if="stream.throughMm === undefined && isMulchByNow(rounds)"
        class="aside-note"
      >
        It has been left on a sieve before: as a mulch it does more good than in another heap.
      </p>
    </section>
    <section class="section-rule space-y-3">
      <div class="flex flex-wrap gap-x-5 gap-y-3 items-end">
        <QuantityNumber
          v-model="pickedL"
          quantity="volume"
          label="Picked out"
          :min="0"
          :max="inL"
          :step="0.5"
        />
        <label class="block min-w-52">
          <span class="field-label">What it was</span>
          <input
            v-model="picked"
            class="text-field"
            maxlength="200"
            autocomplete="off"
            placeholder="stones, glass, a label"
          >
        </label>
        <StepNumber
          v-model="took"
          label="Minutes it took, if you know"
          :step="5"
          :max="1000"
        />
      </div>
      <p
        v-if="lossWords"
        role="status"
        data-loss
      >
        {{ lossWords }}
      </p>
      <p class="caution">
        Gloves, and a mask where it dusts: spores and sharp bits. Glass goes into the bin, not onto a bed.
      </p>
      <p
        v-for="caution in cautions"
        :key="caution"
        class="caution"
        data-carried
      >
        {{ caution }}
      </p>
      <WhenRow label="When it was sieved" />
      <button
        class="label-button strong"
        :disabled="outL <= 0"
        data-sieved
      >
        It is sieved
      </button>
    </section>
  </form>
</template>
