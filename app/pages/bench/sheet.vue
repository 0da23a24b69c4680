<script setup lang="ts">
import { newId } from '~/storage/identity'

/** The last look before building: name, place, the sheet, and the start. */
const bench = useBench()
const { proposal, method, approach, drawn, draft } = bench
const { standing } = useGarden()
const { quantity } = useSay()
const { record } = useRecorder()
const router = useRouter()

const name = ref('')
const place = ref('')
const busy = ref(false)
const suggested = computed(() => {
  const base = draft.value.vessel.name
  const taken = standing.value.filter(({ batch }) => batch.name.startsWith(base)).length
  return taken > 0 ? `${base} ${taken + 1}` : base
})
const short = computed(() => drawn.value.filter(({ missingLooseL, draws }) => draws.length > 0 && missingLooseL > 0.5))
const fromStore = computed(() => drawn.value.some(({ draws }) => draws.length > 0))

async function start(): Promise<void> {
  if (!proposal.value) return
  busy.value = true
  const batchId = newId(new Date())
  const { ingredients } = draft.value
  const built = await record({
    kind: 'built', at: new Date().toISOString(), batchId, name: name.value.trim() || suggested.value, place: place.value.trim(),
    methodId: method.value.id, approachId: approach.value.id, vessel: draft.value.vessel, waterL: proposal.value.waterL,
    ingredients: drawn.value.map(({ materialId, amount, draws }) => ({ materialId, amount, draws: [...draws] })),
  }, `${name.value.trim() || suggested.value} is standing.`, 'Read its heat tomorrow.', () => {
    bench.change({ ingredients })
    void router.push('/bench')
  })
  busy.value = false
  if (!built) return
  bench.change({ ingredients: [] })
  await router.push(`/batch/${batchId}`)
}
const print = () => window.print()
</script>

<template>
  <div v-if="proposal">
    <div class="no-print flex flex-wrap gap-4 items-end pb-4 mb-4 border-b-2 border-inverted/60">
      <label class="flex-1 min-w-48">
        <span class="field-label">Name</span>
        <input
          v-model="name"
          class="text-field"
          maxlength="80"
          :placeholder="suggested"
          autocomplete="off"
        >
      </label>
      <label class="flex-1 min-w-48">
        <span class="field-label">Where it stands</span>
        <input
          v-model="place"
          class="text-field"
          maxlength="80"
          placeholder="under the apple tree"
          autocomplete="off"
        >
      </label>
      <button
        type="button"
        class="label-button"
        @click="print"
      >
        <UIcon
          name="i-ph-printer"
          class="size-5"
        />
        Print
      </button>
      <button
        type="button"
        class="label-button strong"
        :disabled="busy"
        @click="start"
      >
        It is built: start it
      </button>
      <p class="w-full aside-note">
        <template v-if="fromStore">
          What the store holds of it is taken out when you start.
        </template>
        <template v-if="short.length > 0">
          The store is short of {{ short.map(one => `${quantity('volume', one.missingLooseL)} of ${one.materialId.replaceAll('-', ' ')}`).join(', ') }}; the rest is taken as brought along.
        </template>
      </p>
    </div>
    <BuildSheet
      :proposal="proposal"
      :method="method"
      :name="name || suggested"
      :place="place"
    />
  </div>
  <div
    v-else
    class="space-y-3"
  >
    <h1>Nothing on the bench</h1>
    <NuxtLink
      to="/bench"
      class="label-button strong"
    >To the bench</NuxtLink>
  </div>
</template>
