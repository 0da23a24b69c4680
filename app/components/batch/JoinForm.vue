<script setup lang="ts">
import { unknownCautions } from '#core/already'
import { carriedByBatch } from '#core/lots/carried'
import { carriedCautions } from '#core/lots/words'
import { earliestOf } from '#core/journal/garden'
import { joiningEvents } from '#core/garden/joining'
import { levelOf } from '#core/methods/doubt'
import { sitesFor } from '#core/methods/contract'
import { siteAreaM2, type Site } from '#core/vessel/site'
import type { KnownBatch } from '~/composables/useGarden'

/** All of one, or a part of it, onto another that stands: what went in goes on there, with all that it carries. */
const { known } = defineProps<{ known: KnownBatch }>()
const { store, standing, surroundings, materials, now } = useGarden()
const { record } = useRecorder()
const { quantity } = useSay()
const router = useRouter()

const others = computed(() => goesOn(standing.value).filter(({ batch }) =>
  batch.id !== known.batch.id))
const ontoId = ref(others.value[0]?.batch.id)
const onto = computed(() => others.value.find(({ batch }) => batch.id === ontoId.value))
const level = levelOf(known.method, known.batch)
const standsM = level?.expected(known.batch, surroundings.value)[level.spots[0].id]
const expectedL = known.method.life.outputs(known.batch, surroundings.value).reduce((sum, one) => sum + (one.expectedL ?? 0), 0)
const litres = ref(Math.max(1, Math.round(standsM === undefined ? expectedL : siteAreaM2(known.batch.began.site) * standsM * 1000)))
const part = ref<'all' | 'part'>('all')
const wider = ref<'same' | 'other'>('same')
const site = shallowRef<Site>()
watch([onto, wider], () => { site.value = wider.value === 'other' ? onto.value?.batch.began.site : undefined })
const sites = computed(() => onto.value ? sitesFor(onto.value.method, onto.value.batch.began.approachId) : [])
const { at } = provideWhen(() => [known, onto.value].flatMap(one => one ? [earliestOf(one.batch.began)] : []).sort().at(-1)!)

/** What went in goes along: the other is handled as this one from then on. */
const cautions = computed(() => [
  ...unknownCautions(known.batch.began, known.method.face.choosing.eats),
  ...carriedCautions(carriedByBatch(store.journal.garden, known.batch, materials.value, now.value)),
])

async function save(): Promise<void> {
  const moment = at()
  const other = onto.value
  const materialId = known.method.life.goesOnAs
  if (!moment || !other || !materialId || litres.value <= 0) return
  const events = joiningEvents({
    at: moment, from: known.batch, onto: other.batch, materialId, litres: litres.value, ends: part.value === 'all',
    ...(site.value ? { site: site.value } : {}),
  }, newId(new Date()))
  const done = await record(
    events, `${quantity('volume', litres.value)} of ${known.batch.name} onto ${other.batch.name}.`,
    part.value === 'all' ? `It goes on in ${other.batch.name}, with all that went into it.` : '',
  )
  if (done) await router.push(`/batch/${other.batch.id}`)
}
</script>

<template>
  <form
    class="max-w-2xl space-y-5"
    data-join-form
    @submit.prevent="save"
  >
    <header>
      <NuxtLink
        :to="`/batch/${known.batch.id}`"
        class="tap inline-flex items-center underline underline-offset-3"
      >Back to the {{ known.method.face.words.one }}</NuxtLink>
      <h1>{{ known.batch.name }} onto another</h1>
      <slot />
    </header>
    <ChoiceRow
      v-model="ontoId"
      label="Onto which"
      :choices="others.map(({ batch, method }) => ({ id: batch.id, label: batch.name, hint: method.face.words.one }))"
    />
    <ChoiceRow
      v-model="part"
      label="How much of it"
      :choices="[{ id: 'all', label: 'all of it' }, { id: 'part', label: 'a part' }]"
    />
    <QuantityNumber
      v-model="litres"
      quantity="volume"
      label="That is about"
      :min="1"
      :max="20000"
    />
    <ChoiceRow
      v-if="onto"
      v-model="wider"
      :label="`${onto.batch.name} stands then`"
      :choices="[{ id: 'same', label: 'as it stood' }, { id: 'other', label: 'in something else, or wider' }]"
    />
    <SiteEntry
      v-if="site && wider === 'other'"
      v-model="site"
      :sites="sites"
    />
    <p
      v-for="caution in cautions"
      :key="caution"
      class="caution"
      data-carried
    >
      {{ caution }}
    </p>
    <WhenRow label="When it was joined" />
    <button
      class="label-button strong"
      :disabled="!onto"
    >
      Onto it with it
    </button>
  </form>
</template>
