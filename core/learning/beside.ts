/** How far what was found lies beside a course, and when. */
export interface Beside { readonly day: number, readonly value: number }

/** One that stands apart from both its neighbours, to the same side: mistyped, or read elsewhere. The last is never that. */
function isOdd(found: readonly Beside[], index: number, jump: number): boolean {
  const [before, here, after] = [found[index - 1], found[index]!, found[index + 1]]
  if (!before || !after) return false
  const [rise, fall] = [here.value - before.value, here.value - after.value]
  return Math.min(Math.abs(rise), Math.abs(fall)) > jump && rise * fall > 0
}

/**
 * How far a course goes on beside itself as it was found: straight from one finding to the next, and from the last, or back from the
 * first, forgotten by a factor e in so many days. Whoever looked last is believed.
 * @param found in order of their days.
 * @param jump one that differs from both its neighbours by more, to the same side, is left out.
 */
export function besideOn(
  found: readonly Beside[], { keepsDays, jump }: { readonly keepsDays: number, readonly jump: number },
): (day: number) => number {
  const sound = found.filter((_, index) => !isOdd(found, index, jump))
  return (day) => {
    const after = sound.findIndex(one => one.day > day)
    const [before, next] = [sound[after < 0 ? sound.length - 1 : after - 1], sound[after]]
    if (before && next) {
      const share = (day - before.day) / (next.day - before.day)
      return before.value + share * (next.value - before.value)
    }
    const near = before ?? next
    return near ? near.value * Math.exp(-Math.abs(day - near.day) / keepsDays) : 0
  }
}
