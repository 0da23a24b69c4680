/** How one count may be chosen: in parts of this size (0 for any amount), between bounds. */
export interface Countable {
  readonly size: number
  readonly low: number
  readonly high: number
}

/** What makes counts good: whether they keep to the limits, and what they cost. */
export interface Judge {
  fits(counts: readonly number[]): boolean
  costOf(counts: readonly number[]): number
}

/** So many broken counts are tried both up and down; the rest go to the nearest. */
const MOST_BROKEN = 7
const ROUNDS = 4
const SAME = 1e-9

const isBroken = (count: number, size: number) => size > 0 && Math.abs(count / size - Math.round(count / size)) > 1e-6
const within = (count: number, { low, high }: Countable) => Math.min(high, Math.max(low, count))

/** Every way of taking the broken counts up or down. */
function* corners(start: readonly number[], ways: readonly Countable[]): Generator<number[]> {
  const broken = start.flatMap((count, index) => isBroken(count, ways[index]?.size ?? 0) ? [index] : []).slice(0, MOST_BROKEN)
  for (let mask = 0; mask < 1 << broken.length; mask++) {
    yield start.map((count, index) => {
      const way = ways[index]
      if (!way || way.size === 0) return count
      const bit = broken.indexOf(index)
      const steps
        = bit < 0 ? Math.round(count / way.size) : ((mask >> bit) & 1) === 1 ? Math.ceil(count / way.size) : Math.floor(count / way.size)
      return within(steps * way.size, way)
    })
  }
}

/** One part more or less of one thing, or of one thing instead of another. */
function* moves(counts: readonly number[], ways: readonly Countable[]): Generator<number[]> {
  const moved = (changes: readonly (readonly [index: number, by: number])[]) => {
    const next = [...counts]
    for (const [index, by] of changes) next[index] = (next[index] ?? 0) + by
    return changes.every(([index]) => next[index] === within(next[index] ?? 0, ways[index] ?? { size: 0, low: 0, high: 0 }))
      ? next
      : undefined
  }
  const steps = ways.flatMap(({ size }, index) => size > 0 ? [[index, size] as const, [index, -size] as const] : [])
  for (const one of steps) {
    const alone = moved([one])
    if (alone) yield alone
    for (const other of steps) {
      const both = other[0] > one[0] ? moved([one, other]) : undefined
      if (both) yield both
    }
  }
}

/**
 * Counts that can be measured out, near the fractional best of a plain linear programme: its corners, and from the best of
 * them one part here or there as long as that pays. Quick, and often as good as the exact answer; no promise that it is.
 * @returns nothing when no corner keeps to the limits.
 */
export function measurableNear(start: readonly number[], ways: readonly Countable[], { fits, costOf }: Judge): number[] | undefined {
  const cheapestOf = (candidates: Iterable<number[]>, below: number): number[] | undefined => {
    let best: number[] | undefined
    let least = below
    for (const counts of candidates) {
      const cost = costOf(counts)
      if (cost < least - SAME && fits(counts)) [best, least] = [counts, cost]
    }
    return best
  }
  let best = cheapestOf(corners(start, ways), Infinity)
  for (let round = 0; best && round < ROUNDS; round++) {
    const better = cheapestOf(moves(best, ways), costOf(best))
    if (!better) break
    best = better
  }
  return best
}
