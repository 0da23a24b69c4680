<script setup lang="ts">
import { LEANING_WORDS, leaningOf } from '#core/materials/colour'
import type { Material } from '#core/materials/material'

/** One material: its values with their ranges and where they come from, and the ways to make them one's own. */
const { materials } = useGarden()
const { isOwn, create } = useOwnMaterials()
const route = useRoute()
const router = useRouter()
const bench = useBench()

const material = computed(() => materials.value.find(String(route.params.id)))
useHead({ title: computed(() => material.value?.name) })
const MONTHS = ['January', 'February', 'March', 'April', 'May', 'June', 'July', 'August', 'September', 'October', 'November', 'December']
const season = ({ months }: Material) => months.length === 0 ? 'all year' : months.map(month => MONTHS[month - 1]?.slice(0, 3)).join(', ')
const STRUCTURES = ['mats down', 'soft', 'open', 'stands like twigs'] as const

const mine = ref('')
const naming = ref(false)
async function makeOwn(): Promise<void> {
  if (!material.value || !mine.value.trim()) return
  const id = await create(material.value, mine.value.trim())
  naming.value = false
  mine.value = ''
  await router.push(`/materials/${id}`)
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
        class="tap inline-flex items-center underline underline-offset-3"
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
      {{ LEANING_WORDS[leaningOf(material)] }} · {{ STRUCTURES[material.structure] }} · keeps
      {{ material.keepsDays >= 365 ? 'a year and more' : `${material.keepsDays} ${material.keepsDays === 1 ? 'day' : 'days'}` }} · around:
      {{ season(material) }}
    </p>
    <div class="grid lg:grid-cols-2 gap-x-10 gap-y-6 mt-4">
      <MaterialValues :material="material" />
      <div class="space-y-6">
        <WeighForm
          :key="`weigh-${material.id}`"
          :material="material"
        />
        <DryForm
          :key="`dry-${material.id}`"
          :material="material"
        />
        <MaterialCautions :material="material" />
        <OwnDetails
          v-if="isOwn(material.id)"
          :material="material"
          @gone="router.push('/materials')"
        />
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
              v-if="!isOwn(material.id)"
              type="button"
              class="label-button"
              :aria-expanded="naming"
              @click="naming = !naming"
            >
              Make one of my own from it
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
