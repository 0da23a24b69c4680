import type { Channel } from '../../vessel/site'
import type { Vessel } from '../../vessel/vessel'
import { TOWER } from './constants'

type Point = readonly [x: number, y: number]
/** Least radius of so many equal discs that cover a disc of radius 1 (Bezdek, Böröczky, Fejes Tóth and others). */
const COVERS = [
  1, 1, 0.8661, 0.7072, 0.6094, 0.556, 0.5, 0.4451, 0.4143, 0.3942, 0.3802, 0.3612, 0.3437, 0.3311,
] as const

/** The ground that does not get its air through the cloth, and how far a channel's middle reaches. */
interface Inner {
  readonly holds: (x: number, y: number) => boolean
  readonly halfWidthM: number
  readonly halfDepthM: number
  readonly circle: boolean
}

function innerOf(vessel: Vessel): Inner | undefined {
  if (vessel.shape === 'cylinder') {
    const radius = vessel.diameterM / 2 - TOWER.reachM
    return radius > 0.001
      ? { holds: (x, y) => x * x + y * y <= radius * radius + 1e-9, halfWidthM: radius, halfDepthM: radius, circle: true }
      : undefined
  }
  const [halfWidthM, halfDepthM] = [vessel.widthM / 2 - TOWER.reachM, vessel.depthM / 2 - TOWER.reachM]
  return halfWidthM > 0.001 && halfDepthM > 0.001
    ? { holds: (x, y) => Math.abs(x) <= halfWidthM + 1e-9 && Math.abs(y) <= halfDepthM + 1e-9, halfWidthM, halfDepthM, circle: false }
    : undefined
}

/** Points of the inner ground, its rim among them. */
function gridOf({ holds, halfWidthM, halfDepthM, circle }: Inner, step: number): Point[] {
  const points: Point[] = []
  const [columns, rows] = [Math.ceil(halfWidthM / step), Math.ceil(halfDepthM / step)]
  for (let i = -columns; i <= columns; i++) {
    for (let j = -rows; j <= rows; j++) {
      const [x, y] = [i / columns * halfWidthM, j / rows * halfDepthM]
      if (holds(x, y)) points.push([x, y])
    }
  }
  const rim = circle ? Math.ceil(2 * Math.PI * halfWidthM / step) : 0
  for (let k = 0; k < rim; k++) points.push([halfWidthM * Math.cos(2 * Math.PI * k / rim), halfWidthM * Math.sin(2 * Math.PI * k / rim)])
  return points
}

/** The farthest that any point lies from the nearest middle. */
export function farthest(points: readonly Point[], middles: readonly Point[]): number {
  let most = 0
  for (const [x, y] of points) {
    let least = Infinity
    for (const middle of middles) {
      const square = (x - middle[0]) ** 2 + (y - middle[1]) ** 2
      if (square < least) least = square
      // Nearer than the farthest so far: the others only bring it nearer.
      if (least <= most) break
    }
    if (least > most) most = least
  }
  return Math.sqrt(most)
}

const squareApart = (a: Point, b: Point) => (a[0] - b[0]) ** 2 + (a[1] - b[1]) ** 2

/** The middle of the smallest circle around points, by steps towards the farthest that get smaller (Bădoiu and Clarkson 2003). */
function centreOf(points: readonly Point[], from: Point): Point {
  let [x, y] = from
  for (let step = 1; step <= 24; step++) {
    let [far, most] = [points[0]!, -1]
    for (const point of points) {
      const distance = (point[0] - x) ** 2 + (point[1] - y) ** 2
      if (distance > most) [far, most] = [point, distance]
    }
    x += (far[0] - x) / (step + 1)
    y += (far[1] - y) / (step + 1)
  }
  return [x, y]
}

/** A ring of middles, with none, one or two inside; the first starts are the regular coverings of a disc. */
function startOf(count: number, start: number, { halfWidthM, halfDepthM }: Inner): Point[] {
  const inside = start % 3
  const ring = Math.max(1, count - inside)
  const turn = Math.floor(start / 3) * 0.37 + Math.PI / 2
  return Array.from({ length: count }, (_, at): Point => {
    const share = at < ring ? ring > 2 ? Math.cos(Math.PI / ring) : 0.5 : inside === 1 ? 0 : 0.2
    const angle = turn + 2 * Math.PI * (at < ring ? at / ring : (at - ring) / Math.max(1, inside) + 0.21)
    return [share * halfWidthM * Math.cos(angle), share * halfDepthM * Math.sin(angle)]
  })
}

/**
 * Middles of so many channels that reach every point within a radius, by moving each to the middle of what is nearest to it;
 * nothing where none of the starts does.
 */
function searched(points: readonly Point[], count: number, radius: number, inner: Inner): Point[] | undefined {
  for (let start = 0; start < TOWER.starts; start++) {
    let middles = startOf(count, start, inner)
    let [best, waited] = [Infinity, 0]
    for (let turn = 0; turn < TOWER.turns && waited < TOWER.patience; turn++) {
      const far = farthest(points, middles)
      if (far <= radius) return middles
      waited = far < best - 2e-4 ? 0 : waited + 1
      best = Math.min(best, far)
      const nearest: Point[][] = middles.map(() => [])
      for (const point of points) {
        let [closest, least] = [0, Infinity]
        middles.forEach((middle, at) => {
          const distance = (point[0] - middle[0]) ** 2 + (point[1] - middle[1]) ** 2
          if (distance < least) [closest, least] = [at, distance]
        })
        nearest[closest]!.push(point)
      }
      middles = middles.map((middle, at) => nearest[at]!.length > 0 ? centreOf(nearest[at]!, middle) : middle)
    }
  }
  return undefined
}

/** Rows and columns that reach everything: whatever the shape, never fewer than needed. */
function lattice({ halfWidthM, halfDepthM, holds }: Inner, radius: number): Point[] {
  const side = radius * Math.SQRT2
  const [columns, rows] = [Math.ceil(2 * halfWidthM / side), Math.ceil(2 * halfDepthM / side)]
  const all = Array.from({ length: columns * rows }, (_, at): Point => [
    ((((at % columns) + 0.5) / columns) * 2 - 1) * halfWidthM,
    (((Math.floor(at / columns) + 0.5) / rows) * 2 - 1) * halfDepthM,
  ])
  // A field whose nearest corner lies outside has nothing to reach.
  return all.filter(([x, y]) =>
    holds(Math.sign(x) * Math.max(0, Math.abs(x) - halfWidthM / columns), Math.sign(y) * Math.max(0, Math.abs(y) - halfDepthM / rows)),
  )
}

/** Six around each, as honeycombs have them: fewer than rows and columns on wide ground. Only those that something is nearest to. */
function honeycomb(points: readonly Point[], { halfWidthM, halfDepthM }: Inner, radius: number): Point[] {
  const [side, row] = [radius * Math.sqrt(3), radius * 1.5]
  const [rows, columns] = [Math.ceil(halfDepthM / row) + 1, Math.ceil(halfWidthM / side) + 1]
  const all: Point[] = []
  for (let j = -rows; j <= rows; j++) for (let i = -columns; i <= columns; i++) all.push([(i + (j % 2 === 0 ? 0 : 0.5)) * side, j * row])
  const nearer = (point: Point, a: Point, b: Point) => squareApart(point, a) < squareApart(point, b) ? a : b
  const wanted = new Set(points.map(point => all.reduce((best, middle) => nearer(point, middle, best))))
  return [...wanted]
}

/** Fewest that can do: by the known coverings of a disc, by area for a box. */
function fewest({ halfWidthM, halfDepthM, circle }: Inner, radius: number): number {
  if (circle) return COVERS.findIndex(cover => cover * halfWidthM <= radius + 1e-9) + 1 || COVERS.length + 1
  return Math.max(1, Math.ceil(4 * halfWidthM * halfDepthM / (2.6 * radius * radius)))
}

function place(vessel: Vessel, pipeM: number): Point[] {
  const inner = innerOf(vessel)
  if (!inner) return []
  const radius = TOWER.reachM + pipeM / 2
  if (Math.hypot(inner.halfWidthM, inner.circle ? 0 : inner.halfDepthM) <= radius) return [[0, 0]]
  const points = gridOf(inner, TOWER.gridM)
  const fine = gridOf(inner, TOWER.fineM)
  const rows = lattice(inner, radius)
  const combed = honeycomb(points, inner, radius - TOWER.inHandM)
  const plain = combed.length < rows.length && farthest(fine, combed) <= radius ? combed : rows
  for (let count = fewest(inner, radius); count < plain.length && count <= TOWER.searchedMost; count++) {
    const found = [radius - TOWER.inHandM, radius + 1e-6]
      .map(within => searched(points, count, within, inner))
      .find(one => one && farthest(fine, one) <= radius + 1e-4)
    if (found) return found
  }
  return plain
}

/** Near enough for a stick, and nothing that reaches is lost. */
const millimetre = (metres: number) => Math.round(metres * 1000) / 1000 + 0
const placed = new Map<string, readonly Channel[]>()

/**
 * Air channels of a tower: as few as reach every part of it within 30 cm from the wall of a pipe or from the cloth, placed to the
 * millimetre, numbered from the far left on. None where the cloth alone does.
 */
export function channelsFor(vessel: Vessel, pipeM = TOWER.pipeM): readonly Channel[] {
  const key = JSON.stringify([vessel.shape, vessel.shape === 'box' ? [vessel.widthM, vessel.depthM] : vessel.diameterM, pipeM])
  const known = placed.get(key)
  if (known) return known
  const made = place(vessel, pipeM)
    .map(([x, y]): Channel => ({ xM: millimetre(x), yM: millimetre(y), diameterM: pipeM }))
    .sort((a, b) => b.yM - a.yM || a.xM - b.xM)
  placed.set(key, made)
  return made
}

/** The farthest that any point of a tower lies from air, m, on a grid of so many metres: from the cloth, or from the wall of a pipe. */
export function farthestFromAir(vessel: Vessel, channels: readonly Channel[], step = 0.01): number {
  const [halfX, halfY] = vessel.shape === 'box' ? [vessel.widthM / 2, vessel.depthM / 2] : [vessel.diameterM / 2, vessel.diameterM / 2]
  let most = 0
  for (let x = -halfX; x <= halfX + 1e-9; x += step) {
    for (let y = -halfY; y <= halfY + 1e-9; y += step) {
      const cloth = vessel.shape === 'box' ? Math.min(halfX - Math.abs(x), halfY - Math.abs(y)) : halfX - Math.hypot(x, y)
      if (cloth < 0) continue
      const pipe = Math.min(Infinity, ...channels.map(({ xM, yM, diameterM }) => Math.hypot(x - xM, y - yM) - diameterM / 2))
      most = Math.max(most, Math.min(cloth, pipe))
    }
  }
  return most
}
