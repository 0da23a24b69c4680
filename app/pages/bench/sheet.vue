<script setup lang="ts">
definePageMeta({ title: 'Build sheet' })
/** The last look before building: name, place, the sheet, and the start. */
const { proposal, planned, method, drawn, effective, goesIn, vessel } = useBench()
const { standing, materials } = useGarden()
const { quantity } = useSay()
const { start, busy } = useStarting()
const { building, begin } = useBuilding()

const name = ref('')
const place = ref('')
const suggested = computed(() => {
  const base = vessel.value.name
  const taken = standing.value.filter(({ batch }) => batch.name.startsWith(base)).length
  return taken > 0 ? `${base} ${taken + 1}` : base
})
const short = computed(() => drawn.value.filter(({ missingLooseL, draws }) => draws.length > 0 && missingLooseL > 0.5))
const fromStore = computed(() => drawn.value.some(({ draws }) => draws.length > 0))
const heap = computed(() => ({
  name: name.value.trim() || suggested.value, place: place.value.trim(), plan: effective.value,
  waterL: planned.value?.draft.waterL ?? 0,
}))

const { at } = provideWhen(new Date(0).toISOString())
async function begun(): Promise<void> {
  const since = at()
  if (since) await start({ ...heap.value, ingredients: goesIn.value, at: since })
}

async function checklist(): Promise<void> {
  await begin(heap.value)
  await navigateTo('/bench/build')
}
</script>

<template>
  <div v-if="proposal && planned">
    <div class="no-print pb-4 mb-4 border-b-2 border-inverted/60">
      <BuildingBar />
      <p
        v-if="planned.draft.refusal"
        class="border-l-4 border-error pl-3 font-semibold mb-3"
        role="alert"
        data-refusal
      >
        {{ planned.draft.refusal }}
      </p>
      <div class="flex flex-wrap gap-4 items-end">
        <NameAndPlace
          v-model:name="name"
          v-model:place="place"
          :suggested="suggested"
          hint="under the apple tree"
        />
        <button
          type="button"
          class="label-button strong"
          :disabled="building !== undefined || planned.draft.refusal !== undefined"
          @click="checklist"
        >
          <UIcon
            name="i-ph-list-checks"
            class="size-5"
          />
          {{ method.face.words.stepwise }}
        </button>
        <button
          type="button"
          class="label-button"
          :disabled="busy || planned.draft.refusal !== undefined"
          @click="begun"
        >
          {{ method.face.words.start }}
        </button>
        <PrintButton />
      </div>
      <div class="mt-3">
        <span class="field-label">It stands since</span>
        <WhenRow label="It stands since" />
        <NuxtLink
          :to="`/stands?of=${method.id}`"
          class="tap inline-flex items-center underline underline-offset-3"
        >It stands longer, or nobody knows the day</NuxtLink>
      </div>
      <p class="mt-2 aside-note">
        <template v-if="fromStore">
          What the store holds of it is taken out when you start.
        </template>
        <template v-if="short.length > 0">
          The store is short of
          {{ short.map(one => `${quantity('volume', one.missingLooseL)} of ${materials.find(one.materialId)?.short}`).join(', ') }}; the
          rest is taken as brought along.
        </template>
      </p>
    </div>
    <BuildSheet
      :proposal="proposal"
      :draft="planned.draft"
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
