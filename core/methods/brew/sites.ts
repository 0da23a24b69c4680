import type { Site } from '../../vessel/site'

const vessel = (id: string, name: string, diameterM: number, heightM: number): Site => ({
  kind: 'vessel', vessel: { id, name, wall: 'plastic', shape: 'cylinder', diameterM, heightM },
})

/** What a brew is made in. */
export const SITES: readonly Site[] = [
  vessel('brew-bucket', 'Bucket', 0.26, 0.26),
  vessel('brew-big-bucket', 'Big bucket', 0.3, 0.32),
  vessel('brew-tub', 'Tub', 0.45, 0.4),
  vessel('brew-barrel', 'Barrel', 0.5, 0.65),
  vessel('brew-butt', 'Rain butt', 0.58, 0.8),
]
