/** Where the focus was, from the element outwards: the closest that is still there takes over when it goes. */
let path: readonly HTMLElement[] = []

function outwards(element: HTMLElement): HTMLElement[] {
  const found: HTMLElement[] = []
  for (let one: HTMLElement | null = element; one && one !== document.body; one = one.parentElement) found.push(one)
  return found
}

function land(element: HTMLElement): void {
  if (element.tabIndex < 0 && !element.hasAttribute('tabindex')) element.setAttribute('tabindex', '-1')
  element.focus({ preventScroll: true })
}

/** The focus never falls to the page itself: to the heading of a new view, or to what is left around what has gone. */
export default defineNuxtPlugin(() => {
  document.addEventListener('focusin', ({ target }) => { if (target instanceof HTMLElement) path = outwards(target) })
  new MutationObserver(() => {
    if (document.activeElement !== document.body || !path[0] || path[0].isConnected) return
    const left = path.find(({ isConnected }) => isConnected)
    path = []
    if (left) land(left)
  }).observe(document.body, { childList: true, subtree: true })

  const router = useRouter()
  let visited = false
  router.afterEach((to, from, failure) => {
    const first = !visited
    visited = true
    // The first view is where the browser begins; a query alone is the same view.
    if (first || failure || to.path === from.path) return
    path = []
    const started = performance.now()
    const look = () => {
      const heading = document.querySelector<HTMLElement>('main h1')
      const busy = document.activeElement !== document.body && document.activeElement?.closest('main, [role="dialog"]')
      if (busy) return
      if (heading && router.currentRoute.value.path === to.path) land(heading)
      else if (performance.now() - started < 3000) requestAnimationFrame(look)
    }
    // The old heading is still there while the new view is fetched.
    setTimeout(look, 60)
  })
})
