import { shapeAreaM2, shapeBounds, type AreaShape } from '../ground/shape'
import { fillHeightM, footprintM2, frontWidthM, vesselVolumeL, type Vessel } from './vessel'

/** An upright air channel in a pile, from the middle of its ground, metres. */
export interface Channel {
  readonly xM: number
  readonly yM: number
  readonly diameterM: number
}

/** Where a batch is: in a vessel, in one with channels, on an area, or under a frame. */
export type Site
  = | { readonly kind: 'vessel', readonly vessel: Vessel }
    | { readonly kind: 'channelled', readonly vessel: Vessel, readonly channels: readonly Channel[] }
    | { readonly kind: 'area', readonly id: string, readonly name: string, readonly ground: AreaShape }
    | {
      readonly kind: 'frame'
      readonly id: string
      readonly name: string
      readonly widthM: number
      readonly depthM: number
      readonly heightM: number
    }
export type SiteKind = Site['kind']

/** Depth that stuff on an open area or under a frame is drawn and reckoned to at most, metres. */
const OPEN_HEIGHT_M = 0.5

/**
 * The vessel of a site; an area or a frame as the box that it takes up: of an area as wide as it is, and as deep as its ground
 * makes it.
 */
export function asVessel(site: Site): Vessel {
  if (site.kind === 'vessel' || site.kind === 'channelled') return site.vessel
  const base = { id: site.id, name: site.name }
  if (site.kind === 'frame')
    return { ...base, wall: 'boards', shape: 'box', widthM: site.widthM, depthM: site.depthM, heightM: site.heightM }
  const { ground } = site
  if (ground.shape === 'circle') return { ...base, wall: 'none', shape: 'cylinder', diameterM: ground.diameterM, heightM: OPEN_HEIGHT_M }
  const { widthM } = shapeBounds(ground)
  return { ...base, wall: 'none', shape: 'box', widthM, depthM: shapeAreaM2(ground) / widthM, heightM: OPEN_HEIGHT_M }
}

/** The name of a site. */
export function siteName(site: Site): string {
  return asVessel(site).name
}

/** Ground it covers, m². */
export function siteAreaM2(site: Site): number {
  return footprintM2(asVessel(site))
}

/** Litres to the rim. */
export function siteVolumeL(site: Site): number {
  return vesselVolumeL(asVessel(site))
}

/** Height that so many litres reach, metres. */
export function siteFillM(site: Site, volumeL: number): number {
  return fillHeightM(asVessel(site), volumeL)
}

/** Width from the front, metres. */
export function siteFrontM(site: Site): number {
  return frontWidthM(asVessel(site))
}
