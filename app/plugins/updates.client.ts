/// <reference types="vite-plugin-pwa/client" />
import { registerSW } from 'virtual:pwa-register'

const AN_HOUR_MS = 3_600_000
const ASK_AGAIN_MS = 1000

/** Keeps the app for offline use, and hears of new versions: nothing reloads while something is being typed, in any tab. */
export default defineNuxtPlugin(() => {
  const { offered, startedElsewhere, onTake } = useUpdates()
  const workers = 'serviceWorker' in navigator ? navigator.serviceWorker : undefined
  let registration: ServiceWorkerRegistration | undefined
  registerSW({
    immediate: true,
    onNeedRefresh: () => { offered.value = true },
    // The change of the worker is listened to below, for every tab; the library hears of it only in some.
    onNeedReload: () => {},
    onRegisteredSW: (_, registered) => {
      registration = registered
      if (registered) setInterval(() => { if (navigator.onLine) void registered.update().catch(() => undefined) }, AN_HOUR_MS)
    },
  })
  // The first worker that takes a page on is no new version, nor is one that went, with all that a full disk threw away; each one after
  // it is, whoever took it.
  let served = Boolean(workers?.controller)
  workers?.addEventListener('controllerchange', () => {
    if (served && workers.controller) startedElsewhere()
    served = Boolean(workers.controller)
  })
  onTake(async () => {
    const known = registration ?? await workers?.getRegistration()
    // Another tab may have been quicker: then it is in use already, and only this page is old.
    if (!known?.waiting) return startedElsewhere()
    // While the worker of now still fetches for a page, browsers may let the request pass: it is made again.
    for (; known.waiting; await new Promise(resolve => setTimeout(resolve, ASK_AGAIN_MS)))
      known.waiting.postMessage({ type: 'SKIP_WAITING' })
  })
})
