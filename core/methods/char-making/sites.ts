import type { Site } from '../../vessel/site'
import type { Wall } from '../../vessel/vessel'

const round = (id: string, name: string, wall: Wall, diameterM: number, heightM: number): Site => ({
  kind: 'vessel', vessel: { id, name, wall, shape: 'cylinder', diameterM, heightM },
})

const BARRELS = [
  round('char-barrel', 'Steel barrel', 'plastic', 0.57, 0.85), round('char-small-barrel', 'Small drum', 'plastic', 0.36, 0.5),
]
const CONES = [round('char-cone', 'Steel cone', 'none', 0.9, 0.5), round('char-pit', 'Pit', 'none', 1, 0.5)]
const POTS = [round('char-tin', 'Lidded tin', 'plastic', 0.2, 0.2), round('char-pot', 'Lidded pot', 'plastic', 0.26, 0.25)]
const MOUNDS = [round('char-mound', 'Mound', 'none', 1.2, 0.6)]
const PAILS = [round('char-pail', 'Metal pail with a lid', 'plastic', 0.28, 0.3)]
const SACKS = [round('char-sack', 'Sack or tub', 'plastic', 0.4, 0.6)]

const BY_WAY: Readonly<Record<string, readonly Site[]>> = {
  'top-lit': BARRELS, 'cone': CONES, 'lidded-pot': POTS, 'smother': MOUNDS, 'embers': PAILS, 'lump': SACKS, 'horticultural': SACKS,
}

/** Every place char is made or kept in. */
export const SITES: readonly Site[] = [...BARRELS, ...CONES, ...POTS, ...MOUNDS, ...PAILS, ...SACKS]

/** The usual ones of a way. */
export function sitesOf(approachId: string): readonly Site[] {
  return BY_WAY[approachId] ?? BARRELS
}
