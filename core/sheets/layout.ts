import { areaOf, spansWithin, turned, type Corner } from '../ground/outline'
import { depthsOf, fillSpan, type Cell, type Purse, type Supply } from './rows'
import type { Piece } from '../questions/pieces'

/** One piece as it lies: its corners, metres, and which of the sizes it is. */
export interface Laid { readonly corners: readonly Corner[], readonly size: number, readonly missing: boolean }

/** How pieces lie on a piece of ground. */
export interface Layout {
  /** One by one; nothing where they are too many to be laid out, and only counted. */
  readonly laid: readonly Laid[]
  /** How many lie there in all. */
  readonly places: number
  /** Pieces of each size that are used; of a roll, the cuts. */
  readonly used: readonly number[]
  /** Pieces that are missing, of the size asked for. */
  readonly missing: number
  readonly groundM2: number
  /** All that is laid, overlaps and all. */
  readonly laidM2: number
  /** The same by size, the missing ones last. */
  readonly laidBySizeM2: readonly number[]
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

/** The next row among those that could be laid: in which order their depths are tried, and whether the first will do. */
interface Rule {
  readonly order: (depths: readonly number[]) => readonly number[]
  /** How much a row is worth that could be laid; without it the first one is taken. */
  readonly worth?: (tried: Tried) => number
}

interface Tried { readonly consumedM2: number, readonly coveredM2: number, readonly missing: number }

const ENOUGH = 1e-6

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

/** Lays rows over one piece of ground, from the front to the back; nothing when the purse does not last. Takes from both. */
function layRows(
  corners: readonly Corner[], supplies: readonly Supply[], overlapM: number, rule: Rule, purse: Purse,
): readonly Cell[] | undefined {
  const { low, high } = within(corners)
  const cells: Cell[] = []
  let y = low
  while (y < high - ENOUGH) {
    const fill = (depthM: number, from: readonly Supply[]) => {
      purse.looks -= ROW_LOOKS * (supplies.length + (rule.worth ? 4 : 1) * corners.length)
      const spans = spansWithin(corners, y, Math.min(high, y + depthM))
      return spans.map(span => ({ span, ...fillSpan(span, y, depthM, from, overlapM, purse) }))
    }
    const tried = (depthM: number): Tried | undefined => {
      const made = fill(depthM, supplies.map(one => ({ ...one })))
      if (made.some(({ span, reaches }) => reaches < span.to - ENOUGH)) return undefined
      const row = made.flatMap(one => one.cells)
      return {
        consumedM2: row.reduce((sum, cell) => sum + cell.widthM * cell.depthM, 0),
        coveredM2: rule.worth ? bandM2(corners, y, Math.min(high, y + depthM)) : 0,
        missing: row.filter(cell => cell.supply.missing).length,
      }
    }
    // A row of one's own large pieces may need a missing one at its end that is not deep enough: then rows go by those that are missing.
    const depthM = chosen(rule, depthsOf(supplies.filter(one => !one.missing), overlapM), tried)
      ?? chosen(rule, depthsOf(supplies.filter(one => one.missing), overlapM), tried)
    if (depthM === undefined || purse.looks <= 0) return undefined
    cells.push(...fill(depthM, supplies).flatMap(one => one.cells))
    y += depthM
  }
  return purse.looks > 0 ? cells : undefined
}

function chosen({ order, worth }: Rule, depths: readonly number[], tried: (depthM: number) => Tried | undefined): number | undefined {
  let best: { readonly depthM: number, readonly worth: number } | undefined
  for (const depthM of order(depths)) {
    const row = tried(depthM)
    if (!row) continue
    if (!worth) return depthM
    const worthIt = worth(row)
    if (!best || worthIt > best.worth + 1e-9) best = { depthM, worth: worthIt }
  }
  return best?.depthM
}

const falling = (depths: readonly number[]) => [...depths].sort((a, b) => b - a)
/** The row that wastes least for what it covers, what is missing weighing twice. */
const thrifty: Rule = {
  order: depths => depths, worth: ({ consumedM2, coveredM2, missing }) => coveredM2 / (consumedM2 * (missing > 0 ? 2 : 1) + 1e-9),
}
const deepest: Rule = { order: falling }
const shallowest: Rule = { order: depths => falling(depths).reverse() }
const always = (depthM: number): Rule => ({
  order: depths => [...depths.filter(one => Math.abs(one - depthM) < 1e-5), ...falling(depths)],
})

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

function tell({ ground, pieces, missingLike, overlapM }: Laying, cells: readonly Cell[], angle: number): Layout {
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
  const laidBySizeM2 = [...pieces, missingLike].map((_, size) =>
    cells.reduce((sum, { supply, widthM, depthM }) => supply.id === size ? sum + (widthM + overlapM) * (depthM + overlapM) : sum, 0))
  const laidM2 = laidBySizeM2.reduce((sum, one) => sum + one, 0)
  return {
    laid, places: cells.length, groundM2, laidM2, laidBySizeM2, overlapM2: laidM2 - netM2, wasteM2: Math.max(0, netM2 - groundM2),
    used: pieces.map((_, size) => cells.filter(({ supply }) => supply.id === size).length),
    missing: cells.filter(({ supply }) => supply.missing).length,
  }
}

/**
 * Pieces that are too many to be laid out one by one: counted, the largest first, with what odd edges usually waste. Of a roll whole
 * lengths are counted as one cut each.
 */
function counted({ ground, pieces, missingLike, overlapM }: Laying): Layout {
  const groundM2 = ground.reduce((sum, corners) => sum + areaOf(corners), 0)
  const netM2 = ({ widthM, lengthM }: Piece) => Math.max(0, widthM - overlapM) * Math.max(0, lengthM - overlapM)
  let restM2 = groundM2 * (1 + USUAL_WASTE)
  const taken = (piece: Piece, most: number) => {
    const count = netM2(piece) > 0 ? Math.min(most, Math.ceil(restM2 / netM2(piece))) : 0
    restM2 = Math.max(0, restM2 - count * netM2(piece))
    return count
  }
  const used = pieces.map(() => 0)
  for (const size of pieces.map((_, at) => at).sort((a, b) => netM2(pieces[b]!) - netM2(pieces[a]!)))
    used[size] = taken(pieces[size]!, pieces[size]!.count)
  const missing = taken(missingLike, Number.MAX_SAFE_INTEGER)
  const counts = [...used, missing]
  const all = [...pieces, missingLike]
  const net = all.reduce((sum, piece, size) => sum + counts[size]! * netM2(piece), 0)
  const laidBySizeM2 = all.map(({ widthM, lengthM }, size) => counts[size]! * widthM * lengthM)
  const laidM2 = laidBySizeM2.reduce((sum, one) => sum + one, 0)
  return {
    laid: [], places: counts.reduce((sum, one) => sum + one, 0), used, missing, groundM2, laidM2, laidBySizeM2, overlapM2: laidM2 - net,
    wasteM2: Math.max(0, net - groundM2),
  }
}

/** Fewer missing ones first, then less laid, then fewer pieces. */
const better = (one: Layout, other: Layout) =>
  one.missing !== other.missing
    ? one.missing < other.missing
    : Math.abs(one.laidM2 - other.laidM2) > 1e-6
      ? one.laidM2 < other.laidM2
      : one.laid.length < other.laid.length

/** More pieces than this nobody lays by a drawing. */
const MOST_PLACES = 1500
/**
 * What edges usually waste where pieces are only counted, share of the ground (0.01–0.06): the mean of 180 grounds of 1,200 boxes of any
 * size that were laid out, 0.017 on rectangles, 0.024 with odd corners, 0.052 on circles; own measure.
 */
const USUAL_WASTE = 0.03
/** What beginning a row takes beside the looks at pieces, a supply and a corner of the ground; own measure. */
const ROW_LOOKS = 8
/**
 * Looks at pieces: for the first way of laying, which has to come to an end, and for all the others together. Of 120 round beds
 * of 3 to 120 m² with up to four sizes 11 came out worse than with no end of looks, in 20 to 60 ms each; with half of them 51; own measure.
 */
const FIRST_LOOKS = 60_000
const OTHER_LOOKS = 240_000

/**
 * Lays pieces in rows over ground, with what is still missing in the size asked for; the best of several ways of choosing the rows,
 * as many as it has looks for: always the same for the same ground and pieces, on a slow machine and on a quick one. Every spot of the
 * ground lies within a net cell of some piece, and no two cells share any: so there are never fewer pieces than ground over net piece.
 * Where there are more than anybody lays by a drawing, they are counted.
 * @param looks for all ways of laying but the first.
 * @param laying the missing ones larger than the overlap; own pieces that are not are of no use and left aside.
 */
export function layOut(laying: Laying, looks = OTHER_LOOKS): Layout {
  const { ground, overlapM, missingLike } = laying
  const sizes = [...laying.pieces, missingLike]
    .flatMap(({ widthM, lengthM }) => [widthM - overlapM, lengthM - overlapM])
    .filter(one => one > 0.02)
  const largestM2 = Math.max(...[...laying.pieces, missingLike].map(one => (one.widthM - overlapM) * (one.lengthM - overlapM)))
  if (ground.reduce((sum, corners) => sum + areaOf(corners), 0) > largestM2 * MOST_PLACES) return counted(laying)
  const rules = [deepest, thrifty, shallowest, ...[...new Set(sizes.map(one => Math.round(one * 1e6) / 1e6))].map(always)]
  const directions = directionsOf(ground)
  const laidBy = (rule: Rule, angle: number, purse: Purse): Layout | undefined => {
    const supplies = suppliesOf(laying)
    const cells: Cell[] = []
    for (const corners of ground) {
      const more = layRows(turned(corners, -angle), supplies, overlapM, rule, purse)
      if (!more || cells.length + more.length > MOST_PLACES) return undefined
      cells.push(...more)
    }
    return tell(laying, cells, angle)
  }
  const purse = { looks }
  const [first, ...others] = rules.flatMap(rule => directions.map(angle => ({ rule, angle })))
  let best = laidBy(first!.rule, first!.angle, { looks: FIRST_LOOKS })
  for (const { rule, angle } of others) {
    if (purse.looks <= 0) break
    const one = laidBy(rule, angle, purse)
    if (one && (!best || better(one, best))) best = one
  }
  return best ?? counted(laying)
}
