/// <reference types="vite-plugin-pwa/client" />
import { registerSW } from 'virtual:pwa-register'

const AN_HOUR_MS = 3_600_000

/** Keeps the app for offline use, and hears of new versions: nothing reloads while something is being typed, in any tab. */
export default defineNuxtPlugin(() => {
  const { offered, startedElsewhere, onTake } = useUpdates()
  const takeIt = registerSW({
    immediate: true,
    onNeedRefresh: () => { offered.value = true },
    // Another tab took it, or this one did: from here on the new version serves every tab.
    onNeedReload: () => { startedElsewhere() },
    onRegisteredSW: (_, registration) => {
      if (registration) setInterval(() => { if (navigator.onLine) void registration.update().catch(() => undefined) }, AN_HOUR_MS)
    },
  })
  onTake(() => void takeIt())
})
