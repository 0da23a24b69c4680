/** Weights that add up to 1 from logarithms of weights of any size; even ones when none is above nothing. */
export function normalised(logWeights: ArrayLike<number>): Float64Array {
  let top = -Infinity
  for (let i = 0; i < logWeights.length; i++) top = Math.max(top, logWeights[i]!)
  const weights = new Float64Array(logWeights.length)
  if (!Number.isFinite(top)) return weights.fill(1 / Math.max(1, weights.length))
  let sum = 0
  for (let i = 0; i < weights.length; i++) sum += weights[i] = Math.exp(logWeights[i]! - top)
  for (let i = 0; i < weights.length; i++) weights[i]! /= sum
  return weights
}

/** How many equal members weights are worth: 1/Σw² (Kong 1992). Between 1 and their number. */
export function effectiveSize(weights: Float64Array): number {
  let squares = 0
  for (let i = 0; i < weights.length; i++) squares += weights[i]! * weights[i]!
  return 1 / squares
}

/** Weighted quantiles of values, in the order of `shares` (each within 0..1): the least value with that share of the weight at or below. */
export function weightedQuantiles(values: ArrayLike<number>, weights: Float64Array, shares: readonly number[]): number[] {
  const order = Array.from({ length: values.length }, (_, index) => index).sort((a, b) => values[a]! - values[b]!)
  const found: number[] = []
  let sum = 0
  for (const index of order) {
    sum += weights[index]!
    while (found.length < shares.length && sum >= shares[found.length]! - 1e-12) found.push(values[index]!)
  }
  const last = values[order.at(-1) ?? 0] ?? 0
  return shares.map((_, at) => found[at] ?? last)
}

/** The greatest power, 0 to 1, at which something is still worth so much; 1 when it already is. `worth` falls as the power grows. */
export function powerWorth(worth: (power: number) => number, least: number, halvings = 30): number {
  if (worth(1) >= least) return 1
  let [low, high] = [0, 1]
  for (let halving = 0; halving < halvings; halving++) {
    const middle = (low + high) / 2
    if (worth(middle) >= least) low = middle
    else high = middle
  }
  return low
}

/** The power to which weights are taken back so that they are worth at least so many members; 1 when they already are. */
export function temper(logWeights: Float64Array, least: number): number {
  return powerWorth(power => effectiveSize(normalised(logWeights.map(weight => weight * power))), least)
}
