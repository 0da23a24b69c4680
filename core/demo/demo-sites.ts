import type { Site } from '../vessel/site'

/** The bays behind the kitchen of the demo garden. */
export const BAYS_SITE: Site = {
  kind: 'vessel',
  vessel: { id: 'kitchen-bay', name: 'Boarded bay', wall: 'boards', shape: 'box', widthM: 0.9, depthM: 0.9, heightM: 0.9 },
}
