import type { Answers } from '../../questions/answers'
import { asVessel, type Site } from '../../vessel/site'
import { narrowestM, type Vessel, type Wall } from '../../vessel/vessel'
import { footprintM2 } from '../../vessel/vessel'
import type { Exposure } from './course'
import { RAIN } from './words'
import { LEAF } from './constants'
import { LIDDED } from '../../vessel/presets'
import { table } from '../../constants/constants'

const BAG = 'leaf-bag'
const vessels: readonly Vessel[] = [
  { id: 'leaf-cage', name: 'Wire cage', wall: 'wire', shape: 'cylinder', diameterM: 1, heightM: 1 },
  { id: 'leaf-cage-wide', name: 'Wide wire cage', wall: 'wire', shape: 'box', widthM: 1.5, depthM: 1.2, heightM: 1 },
  { id: 'leaf-corner', name: 'Corner of boards', wall: 'boards', shape: 'box', widthM: 1.2, depthM: 1, heightM: 0.9 },
  { id: 'leaf-bin', name: 'Lidded bin with holes', wall: 'plastic', shape: 'cylinder', ...LIDDED },
  { id: BAG, name: 'Bag with holes', wall: 'plastic', shape: 'cylinder', diameterM: 0.45, heightM: 0.7 },
  { id: 'leaf-heap', name: 'Open pile', wall: 'none', shape: 'box', widthM: 1.4, depthM: 1.2, heightM: 0.9 },
]

/** Where leaves are left to rot. */
export const SITES: readonly Site[] = vessels.map(vessel => ({ kind: 'vessel', vessel }))
/** Leaves in bags lie in bags, all others where they can be heaped. */
export function sitesOf(approachId: string): readonly Site[] {
  return SITES.filter(site => (asVessel(site).id === BAG) === (approachId === 'bagged'))
}

/** By the wall: how much rain gets in, how much it dries against an open top, and how thick the dry shell is. */
export const EXPOSURES: Readonly<Record<Wall, Pick<Exposure, 'rainShare' | 'drying' | 'shellM'>>> = table('Walls around leaves', {
  rainShare: ['share', 'of the rain gets in; own estimate'],
  drying: ['times', 'an open top; own estimate'],
  shellM: ['m', 'stays dry and raw; practice'],
}, {
  'wire': { rainShare: 1, drying: 1, shellM: LEAF.handM },
  'none': { rainShare: 1, drying: 1.1, shellM: LEAF.handM },
  'boards': { rainShare: 1, drying: 0.7, shellM: LEAF.handM / 2 },
  'straw-bales': { rainShare: 1, drying: 0.6, shellM: LEAF.handM / 2 },
  'plastic': { rainShare: 0.05, drying: 0.1, shellM: 0 },
  'insulated': { rainShare: 0.05, drying: 0.1, shellM: 0 },
})

/** How open a site stands, for so many of it side by side. */
export function exposureOf(site: Site, count: number, answers: Answers): Exposure {
  const vessel = asVessel(site)
  const open = EXPOSURES[vessel.wall]
  return {
    ...open,
    rainShare: answers[RAIN] === 'roof' ? Math.min(LEAF.roofed, open.rainShare) : open.rainShare,
    areaM2: footprintM2(vessel) * count,
    acrossM: narrowestM(vessel),
  }
}
