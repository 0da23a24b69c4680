import type { Answers } from '../../questions/answers'
import { asVessel, type Site } from '../../vessel/site'
import { footprintM2, perimeterM, type Vessel, type Wall } from '../../vessel/vessel'
import type { SlowCase } from './course'
import { RAIN } from './words'
import { LIDDED } from '../../vessel/presets'
import { table } from '../../constants/constants'

const vessels: readonly Vessel[] = [
  { id: 'kitchen-bay', name: 'Boarded bay', wall: 'boards', shape: 'box', widthM: 0.9, depthM: 0.9, heightM: 0.9 },
  { id: 'wide-bay', name: 'Wide bay', wall: 'boards', shape: 'box', widthM: 1.2, depthM: 1, heightM: 1 },
  { id: 'lidded-cone', name: 'Lidded bin', wall: 'plastic', shape: 'cylinder', ...LIDDED },
  { id: 'mesh-ring', name: 'Mesh ring', wall: 'wire', shape: 'cylinder', diameterM: 0.9, heightM: 0.9 },
  { id: 'open-pile', name: 'Open pile', wall: 'none', shape: 'box', widthM: 1.1, depthM: 1.1, heightM: 0.8 },
]

/** Where a heap is fed as things come. */
export const SITES: readonly Site[] = vessels.map(vessel => ({ kind: 'vessel', vessel }))

/** By the wall: how much rain gets in under a sheet or lid, and drying against open ground. */
export const EXPOSURES: Readonly<Record<Wall, { readonly rainShare: number, readonly drying: number }>> = table(
  'Walls around a slow heap',
  {
    rainShare: ['share', 'of the rain gets in under a sheet or lid; own estimate'],
    drying: ['times', 'open ground; own estimate'],
  }, {
    'boards': { rainShare: 0.08, drying: 0.22 },
    'straw-bales': { rainShare: 0.08, drying: 0.22 },
    'wire': { rainShare: 0.12, drying: 0.4 },
    'none': { rainShare: 0.2, drying: 0.5 },
    'plastic': { rainShare: 0.02, drying: 0.05 },
    'insulated': { rainShare: 0.02, drying: 0.05 },
  })

/** How a heap stands: ground, rim, and what of rain and wind reaches it. Without a cover all rain falls in, and it dries the more. */
export function standOf(site: Site, answers: Answers): Pick<SlowCase, 'ground' | 'rimM' | 'rainShare' | 'drying'> {
  const vessel = asVessel(site)
  const { rainShare, drying } = EXPOSURES[vessel.wall]
  const open = answers[RAIN] === 'open' && vessel.wall !== 'plastic' && vessel.wall !== 'insulated'
  return {
    ground: { wall: vessel.wall, footprintM2: footprintM2(vessel), perimeterM: perimeterM(vessel) }, rimM: vessel.heightM,
    rainShare: open ? 1 : rainShare, drying: open ? drying * 2 : drying,
  }
}
