import type { Family } from '../materials/material'
import type { Channel } from '../vessel/site'
import type { Vessel } from '../vessel/vessel'

/** A layer of a fill, from the bottom up; all shares add up to 1. */
export interface PictureBand {
  readonly family: Family
  readonly short: string
  readonly heightShare: number
}

/**
 * One thing in a picture. Measures in metres, `xM` from the left inner side, `yM` from the ground upwards.
 * A picture is drawn in the order of its list, at any size, and said in words by `pictureWords`.
 */
export type Primitive
  = | { readonly kind: 'walls', readonly vessel: Vessel }
    | {
      readonly kind: 'fill'
      readonly heightM: number
      readonly bands: readonly PictureBand[]
      /** A piece out of something wider: its sides are cut, not heaped. */ readonly cut?: boolean
    }
    /** The layers fade into what they become. */
    | { readonly kind: 'fading', readonly share: number, readonly family: Family }
    /** Warmth in the middle, K above the air at most; by depth from the core outwards where it is known. */
    | { readonly kind: 'glow', readonly aboveAirK: number, readonly depthsK?: readonly number[] }
    /** A shell along the sides and the top that is unlike the middle. */
    | { readonly kind: 'shell', readonly thickM: number, readonly said: string }
    | { readonly kind: 'level', readonly yM: number, readonly said: string }
    | { readonly kind: 'liquid', readonly levelM: number, readonly said: string, readonly dark: number }
    | { readonly kind: 'foam', readonly fromM: number, readonly heightM: number }
    | {
      readonly kind: 'pocket'
      readonly xM: number
      readonly yM: number
      readonly widthM: number
      readonly heightM: number
      readonly family: Family
      readonly said: string
      readonly hung?: boolean
    }
    /** A glazed frame that stands on something: lower in front, its lid sloping. */
    | {
      readonly kind: 'frame'
      readonly xM: number
      readonly yM: number
      readonly widthM: number
      readonly frontM: number
      readonly backM: number
      readonly said: string
    }
    | { readonly kind: 'channel', readonly channel: Channel, readonly heightM: number }
    | { readonly kind: 'mark', readonly xM: number, readonly yM: number, readonly temperatureC?: number, readonly text?: string }
    | { readonly kind: 'soil' }

/** Something cut open, to scale. */
export interface Picture {
  readonly widthM: number
  readonly heightM: number
  /** What it is a picture of: "heap in a square bay". */
  readonly of: string
  readonly parts: readonly Primitive[]
}
