interface Point { readonly x: number, readonly y: number }

/** All pairs of so many points are 20,000 slopes; of more, evenly spread ones are taken. */
const MOST_POINTS = 200

function thinned(points: readonly Point[]): readonly Point[] {
  if (points.length <= MOST_POINTS) return points
  const step = (points.length - 1) / (MOST_POINTS - 1)
  return Array.from({ length: MOST_POINTS }, (_, index) => points[Math.round(index * step)] as Point)
}

/**
 * The middle of all slopes between two of the points (Theil 1950, Sen 1968); nothing when no two differ in x. Of very many
 * points, 200 spread evenly over their order count.
 */
export function robustSlope(points: readonly Point[]): number | undefined {
  const some = thinned(points)
  const slopes: number[] = []
  for (let i = 0; i < some.length; i++) {
    for (let j = i + 1; j < some.length; j++) {
      const [a, b] = [some[i] as Point, some[j] as Point]
      if (a.x !== b.x) slopes.push((b.y - a.y) / (b.x - a.x))
    }
  }
  if (slopes.length === 0) return undefined
  const sorted = Float64Array.from(slopes).sort()
  const middle = Math.floor(sorted.length / 2)
  return sorted.length % 2 ? sorted[middle] : (sorted[middle - 1]! + sorted[middle]!) / 2
}
