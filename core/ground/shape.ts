import { areaOf, crossesItself, rimOf, type Corner } from './outline'

/** Ground that something is spread over, in metres: strips lie side by side, corners of an outline follow one another around it. */
export type AreaShape
  = | { readonly shape: 'rectangle', readonly widthM: number, readonly lengthM: number }
    | { readonly shape: 'circle', readonly diameterM: number }
    | { readonly shape: 'strip', readonly widthM: number, readonly lengthM: number, readonly count: number }
    | { readonly shape: 'outline', readonly corners: readonly Corner[] }

/** What of an outline can be kept: as few and as many corners, and how far they lie apart, metres. */
export const OUTLINE_LIMITS = { fewest: 3, most: 24, leastM2: 0.05 } as const

/** Whether corners bound a piece of ground: enough of them, around something, no side crossing another. */
export function isGround(corners: readonly Corner[]): boolean {
  return (
    corners.length >= OUTLINE_LIMITS.fewest
    && corners.length <= OUTLINE_LIMITS.most
    && areaOf(corners) >= OUTLINE_LIMITS.leastM2
    && !crossesItself(corners)
  )
}

/** Ground of a shape, m². */
export function shapeAreaM2(ground: AreaShape): number {
  switch (ground.shape) {
    case 'rectangle': return ground.widthM * ground.lengthM
    case 'circle': return Math.PI * (ground.diameterM / 2) ** 2
    case 'strip': return ground.widthM * ground.lengthM * ground.count
    case 'outline': return areaOf(ground.corners)
  }
}

/** Length of its edge, m: of all its strips together. */
export function shapeRimM(ground: AreaShape): number {
  switch (ground.shape) {
    case 'rectangle': return 2 * (ground.widthM + ground.lengthM)
    case 'circle': return Math.PI * ground.diameterM
    case 'strip': return 2 * (ground.widthM + ground.lengthM) * ground.count
    case 'outline': return rimOf(ground.corners)
  }
}

/** Strips are drawn with so much between them, metres. */
export const BETWEEN_STRIPS_M = 0.4

/** How wide it is from the front and how far it reaches back, metres. */
export function shapeBounds(ground: AreaShape): { readonly widthM: number, readonly depthM: number } {
  switch (ground.shape) {
    case 'rectangle': return { widthM: ground.widthM, depthM: ground.lengthM }
    case 'circle': return { widthM: ground.diameterM, depthM: ground.diameterM }
    case 'strip': return { widthM: ground.lengthM, depthM: ground.widthM * ground.count + BETWEEN_STRIPS_M * (ground.count - 1) }
    case 'outline': {
      const [xs, ys] = [ground.corners.map(([x]) => x), ground.corners.map(([, y]) => y)]
      return { widthM: Math.max(...xs) - Math.min(...xs), depthM: Math.max(...ys) - Math.min(...ys) }
    }
  }
}

/** A circle is taken as a polygon of so many sides, drawn around it: nothing of the ground is left out. */
const ROUND_SIDES = 48

const box = (x: number, y: number, width: number, depth: number): Corner[] => [
  [x, y], [x + width, y], [x + width, y + depth], [x, y + depth],
]

/** The pieces of ground it is made of, as corners, metres from the front left of all of it. */
export function shapePieces(ground: AreaShape): readonly (readonly Corner[])[] {
  switch (ground.shape) {
    case 'rectangle': return [box(0, 0, ground.widthM, ground.lengthM)]
    case 'circle': {
      const radius = ground.diameterM / 2
      const around = radius / Math.cos(Math.PI / ROUND_SIDES)
      return [Array.from({ length: ROUND_SIDES }, (_, side): Corner => {
        const angle = 2 * Math.PI * (side + 0.5) / ROUND_SIDES
        return [radius + around * Math.cos(angle), radius + around * Math.sin(angle)]
      })]
    }
    case 'strip':
      return Array.from({ length: ground.count }, (_, at) => box(0, at * (ground.widthM + BETWEEN_STRIPS_M), ground.lengthM, ground.widthM))
    case 'outline': {
      const [left, front] = [Math.min(...ground.corners.map(([x]) => x)), Math.min(...ground.corners.map(([, y]) => y))]
      return [ground.corners.map(([x, y]): Corner => [x - left, y - front])]
    }
  }
}
