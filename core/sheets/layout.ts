import { areaOf, spansWithin, turned, type Corner } from '../ground/outline'
import { depthsOf, fillSpan, type Cell, type Supply } from './rows'
import type { Piece } from '../questions/pieces'

/** One piece as it lies: its corners, metres, and which of the sizes it is. */
export interface Laid { readonly corners: readonly Corner[], readonly size: number, readonly missing: boolean }

/** How pieces lie on a piece of ground. */
export interface Layout {
  readonly laid: readonly Laid[]
  /** Pieces of each size that are used; of a roll, the cuts. */
  readonly used: readonly number[]
  /** Pieces that are missing, of the size asked for. */
  readonly missing: number
  readonly groundM2: number
  /** All that is laid, overlaps and all. */
  readonly laidM2: number
  /** What lies twice, or over the edge by half an overlap, as it should. */
  readonly overlapM2: number
  /** What lies beyond that and covers nothing. */
  readonly wasteM2: number
}

/** What is laid where: pieces of ground, pieces to lay, of what size the missing ones are, and how far they overlap, metres. */
export interface Laying {
  readonly ground: readonly (readonly Corner[])[]
  readonly pieces: readonly Piece[]
  readonly missingLike: Piece
  readonly overlapM: number
}

/** How the depth of the next row is chosen among those that can be laid. */
type Rule = (depths: readonly number[], tried: (depthM: number) => Tried) => number

interface Tried { readonly consumedM2: number, readonly coveredM2: number, readonly missing: number }

const ENOUGH = 1e-6
/** More rows than this is a mistake, not a garden. */
const MOST_ROWS = 4000

function suppliesOf({ pieces, missingLike }: Laying): Supply[] {
  const own = pieces.map(({ sort, count, widthM, lengthM }, id): Supply => ({
    id, sort, widthM, lengthM, left: count, begunM: 0, missing: false,
  }))
  return [...own, { ...missingLike, id: pieces.length, left: Number.MAX_SAFE_INTEGER, begunM: 0, missing: true }]
}

function bandM2(corners: readonly Corner[], fromY: number, toY: number): number {
  // By so many slices: only rows are compared by it.
  const SLICES = 6
  const high = (toY - fromY) / SLICES
  return Array.from(
    { length: SLICES },
    (_, at) =>
      spansWithin(corners, fromY + (at + 0.499) * high, fromY + (at + 0.501) * high).reduce((sum, { from, to }) => sum + to - from, 0)
      * high,
  ).reduce((sum, one) => sum + one, 0)
}

const within = (corners: readonly Corner[]) => ({
  low: Math.min(...corners.map(([, y]) => y)), high: Math.max(...corners.map(([, y]) => y)),
})

/** Lays rows over one piece of ground, from the front to the back. Takes from the supplies. */
function layRows(corners: readonly Corner[], supplies: readonly Supply[], overlapM: number, rule: Rule): Cell[] {
  const { low, high } = within(corners)
  const cells: Cell[] = []
  let y = low
  for (let row = 0; row < MOST_ROWS && y < high - ENOUGH; row++) {
    const fill = (depthM: number, from: readonly Supply[]) =>
      spansWithin(corners, y, Math.min(high, y + depthM)).map(span => ({ span, ...fillSpan(span, y, depthM, from, overlapM) }))
    const isWhole = (depthM: number) =>
      fill(
        depthM, supplies.map(one => ({ ...one })),
      ).every(({ span, reaches }) => reaches >= span.to - ENOUGH)
    const own = depthsOf(supplies.filter(one => !one.missing), overlapM).filter(isWhole)
    // A row of one's own large pieces may need a missing one at its end that is not deep enough: then rows go by those that are missing.
    const depths = own.length > 0 ? own : depthsOf(supplies.filter(one => one.missing), overlapM)
    const depthM = rule(depths, (tried) => {
      const made = fill(tried, supplies.map(one => ({ ...one }))).flatMap(one => one.cells)
      return {
        consumedM2: made.reduce((sum, cell) => sum + cell.widthM * cell.depthM, 0),
        coveredM2: bandM2(corners, y, Math.min(high, y + tried)), missing: made.filter(cell => cell.supply.missing).length,
      }
    })
    cells.push(...fill(depthM, supplies).flatMap(one => one.cells))
    y += depthM
  }
  return cells
}

/** The row that wastes least for what it covers, what is missing weighing twice. */
const thrifty: Rule = (depths, tried) => {
  const worth = (depthM: number) => {
    const { consumedM2, coveredM2, missing } = tried(depthM)
    return coveredM2 / (consumedM2 * (missing > 0 ? 2 : 1) + 1e-9)
  }
  return depths.map(depthM => ({ depthM, worth: worth(depthM) })).reduce((best, one) => one.worth > best.worth + 1e-9 ? one : best).depthM
}
const deepest: Rule = depths => Math.max(...depths)
const shallowest: Rule = depths => Math.min(...depths)
const always = (depthM: number): Rule => depths => depths.find(one => Math.abs(one - depthM) < 1e-5) ?? Math.max(...depths)

/** Rows can run along any side of the ground, and across it: the directions that are tried. */
function directionsOf(ground: readonly (readonly Corner[])[]): number[] {
  const corners = ground[0]!
  const longest = corners
    .map((from, at) => ({ from, to: corners[(at + 1) % corners.length]! }))
    .reduce((best, one) =>
      Math.hypot(one.to[0] - one.from[0], one.to[1] - one.from[1]) > Math.hypot(best.to[0] - best.from[0], best.to[1] - best.from[1]) + 1e-9
        ? one
        : best,
    )
  const along = Math.atan2(longest.to[1] - longest.from[1], longest.to[0] - longest.from[0])
  const angles = corners.length > 12 ? [0, Math.PI / 2] : [0, Math.PI / 2, along, along + Math.PI / 2]
  return [...new Set(angles.map(angle => Math.round(((angle % Math.PI) + Math.PI) % Math.PI * 1e6) / 1e6))]
}

function tell({ ground, pieces, overlapM }: Laying, cells: readonly Cell[], angle: number): Layout {
  const half = overlapM / 2
  const laid = cells.map(({ supply, x, y, widthM, depthM }): Laid => ({
    size: supply.id, missing: supply.missing,
    corners: turned(
      [
        [x - half, y - half], [x + widthM + half, y - half], [x + widthM + half, y + depthM + half], [x - half, y + depthM + half],
      ],
      angle,
    ),
  }))
  const groundM2 = ground.reduce((sum, corners) => sum + areaOf(corners), 0)
  const netM2 = cells.reduce((sum, { widthM, depthM }) => sum + widthM * depthM, 0)
  const laidM2 = cells.reduce((sum, { widthM, depthM }) => sum + (widthM + overlapM) * (depthM + overlapM), 0)
  return {
    laid, groundM2, laidM2, overlapM2: laidM2 - netM2, wasteM2: Math.max(0, netM2 - groundM2),
    used: pieces.map((_, size) => cells.filter(({ supply }) => supply.id === size).length),
    missing: cells.filter(({ supply }) => supply.missing).length,
  }
}

/** Fewer missing ones first, then less laid, then fewer pieces. */
const better = (one: Layout, other: Layout) =>
  one.missing !== other.missing
    ? one.missing < other.missing
    : Math.abs(one.laidM2 - other.laidM2) > 1e-6
      ? one.laidM2 < other.laidM2
      : one.laid.length < other.laid.length

/**
 * Lays pieces in rows over ground, with what is still missing in the size asked for; the best of several ways of choosing the rows.
 * Every spot of the ground lies within a net cell of some piece, and no two cells share any: so there are never fewer pieces than
 * ground over net piece.
 * @param laying the missing ones larger than the overlap; own pieces that are not are of no use and left aside.
 */
export function layOut(laying: Laying): Layout {
  const { ground, overlapM, missingLike } = laying
  const sizes = [...laying.pieces, missingLike]
    .flatMap(({ widthM, lengthM }) => [widthM - overlapM, lengthM - overlapM])
    .filter(one => one > 0.02)
  const rules = [thrifty, deepest, shallowest, ...[...new Set(sizes.map(one => Math.round(one * 1e6) / 1e6))].map(always)]
  const tried = directionsOf(ground).flatMap(angle => rules.map((rule) => {
    const supplies = suppliesOf(laying)
    return tell(laying, ground.flatMap(corners => layRows(turned(corners, -angle), supplies, overlapM, rule)), angle)
  }))
  return tried.reduce((best, one) => better(one, best) ? one : best)
}
