import type { Wall } from '../vessel/vessel'
import type { Constants } from './constants'

/** Heat that passes a square metre of wall, W/m²K: bare wire 8, boards 4 to 5, straw bales under 1, an insulated bin 1 to 2. */
const WALL_W_M2K: Readonly<Record<Wall, number>> = {
  'none': 8, 'wire': 8, 'boards': 4, 'plastic': 4, 'insulated': 1.5, 'straw-bales': 0.75,
}
/** How bare it lies to the wind: all of it behind wire, gaps between boards, hardly any in a closed bin. */
const BARE: Readonly<Record<Wall, number>> = {
  'none': 1, 'wire': 0.9, 'boards': 0.35, 'plastic': 0.05, 'insulated': 0.1, 'straw-bales': 0.2,
}
/** A sheet or lid keeps so much of the wind off the top. */
const TOP_BARE = 0.3

/** The outside of a heap as heat sees it. */
export interface Surface {
  readonly areaM2: number
  /** Mean of what its sides, top and ground let pass, W/m²K. */
  readonly meanW_M2K: number
  /** Square metres that dry in the wind. */
  readonly bareM2: number
}

/** Which of the sides of a box lose heat, by the wall they have. */
export interface Standing {
  readonly wall: Wall
  readonly footprintM2: number
  readonly perimeterM: number
  /** Whether its top lies open to wind and rain. */
  readonly openTop?: boolean
  /** Rim by which air comes in, m, where channels add to the sides; and the farthest that anything lies from air. */
  readonly airRimM?: number
  readonly reachM?: number
  /**
   * How much more than behind a dry crust its bare sides dry in the wind, 1 where nothing is said: cloth that is kept wet
   * several times as much.
   */
  readonly driesTimes?: number
}

/** The surface of a heap of this volume. Writes into `into`: nothing is allocated. */
export function surfaceOf(
  { wall, footprintM2, perimeterM, openTop, driesTimes = 1 }: Standing, volumeM3: number,
  { topW, groundW }: Pick<Constants, 'topW' | 'groundW'>, into: { areaM2: number, meanW_M2K: number, bareM2: number },
): void {
  const sidesM2 = perimeterM * volumeM3 / footprintM2
  into.areaM2 = sidesM2 + 2 * footprintM2
  into.meanW_M2K = (sidesM2 * WALL_W_M2K[wall] + footprintM2 * (topW + groundW)) / into.areaM2
  into.bareM2 = sidesM2 * BARE[wall] * driesTimes + footprintM2 * (openTop ? 1 : wall === 'plastic' ? BARE.plastic : TOP_BARE)
}
