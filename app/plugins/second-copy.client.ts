import { writeSecondCopy } from '~/storage/second-copy'
import { shelfName } from '~/stores/which-garden'

/** Nobody records for so long: then there is time to write. Who goes on and on is waited for no longer than that, ms. */
const QUIET_MS = 8000
const LONGEST_MS = 60_000

/** Keeps a second copy of the own garden, of what is kept only. */
export default defineNuxtPlugin(() => {
  const store = useGardenStore()
  const state = () => `${store.journal.events.size} ${store.lastTurn}`
  let written: string | undefined
  watchDebounced(() => store.changedAtMs, async () => {
    if (store.which !== 'own' || !store.lasting || store.unread || written === state()) return
    const now = state()
    const contents = { events: [...store.journal.events.values()], documents: toRaw(store.documents) }
    if (await writeSecondCopy(shelfName('own'), contents, new Date().toISOString())) written = now
  }, { debounce: QUIET_MS, maxWait: LONGEST_MS })
})
