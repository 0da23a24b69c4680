/** Work between two breaths, ms: short enough that a tap is answered at once. */
const SLICE_MS = 12

/** Lets the browser draw and hear before more is done. */
export function breath(): Promise<void> {
  const { scheduler } = globalThis as { scheduler?: { yield?: () => Promise<void> } }
  if (scheduler?.yield) return scheduler.yield()
  return new Promise((resolve) => {
    const channel = new MessageChannel()
    channel.port1.onmessage = () => {
      channel.port1.close()
      resolve()
    }
    channel.port2.postMessage(undefined)
  })
}

/**
 * Drives work that is done in steps, a slice at a time. @param stillWanted ends it early, with nothing.
 * @param onStep hears what a slice ended with.
 */
export async function inSlices<S, R>(
  work: Generator<S, R>,
  { stillWanted = () => true, onStep = () => {} }: { readonly stillWanted?: () => boolean, readonly onStep?: (step: S) => void } = {},
): Promise<R | undefined> {
  let since = performance.now()
  for (let step = work.next(); ; step = work.next()) {
    if (step.done) return step.value
    if (performance.now() - since < SLICE_MS) continue
    onStep(step.value)
    await breath()
    if (!stillWanted()) return undefined
    since = performance.now()
  }
}
