<script setup lang="ts">
import { isSouthern, usualClimate } from '#core/garden/whereabouts'
import type { Picture } from '#core/picture/picture'
import type { Vessel } from '#core/vessel/vessel'

definePageMeta({ title: 'Welcome' })

/** The first page of all: what is there, all at once, bit by bit or standing already; then one's own settings, the demo, a backup. */
const store = useGardenStore()
const router = useRouter()
const { saveSettings } = useSettings()
const busy = ref(false)
const WAYS = [
  { to: '/begin?coming=by-and-by', icon: 'i-ph-basket', label: 'It comes bit by bit', says: 'Scraps, grass, leaves: which way suits?' },
  { to: '/stands', icon: 'i-ph-stack', label: 'Something stands already', says: 'Say what, see what it needs and when it is ready.' },
] as const

const BAY: Vessel = { id: 'bay', name: 'Bay', wall: 'boards', shape: 'box', widthM: 1.2, depthM: 1, heightM: 1 }
const DRAWN: Picture = {
  of: 'A heap cut open', widthM: 1.2, heightM: 1,
  parts: [
    { kind: 'walls', vessel: BAY },
    {
      kind: 'fill', heightM: 0.86,
      bands: (
        [
          ['wood', 0.14], ['leaf', 0.2], ['grass', 0.11], ['paper', 0.1], ['kitchen', 0.1], ['leaf', 0.17], ['manure', 0.1],
          ['straw', 0.08],
        ] as const
      ).map(([family, heightShare]) => ({ family, short: family, heightShare })),
    },
    { kind: 'glow', aboveAirK: 40 }, { kind: 'soil' },
  ],
}

const handed = useHandedFile()
/** Straight from the file to what is in it. */
async function bring(event: Event): Promise<void> {
  handed.value = (event.target as HTMLInputElement).files?.[0]
  if (handed.value) await go('own', '/garden?backup=1')
}

async function go(which: 'own' | 'demo', to: string): Promise<void> {
  busy.value = true
  await store.open(which)
  // A garden that comes from a backup brings its own settings.
  if (store.documents.length === 0 && !to.startsWith('/garden'))
    await saveSettings({ units: usualUnits(), ...(isSouthern(timeZoneHere()) ? { climate: usualClimate(timeZoneHere()) } : {}) })
  await router.replace(to)
}
</script>

<template>
  <main class="mx-auto max-w-4xl px-4 py-6 md:py-12 grid gap-8 md:grid-cols-[1fr_20rem] md:items-end">
    <div>
      <h1 class="text-4xl">
        Wastrum
      </h1>
      <p class="mt-2 max-w-md text-lg">
        What is in your buckets, what to build from it, what it will do, and when it is ready.
      </p>
      <ul class="mt-6 space-y-3 max-w-md">
        <li>
          <button
            type="button"
            class="label-button strong w-full !justify-start !text-left !py-3"
            :disabled="busy"
            @click="go('own', '/bench?start=pick')"
          >
            <UIcon
              name="i-ph-scales"
              class="size-7 shrink-0"
            />
            <span>Is my pile any good?<span class="block font-normal">All of it is here: say what, get an answer in a minute.</span></span>
          </button>
        </li>
        <li
          v-for="way in WAYS"
          :key="way.to"
        >
          <button
            type="button"
            class="label-button w-full !justify-start !text-left !py-3"
            :disabled="busy"
            :data-way="way.to"
            @click="go('own', way.to)"
          >
            <UIcon
              :name="way.icon"
              class="size-7 shrink-0"
            />
            <span>{{ way.label }}<span class="block font-normal">{{ way.says }}</span></span>
          </button>
        </li>
        <li>
          <NuxtLink
            to="/welcome/own"
            no-prefetch
            class="tap inline-flex items-center gap-2 underline underline-offset-3"
          >
            <UIcon
              name="i-ph-house-line"
              class="size-5 shrink-0"
            />
            Start my own garden: units, containers, climate
          </NuxtLink>
        </li>
        <li>
          <button
            type="button"
            class="tap inline-flex items-center gap-2 underline underline-offset-3"
            :disabled="busy"
            @click="go('demo', '/')"
          >
            <UIcon
              name="i-ph-binoculars"
              class="size-5 shrink-0"
            />
            Look around a demo garden, made up
          </button>
        </li>
        <li>
          <label
            class="tap inline-flex items-center gap-2 underline underline-offset-3 cursor-pointer focus-within:outline-3
              focus-within:outline-info"
            data-have-backup
          >
            <UIcon
              name="i-ph-tray-arrow-up"
              class="size-5 shrink-0"
            />
            I have a backup
            <input
              type="file"
              accept=".json,.zip,application/json,application/zip"
              class="sr-only"
              :disabled="busy"
              @change="bring"
            >
          </label>
        </li>
      </ul>
      <p class="mt-6 aside-note max-w-md">
        Your records stay in this browser. You take them with you as a file.
      </p>
    </div>
    <PictureDrawing
      class="justify-self-center order-first md:order-none w-44 md:w-auto"
      :picture="DRAWN"
      :px-per-metre="210"
      label="A heap cut open: twigs below, then layers of leaves, grass, card and scraps, warm in the middle"
    />
    <TroubleBar class="md:col-span-2" />
  </main>
</template>
