import type { Wall } from '../vessel/vessel'

/** Heat that passes a square metre of wall, W/m²K: bare wire 8, boards 4 to 5, straw bales under 1, an insulated bin 1 to 2. */
const WALL_W_M2K: Readonly<Record<Wall, number>> = { 'none': 8, 'wire': 8, 'boards': 4, 'plastic': 4, 'insulated': 1.5, 'straw-bales': 0.75 }
/** Through the covered top, and into the ground below. */
const TOP_W_M2K = 2.5
const GROUND_W_M2K = 1

/** The outside of a heap as heat sees it. */
export interface Surface {
  readonly areaM2: number
  /** Mean of what its sides, top and ground let pass, W/m²K. */
  readonly meanW_M2K: number
}

/** Which of the sides of a box lose heat, by the wall they have. */
export interface Standing {
  readonly wall: Wall
  readonly footprintM2: number
  readonly perimeterM: number
}

/** The surface of a heap of this volume. Writes into `into`: nothing is allocated. */
export function surfaceOf({ wall, footprintM2, perimeterM }: Standing, volumeM3: number, into: { areaM2: number, meanW_M2K: number }): void {
  const sidesM2 = perimeterM * volumeM3 / footprintM2
  into.areaM2 = sidesM2 + 2 * footprintM2
  into.meanW_M2K = (sidesM2 * WALL_W_M2K[wall] + footprintM2 * (TOP_W_M2K + GROUND_W_M2K)) / into.areaM2
}
