import type { Site } from '../../vessel/site'

const FRAMES: readonly Site[] = [
  { kind: 'frame', id: 'hotbed-square', name: 'Square bed', widthM: 1.6, depthM: 1.6, heightM: 0.9 },
  { kind: 'frame', id: 'hotbed-long', name: 'Long bed', widthM: 2.4, depthM: 1.5, heightM: 0.75 },
  { kind: 'frame', id: 'hotbed-low', name: 'Low bed', widthM: 1.6, depthM: 1.6, heightM: 0.5 },
]
const TUBS: readonly Site[] = [
  { kind: 'vessel', vessel: { id: 'hotbed-tub', name: 'Buried tub', wall: 'insulated', shape: 'cylinder', diameterM: 0.6, heightM: 0.55 } },
]

/** Every place a hotbed is built. */
export const SITES: readonly Site[] = [...FRAMES, ...TUBS]

/** The usual ones of a way. */
export function sitesOf(approachId: string): readonly Site[] {
  return approachId === 'tub' ? TUBS : FRAMES
}
