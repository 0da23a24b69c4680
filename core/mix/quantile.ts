const BINS = 128
const counts = new Uint16Array(BINS)
let binOf = new Uint8Array(0)

/** Two ends of the middle part of some values. */
export interface Ends {
  readonly low: number
  readonly high: number
}

/**
 * The values below which a share lies and above which as much lies, interpolating between neighbours at (n·share − ½).
 * A count over even bins finds the few values around each end, and only those are sorted.
 * @param values at least one, all finite, at most 65,535 of them.
 * @param share of either tail, within 0..0.5.
 */
export function middlePart(values: Float64Array, share: number): Ends {
  let low = Infinity, high = -Infinity
  for (let i = 0; i < values.length; i++) {
    const value = values[i]!
    if (value < low) low = value
    if (value > high) high = value
  }
  if (!(high > low)) return { low, high: low }
  countIntoBins(values, low, high)
  return { low: quantile(values, share), high: quantile(values, 1 - share) }
}

function countIntoBins(values: Float64Array, low: number, high: number): void {
  if (binOf.length !== values.length) binOf = new Uint8Array(values.length)
  const perBin = (BINS - 0.001) / (high - low)
  counts.fill(0)
  for (let i = 0; i < values.length; i++) {
    const bin = ((values[i]! - low) * perBin) | 0
    binOf[i] = bin
    counts[bin]!++
  }
}

/** One quantile of values that have just been counted into bins. */
function quantile(values: Float64Array, share: number): number {
  const position = Math.min(values.length - 1, Math.max(0, share * values.length - 0.5))
  const index = Math.floor(position)
  const { first, last, before } = binsAround(index, Math.min(values.length - 1, index + 1))
  const near: number[] = []
  for (let i = 0; i < values.length; i++) {
    const bin = binOf[i]!
    if (bin >= first && bin <= last) near.push(values[i]!)
  }
  near.sort((a, b) => a - b)
  const lower = near[index - before]!
  const upper = near[Math.min(index + 1 - before, near.length - 1)]!
  return lower + (upper - lower) * (position - index)
}

/** The bins that hold the values of these two ranks, and how many values lie before them. */
function binsAround(index: number, next: number): { readonly first: number, readonly last: number, readonly before: number } {
  let seen = 0, bin = 0
  while (seen + counts[bin]! <= index) seen += counts[bin++]!
  const first = bin
  const before = seen
  while (seen + counts[bin]! <= next) seen += counts[bin++]!
  return { first, last: bin, before }
}
