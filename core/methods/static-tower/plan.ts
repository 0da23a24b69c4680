import type { GroundPart, GroundPlan, GroundShape } from '../../picture/ground'
import { asVessel, type Channel, type Site } from '../../vessel/site'
import type { Vessel } from '../../vessel/vessel'
import { TOWER } from './constants'

const groundShape = (vessel: Vessel): GroundShape =>
  vessel.shape === 'box' ? { shape: 'box', widthM: vessel.widthM, depthM: vessel.depthM } : { shape: 'circle', diameterM: vessel.diameterM }

/** The cloth nearest to a channel, from its middle outwards. */
function toCloth(vessel: Vessel, { xM, yM }: Channel): readonly [x: number, y: number] {
  if (vessel.shape === 'cylinder') {
    const from = Math.hypot(xM, yM)
    const radius = vessel.diameterM / 2
    return from < 0.01 ? [radius, 0] : [xM / from * radius, yM / from * radius]
  }
  const [x, y] = [vessel.widthM / 2, vessel.depthM / 2]
  return x - Math.abs(xM) < y - Math.abs(yM) ? [Math.sign(xM || 1) * x, yM] : [xM, Math.sign(yM || 1) * y]
}

/** Distances that a builder measures: the first channel to the cloth, and from each to the nearest that has a lower number. */
function distances(vessel: Vessel, channels: readonly Channel[]): GroundPart[] {
  return channels.flatMap((channel, at): GroundPart[] => {
    if (at === 0) return [{ kind: 'distance', fromM: [channel.xM, channel.yM], toM: toCloth(vessel, channel) }]
    const nearest = channels
      .slice(0, at)
      .reduce((best, one) =>
        Math.hypot(one.xM - channel.xM, one.yM - channel.yM) < Math.hypot(best.xM - channel.xM, best.yM - channel.yM) ? one : best,
      )
    return [{ kind: 'distance', fromM: [channel.xM, channel.yM], toM: [nearest.xM, nearest.yM] }]
  })
}

/** A tower from above: numbered channels with what they reach, and the distances to set them by. */
export function channelPlan(of: string, site: Site, pulled: boolean): GroundPlan {
  const vessel = asVessel(site)
  const channels = site.kind === 'channelled' ? site.channels : []
  return {
    of, ground: groundShape(vessel),
    parts: [
      ...channels.map(({ xM, yM, diameterM }, index): GroundPart => ({
        kind: 'channel', number: index + 1, xM, yM, diameterM, reachM: TOWER.reachM + diameterM / 2, pulled,
      })),
      ...distances(vessel, channels),
    ],
  }
}
