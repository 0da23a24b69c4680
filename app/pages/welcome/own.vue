<script setup lang="ts">
import type { Climate } from '#core/garden/climate'
import { readContainers, readSettings, type WaterSource } from '#core/garden/settings'
import { usualClimate } from '#core/garden/whereabouts'
import { STARTING_CONTAINERS, type Container } from '#core/units/container'
import type { UnitSystem } from '#core/units/system'

definePageMeta({ title: 'My own garden' })

/** Setting up one's own garden: short, with an answer already in every place. */
const store = useGardenStore()
const router = useRouter()
const { saveSettings, saveContainers, ownGardenIsHere } = useGardenSetup()

const gardenName = ref('')
const units = ref<UnitSystem>(usualUnits())
const water = ref<WaterSource>('rain')
const climate = shallowRef<Climate>(usualClimate(timeZoneHere()))
const containers = shallowRef<readonly Container[]>(STARTING_CONTAINERS[units.value])
const busy = ref(false)

watch(units, (system) => { containers.value = STARTING_CONTAINERS[system] })

/** A garden that is there already is opened with its own answers: setting up again changes only what is changed here. */
onMounted(async () => {
  if (!await ownGardenIsHere()) return
  await store.open('own')
  if (store.documents.length === 0) return
  const known = readSettings(store.documents)
  gardenName.value = known.gardenName
  units.value = known.units
  water.value = known.water
  climate.value = known.climate
  await nextTick()
  containers.value = readContainers(store.documents, known.units)
})

async function start(to = '/'): Promise<void> {
  busy.value = true
  if (store.which !== 'own') await store.open('own')
  await saveSettings({ gardenName: gardenName.value.trim().slice(0, 80), units: units.value, water: water.value, climate: climate.value })
  await saveContainers(containers.value)
  await router.replace(to)
}
</script>

<template>
  <main class="mx-auto max-w-2xl px-4 py-6 pb-40 space-y-7">
    <header>
      <NuxtLink
        to="/welcome"
        class="tap inline-flex items-center underline underline-offset-3"
      >Back</NuxtLink>
      <h1>My own garden</h1>
      <p class="aside-note">
        Everything has an answer already. Change what is different; all of it can be changed later.
      </p>
    </header>
    <section class="section-rule space-y-4">
      <h2>How you measure</h2>
      <ChoiceRow
        v-model="units"
        label="Units"
        :choices="[{ id: 'metric', label: 'Litres, cm, °C' }, { id: 'us', label: 'Gallons, inches, °F' }]"
      />
      <ContainerList
        v-model="containers"
        :units="units"
      />
    </section>
    <section class="section-rule space-y-4">
      <h2>Where it is</h2>
      <ClimateEntry
        v-model="climate"
        :units="units"
      />
      <ChoiceRow
        v-model="water"
        label="Water comes from"
        :choices="[{ id: 'rain', label: 'a rain butt' }, { id: 'mains', label: 'the mains' }, { id: 'well', label: 'a well' }]"
      />
      <label class="block max-w-md">
        <span class="field-label">A name for the garden, if you like</span>
        <input
          v-model="gardenName"
          class="text-field"
          maxlength="80"
          autocomplete="off"
        >
      </label>
    </section>
    <div class="fixed bottom-0 inset-x-0 bg-default border-t-2 border-inverted/60 p-3">
      <button
        type="button"
        class="label-button strong w-full max-w-2xl mx-auto !flex"
        :disabled="busy"
        @click="start()"
      >
        Open my garden
      </button>
      <button
        type="button"
        class="tap w-full max-w-2xl mx-auto !flex justify-center underline underline-offset-3"
        :disabled="busy"
        data-stands-already
        @click="start('/stands')"
      >
        Something stands there already
      </button>
    </div>
  </main>
</template>
