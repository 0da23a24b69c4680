import type { Corner } from '../ground/outline'
import { shapeBounds, shapePieces, type AreaShape } from '../ground/shape'
import { quantityText } from '../units/format'
import type { UnitSystem } from '../units/system'
import type { Family } from '../materials/material'

/** How the ground of something is bounded, metres. */
export type GroundShape
  = | { readonly shape: 'box', readonly widthM: number, readonly depthM: number }
    | { readonly shape: 'circle', readonly diameterM: number }
  /** Strips, or what corners bound: each from the middle of all of it. */
    | { readonly shape: 'pieces', readonly widthM: number, readonly depthM: number, readonly pieces: readonly (readonly Corner[])[] }

/** One thing seen from above. Measures in metres from the middle of the ground, `xM` to the right, `yM` away from whoever looks. */
export type GroundPart
  /** An upright air channel with its number, and the ring that it reaches. */
  = | {
    readonly kind: 'channel'
    readonly number: number
    readonly xM: number
    readonly yM: number
    readonly diameterM: number
    readonly reachM: number
    readonly pulled: boolean
  }
  /** A pocket or a field of the ground: what it is filled with and how full, whether it is its turn. */
  | {
    readonly kind: 'field'
    readonly label: string
    readonly xM: number
    readonly yM: number
    readonly widthM: number
    readonly depthM: number
    readonly family: Family
    readonly share: number
    readonly next: boolean
    readonly said: string
  }
  /** A flat piece laid on the ground, the later on the earlier: one of one's own, or one that is still missing. */
  | { readonly kind: 'sheet', readonly corners: readonly Corner[], readonly missing: boolean }
  /** What all or part of the ground is covered with. */
  | {
    readonly kind: 'cover'
    readonly family: Family
    readonly xM: number
    readonly yM: number
    readonly widthM: number
    readonly depthM: number
    readonly said: string
  }
  /** Something that grows there, kept clear of what is spread. */
  | { readonly kind: 'stem', readonly xM: number, readonly yM: number, readonly clearM: number }
  /** A distance between two points, written beside its line. */
  | { readonly kind: 'distance', readonly fromM: readonly [x: number, y: number], readonly toM: readonly [x: number, y: number] }

/** Something seen from above, to scale. */
export interface GroundPlan {
  readonly of: string
  readonly ground: GroundShape
  readonly parts: readonly GroundPart[]
}

const lengthOf = ({ fromM, toM }: Extract<GroundPart, { kind: 'distance' }>) => Math.hypot(toM[0] - fromM[0], toM[1] - fromM[1])

/** The length of a distance, as it is written beside it. */
export function distanceText(part: Extract<GroundPart, { kind: 'distance' }>, units: UnitSystem): string {
  return quantityText('length', units, lengthOf(part))
}

/** How wide and deep a ground is, metres. */
export function groundSize(ground: GroundShape): { readonly widthM: number, readonly depthM: number } {
  return ground.shape === 'circle' ? { widthM: ground.diameterM, depthM: ground.diameterM } : ground
}

/** A piece of ground as it is drawn from above. */
export function groundOf(area: AreaShape): GroundShape {
  if (area.shape === 'circle') return area
  const { widthM, depthM } = shapeBounds(area)
  if (area.shape === 'rectangle') return { shape: 'box', widthM, depthM }
  return {
    shape: 'pieces', widthM, depthM,
    pieces: shapePieces(area).map(corners => corners.map(([x, y]): Corner => [x - widthM / 2, y - depthM / 2])),
  }
}

/** Where something is, seen by whoever stands before it: "23 cm to the left, 23 cm back". Metres from the middle. */
export function placeText(xM: number, yM: number, units: UnitSystem): string {
  const side = (metres: number, low: string, high: string) =>
    Math.abs(metres) < 0.02 ? '' : `${quantityText('length', units, Math.abs(metres))} ${metres < 0 ? low : high}`
  const where = [side(xM, 'to the left', 'to the right'), side(yM, 'forward', 'back')].filter(Boolean).join(', ')
  return where || 'in the middle'
}

function partWords(part: GroundPart, units: UnitSystem): string {
  switch (part.kind) {
    case 'channel':
      return `channel ${part.number} ${placeText(part.xM, part.yM, units)}${part.pulled ? '' : ', pipe still in'}`
    case 'field':
    case 'cover':
      return part.said
    case 'sheet':
    case 'stem':
    case 'distance':
      return ''
  }
}

/** A plan said to whoever cannot see it. */
export function groundWords({ of, ground, parts }: GroundPlan, units: UnitSystem): string {
  const { widthM, depthM } = groundSize(ground)
  const size
    = ground.shape === 'circle'
      ? `${quantityText('length', units, widthM)} across`
      : `${quantityText('length', units, widthM)} by ${quantityText('length', units, depthM)}`
  const own = parts.filter(part => part.kind === 'sheet' && !part.missing).length
  const missing = parts.filter(part => part.kind === 'sheet' && part.missing).length
  const sheets = own + missing > 0 ? [`${own} pieces laid${missing > 0 ? `, ${missing} still missing` : ''}`] : []
  return [`${of} from above, ${size}`, ...sheets, ...parts.map(part => partWords(part, units)).filter(Boolean)].join('; ')
}
