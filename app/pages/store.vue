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
const bringing = shallowRef<readonly Material[]>([])
/** What was picked is laid out when the picker closes. */
const laidOut = computed(() => !picking.value && bringing.value.length > 0)

watch(() => route.query.add, (add) => { if (add === '1') picking.value = true })

const SHOWS = [
  { id: 'all', label: 'all' }, { id: 'spoils', label: 'spoils soon' }, { id: 'brown', label: 'brown' }, { id: 'green', label: 'green' },
  { id: 'made', label: 'made' },
] as const
type Show = typeof SHOWS[number]['id']
const show = ref<Show>('all')
const text = ref('')
/** With fewer than this everything is seen at a glance. */
const MANY_LOTS = 12
const many = computed(() => stored.value.length > MANY_LOTS)
const groups = computed(() => groupedLots(stored.value, show.value, text.value))
const gathered = computed(() => groups.value.filter(({ made }) => !made))
const made = computed(() => groups.value.filter(group => group.made))
const gatheredSeen = useSeen(() => gathered.value.length, 20)
const madeSeen = useSeen(() => made.value.length, 20)
const sumOf = (of: typeof groups.value) => quantity('volume', of.flatMap(({ lots }) => lots).reduce((sum, { leftL }) => sum + leftL, 0))

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
  if (material) pick(material)
}
/** A second tap takes it off the list again. */
function pick(material: Material): void {
  bringing.value = bringing.value.some(({ id }) => id === material.id)
    ? bringing.value.filter(({ id }) => id !== material.id)
    : [...bringing.value, material]
}
</script>

<template>
  <div>
    <header class="flex flex-wrap items-center justify-between gap-3">
      <h1>The store</h1>
      <button
        type="button"
        class="label-button strong"
        data-put-in
        @click="picking = true"
      >
        <UIcon
          name="i-ph-plus"
          class="size-5"
        />
        Put something in
      </button>
    </header>
    <p class="aside-note flex flex-wrap gap-x-4">
      <NuxtLink
        to="/materials"
        class="tap inline-flex items-center underline underline-offset-3"
      >Materials</NuxtLink>
      <NuxtLink
        to="/mixes"
        class="tap inline-flex items-center underline underline-offset-3"
      >Mixes</NuxtLink>
      <NuxtLink
        v-if="stored.length > 0"
        to="/sieve"
        class="tap inline-flex items-center underline underline-offset-3"
      >Sieving</NuxtLink>
      <NuxtLink
        v-if="stored.length > 0"
        to="/uses"
        class="tap inline-flex items-center underline underline-offset-3"
      >Where it went</NuxtLink>
      <NuxtLink
        v-if="stored.length > 0"
        to="/labels"
        class="tap inline-flex items-center underline underline-offset-3"
      >Labels</NuxtLink>
    </p>
    <section
      v-if="laidOut"
      class="section-rule mt-4 pb-4 max-w-3xl"
    >
      <StockBasket
        :materials="bringing"
        @done="bringing = []"
        @more="picking = true"
        @drop="id => bringing = bringing.filter(one => one.id !== id)"
      />
    </section>
    <div
      v-if="many"
      class="flex flex-wrap gap-3 items-end mt-4"
    >
      <label class="min-w-44">
        <span class="field-label">Find in the store</span>
        <input
          v-model="text"
          class="text-field"
          type="search"
          autocomplete="off"
        >
      </label>
      <ChoiceRow
        v-model="show"
        label="Show"
        :choices="SHOWS"
      />
    </div>
    <div class="grid lg:grid-cols-[3fr_2fr] gap-x-10 gap-y-6 mt-4">
      <section
        v-for="part in [
          {
            id: 'gathered',
            title: 'Gathered',
            groups: gathered,
            seen: gatheredSeen,
            none: 'Nothing gathered yet. Sacks of leaves, buckets of grass, a barrow of manure: put in what you have, '
              + 'and the bench takes from it.',
          },
          { id: 'made', title: 'Made', groups: made, seen: madeSeen, none: 'What comes out of your heaps lands here.' },
        ]"
        :key="part.id"
        :aria-labelledby="part.id"
      >
        <h2
          :id="part.id"
          class="section-rule flex justify-between items-baseline"
        >
          {{ part.title }} <span
            v-if="part.groups.length > 0"
            class="aside-note font-sans font-normal"
          >{{ sumOf(part.groups) }}</span>
        </h2>
        <ul
          v-if="part.groups.length > 0"
          class="grid gap-x-10"
          :class="part.id === 'gathered' ? 'min-[1500px]:grid-cols-2' : ''"
        >
          <LotGroup
            v-for="group in part.groups.slice(0, part.seen.drawn.value)"
            :key="group.material.id"
            :group="group"
          />
        </ul>
        <MoreBelow
          :left="part.seen.left.value"
          @more="part.seen.more"
        />
        <p
          v-if="part.groups.length === 0"
          class="mt-2"
        >
          {{ stored.length > 0 && (text || show !== 'all') ? 'None of that.' : part.none }}
        </p>
      </section>
    </div>
    <section
      v-if="lists.length > 0"
      aria-labelledby="collecting"
      class="mt-6"
    >
      <h2 id="collecting">
        Collecting
      </h2>
      <div class="grid lg:grid-cols-2 min-[1700px]:grid-cols-3 gap-x-10 gap-y-4 mt-2">
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
    <MaterialPicker
      v-model:open="picking"
      title="What did you gather?"
      :chosen="bringing.map(({ id }) => id)"
      :done="bringing.length > 0 ? `These ${bringing.length}` : 'Close'"
      @pick="pick"
    />
  </div>
</template>
