/** The middle of all slopes between two of the points (Theil 1950, Sen 1968); nothing when no two differ in x. */
export function robustSlope(points: readonly { readonly x: number, readonly y: number }[]): number | undefined {
  const slopes = points.flatMap((a, index) => points.slice(index + 1).flatMap(b => b.x === a.x ? [] : [(b.y - a.y) / (b.x - a.x)])).sort((a, b) => a - b)
  const middle = Math.floor(slopes.length / 2)
  if (slopes.length === 0) return undefined
  return slopes.length % 2 ? slopes[middle] : ((slopes[middle - 1] as number) + (slopes[middle] as number)) / 2
}
