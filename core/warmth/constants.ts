import { constants, of } from '../constants/constants'

/** Warmth of days: every number it takes from outside. */
export const WARMTH = constants('Warmth of days', {
  airDry: of(0.11, 0.08, 0.14, 'wet basis', 'what lies in outside air dries no further; studies of litter and wood, rounded'),
  driesMmDayC: of(0.1, 0.07, 0.13, 'mm/d·°C', 'dries off open ground, less the drier it is; Romanenko-like, humid temperate; own estimate'),
})
