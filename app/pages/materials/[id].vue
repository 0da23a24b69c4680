<script setup lang="ts">
import { adviceFor } from '#core/materials/advice'
import { LIBRARY_BOOK } from '#core/materials/book'
import { LEANING_WORDS, leaningOf } from '#core/materials/colour'
import type { Material, RangedValue } from '#core/materials/material'
import { preparationHint, preparationsFor } from '#core/materials/preparation'

/** One material: its values with their ranges and where they come from, and the ways to make them one's own. */
const { materials } = useGarden()
const { quantity, day } = useSay()
const { isOwn, create, remove, rename } = useOwnMaterials()
const route = useRoute()
const router = useRouter()
const bench = useBench()

const material = computed(() => materials.value.find(String(route.params.id)))
const MONTHS = ['January', 'February', 'March', 'April', 'May', 'June', 'July', 'August', 'September', 'October', 'November', 'December']
const season = ({ months }: Material) => months.length === 0 ? 'all year' : months.map(month => MONTHS[month - 1]?.slice(0, 3)).join(', ')
const STRUCTURES = ['mats down', 'soft', 'open', 'stands like twigs'] as const

const rows = computed(() => {
  const of = material.value
  if (!of) return []
  const library = LIBRARY_BOOK.find(of.id)
  const percent = (value: number) => `${Math.round(value * 1000) / 10} %`
  const from = (value: RangedValue) => {
    const known = of.known[value]
    if (!known) return library ? 'published tables' : 'as the material it was made from'
    return known.kind === 'typed' ? 'your own figure' : `measured by you, ${known.times === 1 ? 'once' : `${known.times} times`}, last ${day(known.lastAt)}`
  }
  const row = (value: RangedValue, label: string, say: (number: number) => string, bar: { from: number, to: number, log?: boolean }) => {
    const before = library?.[value]
    return { value, label, typical: say(of[value].typical), spread: `${say(of[value].low)} to ${say(of[value].high)}`, range: of[value], bar, from: from(value), was: of.known[value] && before ? `the table says ${say(before.typical)}` : '' }
  }
  return [
    row('carbonToNitrogen', 'Carbon to nitrogen', value => `${Math.round(value)} : 1`, { from: 3, to: 700, log: true }),
    row('nitrogenFraction', 'Nitrogen, of the dry matter', percent, { from: 0.0005, to: 0.2, log: true }),
    row('moistureFraction', 'Moisture', value => `${Math.round(value * 100)} %`, { from: 0, to: 1 }),
    row('bulkDensityKgM3', 'Weight of a level, loose litre', value => `${Math.round(value)} g`, { from: 20, to: 1500, log: true }),
  ]
})

const mine = ref('')
const naming = ref(false)
async function makeOwn(): Promise<void> {
  if (!material.value || !mine.value.trim()) return
  if (isOwn(material.value.id)) await rename(material.value, mine.value.trim())
  else {
    const id = await create(material.value, mine.value.trim())
    await router.push(`/materials/${id}`)
  }
  naming.value = false
  mine.value = ''
}
async function drop(): Promise<void> {
  if (!material.value) return
  await remove(material.value)
  await router.push('/materials')
}
const added = ref(false)
function toBench(): void {
  if (!material.value) return
  bench.addMaterial(material.value)
  added.value = true
}
</script>

<template>
  <div v-if="material">
    <p>
      <NuxtLink
        to="/materials"
        class="underline underline-offset-3"
      >All materials</NuxtLink>
    </p>
    <header class="flex flex-wrap items-center gap-3">
      <HatchSwatch
        :family="material.family"
        :size="40"
      />
      <h1>{{ material.name }}</h1>
    </header>
    <p class="mt-1">
      {{ LEANING_WORDS[leaningOf(material)] }} · {{ STRUCTURES[material.structure] }} · keeps {{ material.keepsDays >= 365 ? 'a year and more' : `${material.keepsDays} ${material.keepsDays === 1 ? 'day' : 'days'}` }} · around: {{ season(material) }}
    </p>
    <div class="grid lg:grid-cols-2 gap-x-10 gap-y-6 mt-4">
      <section aria-labelledby="values">
        <h2
          id="values"
          class="section-rule"
        >
          Its values
        </h2>
        <dl>
          <div
            v-for="row in rows"
            :key="row.value"
            class="line-rule py-2"
            :data-value="row.value"
          >
            <dt class="font-semibold">
              {{ row.label }}
            </dt>
            <dd>
              <span class="font-serif text-lg font-semibold text-highlighted">{{ row.typical }}</span> <span class="aside-note">{{ row.spread }}</span>
              <RangeBar
                :value="row.range"
                v-bind="row.bar"
              />
              <span class="aside-note">{{ row.from }}{{ row.was ? `; ${row.was}` : '' }}</span>
              <OwnValue
                :material="material"
                :value="row.value"
              />
            </dd>
          </div>
        </dl>
        <p
          v-if="preparationsFor(material).length > 0"
          class="line-rule pt-2"
        >
          Can be {{ preparationsFor(material).map(one => `${one} (${preparationHint(one)})`).join('; ') }}.
        </p>
        <p class="aside-note mt-2">
          Tables: compiled from published extension tables; a litre of it in {{ quantity('volume', 1) }}, filled loosely and level.
        </p>
      </section>
      <div class="space-y-6">
        <WeighForm
          :key="`weigh-${material.id}`"
          :material="material"
        />
        <DryForm
          :key="`dry-${material.id}`"
          :material="material"
        />
        <section
          v-if="material.cautions.length > 0 || adviceFor(material).length > 0"
          aria-labelledby="mind"
        >
          <h2
            id="mind"
            class="section-rule mb-2"
          >
            Mind
          </h2>
          <p
            v-for="caution in material.cautions"
            :key="caution"
            class="caution first-letter:uppercase mb-1"
          >
            {{ caution }}
          </p>
          <details
            v-for="advice in adviceFor(material)"
            :key="advice.id"
            class="line-rule"
          >
            <summary class="tap flex items-center cursor-pointer font-semibold">
              {{ advice.title }}
            </summary>
            <p
              v-for="step in advice.steps"
              :key="step"
              class="pb-2"
            >
              {{ step }}
            </p>
          </details>
        </section>
        <section class="section-rule space-y-3">
          <div class="flex flex-wrap gap-3">
            <button
              type="button"
              class="label-button"
              @click="toBench"
            >
              {{ added ? 'On the bench' : 'To the bench' }}
            </button>
            <button
              type="button"
              class="label-button"
              :aria-expanded="naming"
              @click="naming = !naming"
            >
              {{ isOwn(material.id) ? 'Call it something else' : 'Make one of my own from it' }}
            </button>
            <button
              v-if="isOwn(material.id)"
              type="button"
              class="label-button plain"
              @click="drop"
            >
              Throw it away
            </button>
          </div>
          <form
            v-if="naming"
            class="flex gap-2 items-end"
            @submit.prevent="makeOwn"
          >
            <label class="flex-1">
              <span class="field-label">Its name</span>
              <input
                v-model="mine"
                class="text-field"
                maxlength="80"
                required
                placeholder="Bedding of the neighbour's rabbits"
              >
            </label>
            <button class="label-button strong">
              Keep it
            </button>
          </form>
        </section>
      </div>
    </div>
  </div>
  <div
    v-else
    class="space-y-3"
  >
    <h1>No such material</h1>
    <NuxtLink
      to="/materials"
      class="label-button strong"
    >All materials</NuxtLink>
  </div>
</template>
