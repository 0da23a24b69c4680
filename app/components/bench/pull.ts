import type { PullPoint } from '#core/mix/pull'
import type { FieldScale } from './field'

/** A place on the field with the count it stands for. */
export interface PathPoint { readonly x: number, readonly y: number, readonly count: number }

/** A pull path in the units of the field. */
export function pathPoints(path: readonly PullPoint[], { ratioX, moistureY }: FieldScale): PathPoint[] {
  return path.map(({ count, judgement: { measures } }) => ({
    count, x: ratioX(measures.availableCarbonToNitrogen), y: moistureY(measures.moistureFraction),
  }))
}

/** The count whose place on the path is nearest to a point. @param path at least one point. */
export function nearestCount(path: readonly PathPoint[], x: number, y: number): number {
  let best = { apart: Infinity, count: path[0]?.count ?? 0 }
  path.slice(1).forEach((to, index) => {
    const from = path[index] as PathPoint
    const [dx, dy] = [to.x - from.x, to.y - from.y]
    const length = dx * dx + dy * dy
    const along = length > 0 ? Math.min(1, Math.max(0, ((x - from.x) * dx + (y - from.y) * dy) / length)) : 0
    const apart = (from.x + along * dx - x) ** 2 + (from.y + along * dy - y) ** 2
    if (apart < best.apart) best = { apart, count: from.count + along * (to.count - from.count) }
  })
  return best.count
}

/** Where a count lies on the path. */
export function placeOf(path: readonly PathPoint[], count: number): { readonly x: number, readonly y: number } | undefined {
  const after = path.findIndex(point => point.count >= count)
  const to = path[after < 0 ? path.length - 1 : after]
  const from = path[Math.max(0, after - 1)]
  if (!to || !from) return undefined
  const share = to.count > from.count ? Math.min(1, Math.max(0, (count - from.count) / (to.count - from.count))) : 0
  return { x: from.x + share * (to.x - from.x), y: from.y + share * (to.y - from.y) }
}

/** The part of a container that makes sense to move by: the more there is, the coarser. */
export function pullStep(count: number): number {
  if (count < 1) return 0.25
  return count < 4 ? 0.5 : 1
}

/** A count that can be measured out. */
export function pulledCount(count: number): number {
  const step = pullStep(count)
  return Math.max(0, Math.round(count / step) * step)
}

/** Marks along a path, at even counts: at most nine. */
export function tickCounts(end: number): number[] {
  const every = [0.5, 1, 2, 5, 10, 20, 50, 100].find(step => end / step <= 9) ?? end
  return Array.from({ length: Math.floor(end / every + 1e-9) + 1 }, (_, tick) => tick * every)
}
