/** A corner of a piece of ground: metres to the right, and away from whoever looks. */
export type Corner = readonly [xM: number, yM: number]

const sides = (corners: readonly Corner[]) =>
  corners.map((from, at): readonly [Corner, Corner] => [from, corners[(at + 1) % corners.length]!])

/** Ground within corners, m², whichever way round they go. */
export function areaOf(corners: readonly Corner[]): number {
  return Math.abs(sides(corners).reduce((sum, [[x1, y1], [x2, y2]]) => sum + x1 * y2 - x2 * y1, 0)) / 2
}

/** Length around it, m. */
export function rimOf(corners: readonly Corner[]): number {
  return sides(corners).reduce((sum, [[x1, y1], [x2, y2]]) => sum + Math.hypot(x2 - x1, y2 - y1), 0)
}

const turn = ([ax, ay]: Corner, [bx, by]: Corner, [cx, cy]: Corner) => (bx - ax) * (cy - ay) - (by - ay) * (cx - ax)

function cross([a, b]: readonly [Corner, Corner], [c, d]: readonly [Corner, Corner]): boolean {
  return turn(a, b, c) * turn(a, b, d) < 0 && turn(c, d, a) * turn(c, d, b) < 0
}

/** Whether a side crosses another one. */
export function crossesItself(corners: readonly Corner[]): boolean {
  const all = sides(corners)
  return all.some((one, at) => all.some((other, from) => from > at + 1 && cross(one, other)))
}

/** Turned by an angle around the origin, radians. */
export function turned(corners: readonly Corner[], angle: number): Corner[] {
  const [cos, sin] = [Math.cos(angle), Math.sin(angle)]
  return corners.map(([x, y]): Corner => [x * cos - y * sin, x * sin + y * cos])
}

/** A stretch from left to right, metres. */
export interface Span { readonly from: number, readonly to: number }

/** Stretches that touch are one. */
function joined(spans: readonly Span[]): Span[] {
  const sorted = [...spans].sort((a, b) => a.from - b.from)
  const kept: { from: number, to: number }[] = []
  for (const { from, to } of sorted) {
    const last = kept.at(-1)
    if (last && from <= last.to + 1e-9) last.to = Math.max(last.to, to)
    else kept.push({ from, to })
  }
  return kept
}

/** Where a side is at a height, metres from the left. */
const xAt = ([[x1, y1], [x2, y2]]: readonly [Corner, Corner], y: number) => x1 + (x2 - x1) * (y - y1) / (y2 - y1)

/**
 * From where to where the ground lies within a band of heights, as stretches from the left: everything of it that the band holds
 * is within them.
 * Between two heights of corners it is made of trapezoids, so nothing is guessed.
 */
export function spansWithin(corners: readonly Corner[], fromY: number, toY: number): Span[] {
  const inside = corners.map(([, y]) => y).filter(y => y > fromY + 1e-9 && y < toY - 1e-9)
  const heights = [...new Set([fromY, ...inside, toY])].sort((a, b) => a - b)
  const found = heights.slice(1).flatMap((top, at): Span[] => {
    const bottom = heights[at]!
    const middle = (bottom + top) / 2
    const crossing = sides(corners)
      .filter(([[, y1], [, y2]]) => Math.min(y1, y2) <= middle && Math.max(y1, y2) > middle)
      .sort((a, b) => xAt(a, middle) - xAt(b, middle))
    return Array.from({ length: Math.floor(crossing.length / 2) }, (_, pair): Span => {
      const [left, right] = [crossing[2 * pair]!, crossing[2 * pair + 1]!]
      return { from: Math.min(xAt(left, bottom), xAt(left, top)), to: Math.max(xAt(right, bottom), xAt(right, top)) }
    })
  })
  return joined(found)
}

/** Whether a point lies within. */
export function holds(corners: readonly Corner[], [x, y]: Corner): boolean {
  return sides(corners).filter(([[x1, y1], [x2, y2]]) => (y1 > y) !== (y2 > y)
    && x < x1 + ((x2 - x1) * (y - y1)) / (y2 - y1)).length % 2 === 1
}
