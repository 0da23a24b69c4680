<script setup lang="ts">
import { SUPPLY_KIND, supplyDocumentId } from '#core/garden/supply'

/** What comes in by the week: asked once, and learned from the store where it is not said. */
const { store, supplies, materials } = useGarden()

/** What a household brings day by day; of the rest one fetches as much as one wants. */
const ASKED = ['kitchen-veg', 'coffee-grounds', 'grass-clippings', 'cardboard']
const FROM = { said: 'as you said', store: 'as your store shows', usual: 'as is usual' } as const
const rows = computed(() => ASKED.flatMap((materialId) => {
  const material = materials.value.find(materialId)
  const supply = supplies.value.find(one => one.materialId === materialId)
  return material
    ? [{ materialId, short: material.short, litres: supply?.litresAWeek, from: supply ? FROM[supply.from] : 'as much as you fetch' }]
    : []
}))
async function say(materialId: string, litresAWeek: number | undefined): Promise<void> {
  await store.write([{
    id: supplyDocumentId(materialId), kind: SUPPLY_KIND,
    values: litresAWeek === undefined ? { materialId, litresAWeek: null } : { materialId, litresAWeek },
  }])
}
</script>

<template>
  <section
    aria-labelledby="supply"
    class="section-rule space-y-3 max-w-2xl"
    data-supply
  >
    <h2 id="supply">
      What comes in by the week
    </h2>
    <p class="aside-note">
      You are told to use no more than this.
    </p>
    <div class="flex flex-wrap gap-x-6 gap-y-3">
      <div
        v-for="row in rows"
        :key="row.materialId"
      >
        <QuantityNumber
          :model-value="row.litres"
          quantity="volume"
          :label="capital(row.short)"
          :max="2000"
          :start="10"
          @update:model-value="litres => say(row.materialId, litres)"
        />
        <p class="aside-note">
          {{ row.from }}
        </p>
      </div>
    </div>
  </section>
</template>
