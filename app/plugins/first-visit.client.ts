import { remembered } from '~/storage/remembered'

/** Whoever has no garden yet goes to the first page straight away, before anything of another page is fetched for it. */
export default defineNuxtPlugin({
  name: 'first-visit',
  // Before the router reads the address.
  order: -60,
  setup: () => {
    if (!location.pathname.startsWith('/welcome') && remembered('wastrum.garden') === undefined) history.replaceState(history.state, '', '/welcome')
  },
})
