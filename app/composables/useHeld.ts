/** What was done by hand changes a page at once; what was worked out meanwhile waits until it is asked for. */
const BY_HAND_MS = 4000

/**
 * Holds what a page shows. What is worked out anew while it is read does not move under the eye: where its outline is another one it
 * waits, and `changed` says so. Whoever records something, or comes back to the page, sees all of it.
 * @param outlineOf what stands where: when that stays the same, nothing moves.
 */
export function useHeld<T>(source: () => T, ready: () => boolean, outlineOf: (one: T) => string) {
  const { shown: justRecorded } = useRecorder()
  const held = shallowRef<T>(source())
  const changed = ref(false)
  let begun = ready()
  let recordedAt = -Infinity

  function showNow(): void {
    held.value = source()
    changed.value = false
  }
  watch(justRecorded, () => {
    recordedAt = performance.now()
    // What was recorded may have been worked out before it was said.
    if (changed.value) showNow()
  })
  watch([source, ready], () => {
    const byHand = performance.now() - recordedAt < BY_HAND_MS
    if (!begun || byHand || outlineOf(source()) === outlineOf(held.value)) showNow()
    else changed.value = true
    begun ||= ready()
  })
  return { held, changed, showNow }
}
