/** Waits, frame by frame and for a second at most, until something is so. */
export async function until(isSo: () => boolean): Promise<void> {
  const started = performance.now()
  while (!isSo() && performance.now() - started < 1000) await new Promise(resolve => requestAnimationFrame(resolve))
}
