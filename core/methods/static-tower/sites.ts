import type { Answers } from '../../questions/answers'
import { asVessel, type Site } from '../../vessel/site'
import { footprintM2, perimeterM, type Vessel } from '../../vessel/vessel'
import type { Standing as Ground } from '../../heat/walls'
import { channelsFor } from './channels'
import { RAIN } from './words'
import { TOWER } from './constants'

const vessels: readonly Vessel[] = [
  { id: 'tower-middle', name: 'Cage with cloth', wall: 'wire', shape: 'cylinder', diameterM: 1.2, heightM: 1.4 },
  { id: 'tower-wide', name: 'Wide cage with cloth', wall: 'wire', shape: 'cylinder', diameterM: 1.5, heightM: 1.5 },
  { id: 'tower-slim', name: 'Slim cage with cloth', wall: 'wire', shape: 'cylinder', diameterM: 0.8, heightM: 1.2 },
  { id: 'tower-square', name: 'Square frame with cloth', wall: 'wire', shape: 'box', widthM: 1.2, depthM: 1.2, heightM: 1.3 },
]

/** A site with the channels that its measures ask for. */
export function laidOut(site: Site): Site {
  const vessel = asVessel(site)
  return { kind: 'channelled', vessel, channels: channelsFor(vessel) }
}

/** Cages lined with cloth. */
export const SITES: readonly Site[] = vessels.map(vessel => laidOut({ kind: 'vessel', vessel }))

/** What a tower stands on and how air gets in: by the cloth all round and by the walls of its channels. */
export function groundOf(site: Site): Ground {
  const vessel = asVessel(site)
  const channels = site.kind === 'channelled' ? site.channels : []
  const rimM = perimeterM(vessel)
  return {
    wall: vessel.wall, footprintM2: footprintM2(vessel), perimeterM: rimM,
    airRimM: rimM + channels.reduce((sum, { diameterM }) => sum + Math.PI * diameterM, 0),
    reachM: TOWER.reachM,
    driesTimes: TOWER.clothDries,
  }
}

/** Share of the rain that gets in: a cover keeps most of it off. */
export function openShareOf(answers: Answers): number {
  return answers[RAIN] === 'open' ? 1 : 0.1
}
