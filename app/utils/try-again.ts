/** The first wait and the longest: a disk is made room on within minutes, and a page that stands open all day asks once a minute. */
const FIRST_MS = 2000
const LONGEST_MS = 60_000

const wait = (ms: number) => new Promise<void>(resolve => setTimeout(resolve, ms))

/** Tries at once and until it is done, each wait twice the one before, for as long as it is wanted. @returns whether it was done. */
export async function tryAgain(attempt: () => Promise<boolean>, stillWanted: () => boolean): Promise<boolean> {
  for (let ms = FIRST_MS; stillWanted(); ms = Math.min(LONGEST_MS, 2 * ms)) {
    if (await attempt()) return true
    await wait(ms)
  }
  return false
}
