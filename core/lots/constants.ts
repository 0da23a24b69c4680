import { constants, of } from '../constants/constants'

/** Lots: every number it takes from outside. */
export const LOTS = constants('Lots', {
  jugloneDays: of(365, 180, 365, 'd', 'juglone is gone after so long by itself; practice: half a year to a year'),
  yardstickC: of(55, 55, 60, '°C', 'the usual yardstick: this hot; usual rules of composting'),
  yardstickDays: of(3, 3, 5, 'd', 'for so long; usual rules of composting'),
  gapDays: of(1.6, 1, 3, 'd', 'readings further apart leave open what happened between; own estimate'),
})
