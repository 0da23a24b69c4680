import { ownGardenIsHere } from '~/storage/own-garden'
import { remember, remembered } from '~/storage/remembered'

/** Whoever has no garden yet goes to the first page straight away, before anything of another page is fetched for it. */
export default defineNuxtPlugin({
  name: 'first-visit',
  // Before the router reads the address.
  order: -60,
  setup: async () => {
    if (location.pathname.startsWith('/welcome') || remembered('wastrum.garden') !== undefined) return
    // A browser that was killed may have forgotten which garden was open, and still has it.
    if (await ownGardenIsHere()) remember('wastrum.garden', 'own')
    else history.replaceState(history.state, '', '/welcome')
  },
})
