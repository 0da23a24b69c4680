import { constants, of } from '../constants/constants'

/** Lots: every number it takes from outside. */
export const LOTS = constants('Lots', {
  jugloneDays: of(365, 180, 365, 'd', 'juglone is gone after so long by itself; practice: half a year to a year'),
  yardstickC: of(55, 55, 60, '°C', 'the usual yardstick: this hot; usual rules of composting'),
  yardstickDays: of(3, 3, 5, 'd', 'for so long; usual rules of composting'),
  usuallyLeft: of(0.5, 0.35, 0.65, 'share', 'of what went in loosely comes out of a batch still at work; own estimate'),
  broughtShare: of(0.02, 0.005, 0.05, 'share', 'of an amount that no lot gave: less is a rounding; choice'),
  ashyShare: of(0.03, 0.01, 0.05, 'share', 'of ash by volume: from here on it is as sharp as lime; own estimate'),
  gapDays: of(1.6, 1, 3, 'd', 'readings further apart leave open what happened between; own estimate'),
})
