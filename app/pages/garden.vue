<script setup lang="ts">
import type { Climate } from '#core/garden/climate'
import type { WaterSource } from '#core/garden/settings'
import type { Container } from '#core/units/container'
import type { UnitSystem } from '#core/units/system'

definePageMeta({ title: 'The garden' })

/** How the garden is set up, its backup, and the way out of the demo. */
const { store, settings, containers, units } = useGarden()
const { saveSettings, saveContainers } = useGardenSetup()
const router = useRouter()

const system = computed({
  get: () => units.value,
  set: (value: UnitSystem | undefined) => {
    if (value) void saveSettings({ units: value })
  },
})
const water = computed({
  get: () => settings.value.water,
  set: (value: WaterSource | undefined) => {
    if (value) void saveSettings({ water: value })
  },
})
const climate = computed({ get: () => settings.value.climate, set: (value: Climate) => { void saveSettings({ climate: value }) } })
const owned = computed({ get: () => containers.value, set: (value: readonly Container[]) => { void saveContainers(value) } })
const name = ref(settings.value.gardenName)
watch(() => settings.value.gardenName, (fresh) => { name.value = fresh })

async function leave(): Promise<void> {
  await router.push('/welcome')
  await store.leaveDemo()
}
async function own(): Promise<void> {
  await store.open('own')
  await router.push('/')
}
async function demo(): Promise<void> {
  await store.open('demo')
  await router.push('/')
}
</script>

<template>
  <div class="grid xl:grid-cols-2 gap-x-12 gap-y-7 items-start">
    <h1 class="xl:col-span-2">
      {{ settings.gardenName || 'My garden' }}
    </h1>
    <section
      aria-labelledby="backup"
      class="section-rule"
    >
      <h2
        id="backup"
        class="mb-2"
      >
        Backup
      </h2>
      <BackupPanel />
    </section>
    <PicturesPanel />
    <SupplyList />
    <section
      aria-labelledby="measure"
      class="section-rule space-y-4 max-w-2xl"
    >
      <h2 id="measure">
        How you measure
      </h2>
      <ChoiceRow
        v-model="system"
        label="Units"
        :choices="[{ id: 'metric', label: 'Litres, cm, °C' }, { id: 'us', label: 'Gallons, inches, °F' }]"
      />
      <p class="aside-note">
        Only what is shown changes; what was recorded stays as it was.
      </p>
      <ContainerList
        v-model="owned"
        :units="units"
      />
    </section>
    <section
      aria-labelledby="where"
      class="section-rule space-y-4 max-w-2xl"
    >
      <h2 id="where">
        Where it is
      </h2>
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
        <span class="field-label">Name of the garden</span>
        <input
          v-model="name"
          class="text-field"
          maxlength="80"
          autocomplete="off"
          @change="saveSettings({ gardenName: name.trim().slice(0, 80) })"
        >
      </label>
    </section>
    <MovingPanel v-if="store.which === 'own'" />
    <section
      id="leave"
      aria-labelledby="which"
      class="section-rule space-y-3 max-w-2xl"
    >
      <h2 id="which">
        {{ store.which === 'demo' ? 'This is the demo garden' : 'The demo garden' }}
      </h2>
      <template v-if="store.which === 'demo'">
        <p>Leaving removes it from this browser without a trace. Your own garden, if you have one, is untouched.</p>
        <div class="flex flex-wrap gap-3">
          <button
            type="button"
            class="label-button strong"
            @click="leave"
          >
            Leave the demo garden
          </button>
          <button
            type="button"
            class="label-button"
            @click="own"
          >
            To my own garden
          </button>
        </div>
      </template>
      <template v-else>
        <p>A made-up garden with several heaps, to look around in. Yours stays as it is.</p>
        <button
          type="button"
          class="label-button"
          @click="demo"
        >
          Look around the demo garden
        </button>
      </template>
      <div class="flex gap-2 md:hidden">
        <ThemeSwitch />
        <ShortcutButton />
      </div>
    </section>
  </div>
</template>
