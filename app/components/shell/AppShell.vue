<script setup lang="ts">
import type { Family } from '#core/materials/material'

/** The frame of every page: the way around at the side on a wide screen, at the thumb on a phone. */
interface Place { readonly to: string, readonly label: string, readonly icon: string, readonly family: Family }

const PLACES: readonly Place[] = [
  { to: '/', label: 'Round', icon: 'i-ph-boot', family: 'leaf' },
  { to: '/bench', label: 'Bench', icon: 'i-ph-scales', family: 'grass' },
  { to: '/store', label: 'Store', icon: 'i-ph-basket', family: 'straw' },
  { to: '/yard', label: 'Yard', icon: 'i-ph-stack', family: 'wood' },
  { to: '/beds', label: 'Beds', icon: 'i-ph-plant', family: 'plant' },
  { to: '/year', label: 'Year', icon: 'i-ph-calendar-blank', family: 'manure' },
  { to: '/garden', label: 'Garden', icon: 'i-ph-house-line', family: 'finished' },
  { to: '/search', label: 'Find', icon: 'i-ph-magnifying-glass', family: 'mineral' },
]

const route = useRoute()
const store = useGardenStore()
// The last line of a page stays reachable above the bar that says what was recorded.
const { shown } = useRecorder()
/** What belongs to a place beside what is called like it. */
const BELONGS: Readonly<Record<string, RegExp>> = { '/yard': /^\/(yard|batch|years)/, '/year': /^\/(year|month|account)(\/|$)/ }
const here = (place: Place) =>
  place.to === '/' ? route.path === '/' : BELONGS[place.to]?.test(route.path) ?? route.path.startsWith(place.to)
/** Views of many things beside each other take the width there is. */
const WIDE = ['/', '/store', '/yard', '/beds', '/year', '/garden']
const MAIN_ID = 'page'
useWeather()
useForecasting()
</script>

<template>
  <div
    class="min-h-dvh md:pl-26"
    :class="shown ? 'pb-48 md:pb-32' : 'pb-22 md:pb-6'"
  >
    <a
      :href="`#${MAIN_ID}`"
      class="label-button no-print sr-only focus:not-sr-only focus:absolute focus:z-50 focus:m-2"
    >Skip to the page</a>
    <nav
      aria-label="Places"
      class="edge-bar no-print fixed z-30 bg-default inset-x-0 bottom-0 border-t-2 border-inverted/60
        pb-[env(safe-area-inset-bottom)] md:inset-y-0 md:right-auto md:w-26 md:border-t-0 md:border-r-2"
    >
      <ul class="flex md:flex-col md:h-full">
        <li
          v-for="place in PLACES"
          :key="place.to"
          class="flex-1 min-w-0 md:flex-none md:h-18"
        >
          <NuxtLink
            :to="place.to"
            class="h-full flex flex-col md:flex-row text-center relative"
            :class="here(place) ? 'text-highlighted font-bold bg-elevated' : 'text-toned hover:bg-muted'"
            :aria-current="here(place) ? 'page' : undefined"
          >
            <svg
              class="w-full h-[7px] md:h-full md:w-4 shrink-0"
              preserveAspectRatio="none"
              aria-hidden="true"
            ><rect
              width="100%"
              height="100%"
              :fill="`url(#hatch-${place.family})`"
            /></svg>
            <span class="flex-1 py-2 flex flex-col items-center justify-center gap-0.5 text-[0.86rem]">
              <UIcon
                :name="place.icon"
                class="size-6"
              />
              {{ place.label }}
            </span>
          </NuxtLink>
        </li>
        <li class="hidden md:flex md:flex-1 relative">
          <svg
            class="w-4 h-full"
            preserveAspectRatio="none"
            aria-hidden="true"
          ><rect
            width="100%"
            height="100%"
            fill="url(#hatch-paper)"
          /></svg>
          <div class="flex-1 flex flex-col items-center justify-end gap-1 pb-3">
            <ThemeSwitch />
            <ShortcutButton />
          </div>
        </li>
      </ul>
    </nav>
    <aside
      v-if="store.which === 'demo'"
      aria-label="Demo garden"
      class="no-print px-4 md:px-8 text-[0.86rem] bg-elevated border-b border-default flex gap-x-3 items-center"
    >
      <span>Made-up demo garden</span>
      <NuxtLink
        v-if="route.path === '/'"
        to="/garden#leave"
        class="tap inline-flex items-center underline underline-offset-3"
      >Leave the demo</NuxtLink>
    </aside>
    <QuietPart>
      <NotKeptBar />
    </QuietPart>
    <QuietPart>
      <TroubleBar />
    </QuietPart>
    <main
      :id="MAIN_ID"
      class="mx-auto px-4 md:px-8 pt-4 md:pt-6"
      :class="WIDE.includes(route.path) ? 'max-w-[110rem]' : 'max-w-6xl'"
    >
      <NuxtErrorBoundary>
        <slot />
        <template #error="{ error, clearError }">
          <BrokenPage
            :error="error"
            @again="clearError()"
          />
        </template>
      </NuxtErrorBoundary>
    </main>
    <QuietPart>
      <RecordedBar />
    </QuietPart>
    <QuietPart>
      <NewVersion />
    </QuietPart>
  </div>
</template>
