<script setup lang="ts">
import { ratioText } from '#core/units/format'
import { aroundIn } from '#core/materials/book'
import { searchMaterials } from '#core/materials/search'
import { LEANING_WORDS, leaningOf } from '#core/materials/colour'
import type { Family, Material } from '#core/materials/material'
import { searchUnwelcome } from '#core/materials/unwelcome'

/** Choosing materials: what is in the store first, then what is around now, then everything. */
const {
  chosen = [], title, done = 'Done', families = undefined,
} = defineProps<{
  title: string
  chosen?: readonly string[]
  done?: string
  /** Only these, where not everything is wanted. */ families?: readonly Family[]
}>()
const emit = defineEmits<{ pick: [material: Material] }>()
const open = defineModel<boolean>('open', { required: true })
const { stored, materials, seasonMonth } = useGarden()

const text = ref('')
const search = useTemplateRef('search')
/** Whoever has keys begins to type; on a phone the keyboard would cover what is to be tapped. */
function toSearch(event: Event): void {
  if (matchMedia('(pointer: coarse)').matches) return
  event.preventDefault()
  search.value?.focus()
}
const EVERYDAY = [
  'leaves-mixed', 'grass-clippings', 'kitchen-veg', 'cardboard', 'twigs', 'coffee-grounds', 'straw-wheat', 'horse-manure-straw',
  'leaves-shredded', 'weeds-soft', 'veg-haulm', 'wood-chips',
]

interface Group { readonly title: string, readonly materials: readonly Material[] }

const groups = computed<Group[]>(() => {
  const wanted = ({ family }: Material) => !families || families.includes(family)
  const found = searchMaterials(text.value, materials.value.all).filter(wanted)
  if (text.value.trim()) return [{ title: `${found.length} found`, materials: found }]
  const inStore = [...new Map(stored.value.map(({ material }) => [material.id, material])).values()].filter(wanted)
  const around = aroundIn(seasonMonth.value, found.filter(({ id }) => EVERYDAY.includes(id))).filter(one => !inStore.includes(one))
    .sort((a, b) => EVERYDAY.indexOf(a.id) - EVERYDAY.indexOf(b.id))
  const rest = found.filter(one => !inStore.includes(one) && !around.includes(one))
  return [
    { title: 'In your store', materials: inStore }, { title: 'Around now', materials: around },
    { title: 'Everything else', materials: rest },
  ].filter(({ materials }) => materials.length > 0)
})
const unwelcome = computed(() => searchUnwelcome(text.value))
</script>

<template>
  <USlideover
    v-model:open="open"
    :title="title"
    description="Tap what you have."
    side="right"
    :content="{ onOpenAutoFocus: toSearch }"
  >
    <template #body>
      <label class="block mb-3">
        <span class="field-label">Search</span>
        <input
          ref="search"
          v-model="text"
          class="text-field"
          type="search"
          autocomplete="off"
          placeholder="leaves, manure, card…"
        >
      </label>
      <section
        v-for="group in groups"
        :key="group.title"
        class="mb-4"
      >
        <h3 class="mb-1">
          {{ group.title }}
        </h3>
        <ul>
          <li
            v-for="material in group.materials"
            :key="material.id"
            class="line-rule"
          >
            <button
              type="button"
              class="w-full min-h-13 flex items-center gap-3 text-left py-1.5 hover:bg-elevated"
              :aria-pressed="chosen.includes(material.id)"
              :data-material="material.id"
              @click="emit('pick', material)"
            >
              <HatchSwatch :family="material.family" />
              <span class="flex-1 leading-tight">{{ material.name
              }}<span class="block aside-note">{{
                LEANING_WORDS[leaningOf(material)] }}, {{ ratioText(material.carbonToNitrogen.typical) }}</span></span>
              <UIcon
                :name="chosen.includes(material.id) ? 'i-ph-check' : 'i-ph-plus'"
                class="size-6 mr-2"
                :class="chosen.includes(material.id) ? 'text-primary' : ''"
              />
            </button>
          </li>
        </ul>
      </section>
      <section
        v-if="unwelcome.length > 0"
        class="mb-4"
        data-unwelcome
      >
        <h3 class="mb-1">
          Not in a home heap
        </h3>
        <ul>
          <li
            v-for="one in unwelcome"
            :key="one.id"
            class="line-rule py-2"
          >
            <p class="font-semibold text-highlighted">
              {{ one.name }}
            </p>
            <p class="leading-snug">
              {{ one.why }} <span class="aside-note">Instead: {{ one.instead }}</span>
            </p>
          </li>
        </ul>
        <p class="aside-note">
          Local rules come first.
        </p>
      </section>
      <p v-if="unwelcome.length === 0 && (groups.length === 0 || groups[0]?.materials.length === 0)">
        Nothing by that name. Try another word, such as “leaves” or “manure”, or make it <NuxtLink
          to="/materials"
          class="underline underline-offset-3"
        >a material of your own</NuxtLink>.
      </p>
    </template>
    <template #footer>
      <button
        type="button"
        class="label-button strong w-full"
        @click="open = false"
      >
        {{ done }}
      </button>
    </template>
  </USlideover>
</template>
