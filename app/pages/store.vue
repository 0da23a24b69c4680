<script setup lang="ts">
import type { CollectingList } from '#core/garden/collecting'
import type { Material } from '#core/materials/material'

definePageMeta({ title: 'The store' })

/** The store: what is there, what spoils, and what was made. */
const { stored, materials } = useGarden()
const { lists, setDay, remove, keep, toBench } = useCollecting()
const { showNote } = useRecorder()
const { quantity } = useSay()
const route = useRoute()
const picking = ref(route.query.add === '1')
const adding = shallowRef<Material>()

watch(() => route.query.add, (add) => { if (add === '1') picking.value = true })
const gathered = computed(() => stored.value.filter(({ material }) => material.family !== 'finished'))
const made = computed(() => stored.value.filter(({ material }) => material.family === 'finished'))
const gatheredDrawn = useGrowing(() => gathered.value.length, 10)
const madeDrawn = useGrowing(() => made.value.length, 10)
const sumOf = (lots: typeof stored.value) => `${quantity('volume', lots.reduce((sum, { leftL }) => sum + leftL, 0))}, ${quantity('mass', lots.reduce((sum, { leftMassKg }) => sum + leftMassKg, 0))}`

async function build(list: CollectingList): Promise<void> {
  toBench(list)
  await navigateTo('/bench')
}
async function stop(list: CollectingList): Promise<void> {
  await remove(list)
  showNote(`No longer collecting for ${list.name}.`, () => void keep(list))
}
function brought(materialId: string): void {
  const material = materials.value.find(materialId)
  if (!material) return
  pick(material)
  void nextTick(() => document.querySelector('[data-stock-form]')?.scrollIntoView({ block: 'center' }))
}
function pick(material: Material): void {
  adding.value = material
  picking.value = false
}
</script>

<template>
  <div>
    <header class="flex flex-wrap items-center justify-between gap-3">
      <h1>The store</h1>
      <button
        type="button"
        class="label-button strong"
        @click="picking = true"
      >
        <UIcon
          name="i-ph-plus"
          class="size-5"
        />
        Put something in
      </button>
    </header>
    <p class="aside-note">
      <NuxtLink
        to="/materials"
        class="underline underline-offset-3"
      >All materials</NuxtLink>, with their values and yours
    </p>
    <section
      v-if="adding"
      class="section-rule mt-4 pb-4 max-w-2xl"
      data-stock-form
    >
      <StockForm
        :key="adding.id"
        :material="adding"
        @done="adding = undefined"
      />
    </section>
    <section
      v-if="lists.length > 0"
      aria-labelledby="collecting"
      class="mt-4"
    >
      <h2 id="collecting">
        Collecting
      </h2>
      <div class="grid lg:grid-cols-2 gap-x-10 gap-y-4 mt-2">
        <CollectingCard
          v-for="{ list, state } in lists"
          :key="list.id"
          :list="list"
          :state="state"
          @day="by => setDay(list, by)"
          @remove="stop(list)"
          @build="build(list)"
          @brought="brought"
        />
      </div>
    </section>
    <div class="grid lg:grid-cols-2 gap-x-10 gap-y-6 mt-4">
      <section aria-labelledby="gathered">
        <h2
          id="gathered"
          class="section-rule flex justify-between items-baseline"
        >
          Gathered <span
            v-if="gathered.length > 0"
            class="aside-note font-sans font-normal"
          >{{ sumOf(gathered) }}</span>
        </h2>
        <ul v-if="gathered.length > 0">
          <LotRow
            v-for="lot in gathered.slice(0, gatheredDrawn)"
            :key="lot.lot.id"
            :stored="lot"
          />
        </ul>
        <p
          v-else
          class="mt-2"
        >
          Nothing gathered yet. Sacks of leaves, buckets of grass, a barrow of manure: put in what you have, and the bench takes from it.
        </p>
      </section>
      <section aria-labelledby="made">
        <h2
          id="made"
          class="section-rule flex justify-between items-baseline"
        >
          Made <span
            v-if="made.length > 0"
            class="aside-note font-sans font-normal"
          >{{ sumOf(made) }}</span>
        </h2>
        <ul v-if="made.length > 0">
          <LotRow
            v-for="lot in made.slice(0, madeDrawn)"
            :key="lot.lot.id"
            :stored="lot"
          />
        </ul>
        <p
          v-else
          class="mt-2"
        >
          What comes out of your heaps lands here.
        </p>
      </section>
    </div>
    <MaterialPicker
      v-model:open="picking"
      title="What did you gather?"
      done="Close"
      @pick="pick"
    />
  </div>
</template>
