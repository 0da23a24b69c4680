import { constants, of } from '../constants/constants'

/** Warmth of days: every number it takes from outside. */
export const WARMTH = constants('Warmth of days', {
  driesMmDayC: of(0.1, 0.07, 0.13, 'mm/d·°C', 'dries off open ground, less the drier it is; Romanenko-like, humid temperate; own estimate'),
})
