/** A finger is on its way for about a third of a second: what came under it later than that was not aimed at. */
const ON_ITS_WAY_MS = 350
/** Less than this nobody misses by, px. */
const MOVED_PX = 4
/** A click without a press shortly before it comes from a screen reader: it knows what it means. */
const BY_PRESS_MS = 1500
/** What is opened within a row was asked for, and moves with it. */
const ROW = 'li:not(form li), [data-pad], [data-something-else]'

/**
 * In a list that changes by itself, a tap does nothing on a row that has only just moved there or appeared, or that has come
 * under a finger already down. Keys always count.
 */
export function useSteadyTaps(list: Readonly<Ref<HTMLElement | null | undefined>>): void {
  const tops = new WeakMap<Element, number>()
  const movedAt = new WeakMap<Element, number>()
  let press: { readonly at: number, readonly row: Element | null } | undefined

  function look(): void {
    for (const row of list.value?.querySelectorAll(ROW) ?? []) {
      const top = row.getBoundingClientRect().top + window.scrollY
      const before = tops.get(row)
      if (before === undefined || Math.abs(top - before) > MOVED_PX) movedAt.set(row, performance.now())
      tops.set(row, top)
    }
  }
  useMutationObserver(list, look, { childList: true, subtree: true })
  // What stands above the list moves it as well.
  useResizeObserver(() => list.value ? document.body : null, look)

  const rowOf = ({ target }: Event) => target instanceof Element ? target.closest(ROW) : null
  // Wherever it goes down: the list may come under it.
  useEventListener(document, 'pointerdown', (event) => {
    const [at, row] = [performance.now(), rowOf(event)]
    press = { at, row: row && at - (movedAt.get(row) ?? -Infinity) < ON_ITS_WAY_MS ? null : row }
  }, { capture: true })
  useEventListener(list, 'click', (event: MouseEvent) => {
    if (event.detail === 0 || !press || performance.now() - press.at > BY_PRESS_MS || rowOf(event) === press.row) return
    event.preventDefault()
    event.stopPropagation()
  }, { capture: true })
}
