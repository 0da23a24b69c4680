<script setup lang="ts">
import { ratioText } from '#core/units/format'
import { aroundIn } from '#core/materials/book'
import { searchMaterials } from '#core/materials/search'
import { LEANING_WORDS, leaningOf } from '#core/materials/colour'
import { FAMILIES, type Family } from '#core/materials/material'
import { searchUnwelcome } from '#core/materials/unwelcome'
import { FAMILY_NAMES } from '~/components/materials/families'

definePageMeta({ title: 'Materials' })

/** Every material: what it is, what it leans to, when it is around, and whose values count. */
const { materials, seasonMonth } = useGarden()
const { isOwn } = useOwnMaterials()
const text = ref('')
const which = ref<'all' | 'now' | 'own'>('all')
const family = ref<Family>()

const known = computed(() => {
  const all = searchMaterials(text.value, materials.value.all)
  const chosen
    = which.value === 'now'
      ? aroundIn(seasonMonth.value, all)
      : which.value === 'own'
        ? all.filter(({ id, known: own }) => isOwn(id) || Object.keys(own).length > 0)
        : all
  return family.value ? chosen.filter(one => one.family === family.value) : chosen
})
const unwelcome = computed(() => searchUnwelcome(text.value))
const percent = ({ typical }: { typical: number }) => `${Math.round(typical * 100)} %`
const { quantity } = useSay()
</script>

<template>
  <div>
    <h1>Materials</h1>
    <p class="aside-note mb-3">
      Typical values with what is met in practice. Weigh a bucket or dry a handful of yours, and the numbers of your heaps get surer.
    </p>
    <div class="flex flex-wrap gap-4 items-end mb-3">
      <label class="grow max-w-sm">
        <span class="field-label">Search</span>
        <input
          v-model="text"
          class="text-field"
          type="search"
          autocomplete="off"
          placeholder="leaves, manure, cheese…"
        >
      </label>
      <ChoiceRow
        v-model="which"
        label="Show"
        :choices="[{ id: 'all', label: 'all' }, { id: 'now', label: 'around now' }, { id: 'own', label: 'with values of mine' }]"
      />
      <label>
        <span class="field-label">Kind</span>
        <select
          v-model="family"
          class="text-field"
        >
          <option :value="undefined">
            any kind
          </option>
          <option
            v-for="one in FAMILIES"
            :key="one"
            :value="one"
          >
            {{ FAMILY_NAMES[one] }}
          </option>
        </select>
      </label>
    </div>
    <section
      v-if="unwelcome.length > 0"
      class="section-rule mb-4"
      data-unwelcome
    >
      <h2>Not in a home heap</h2>
      <p
        v-for="one in unwelcome"
        :key="one.id"
        class="line-rule py-2"
      >
        <strong class="font-semibold text-highlighted">{{ one.name }}.</strong> {{ one.why }}
        <span class="aside-note">Instead: {{ one.instead }} Local rules come first.</span>
      </p>
    </section>
    <ul class="section-rule grid sm:grid-cols-2 xl:grid-cols-3 gap-x-8">
      <li
        v-for="material in known"
        :key="material.id"
        class="line-rule"
      >
        <NuxtLink
          :to="`/materials/${material.id}`"
          class="flex items-center gap-3 min-h-14 py-1.5 hover:bg-elevated"
        >
          <HatchSwatch :family="material.family" />
          <span class="flex-1 leading-tight text-highlighted">{{ material.name }}
            <span class="block aside-note">{{ LEANING_WORDS[leaningOf(material)] }}, {{ ratioText(material.carbonToNitrogen.typical) }} ·
              {{ percent(material.moistureFraction) }} water · {{ quantity('density', material.bulkDensityKgM3.typical)
              }}{{ Object.keys(material.known).length > 0 ? ' · yours' : '' }}</span></span>
        </NuxtLink>
      </li>
    </ul>
    <p
      v-if="known.length === 0 && unwelcome.length === 0"
      class="py-3"
    >
      Nothing like that here. Open the material that comes nearest and make one of your own from it.
    </p>
  </div>
</template>
