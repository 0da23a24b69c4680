import { constants, of } from '../constants/constants'

/** Mulch: every number it takes from outside. */
export const MULCH = constants('Mulch', {
  microbes: {
    keep: of(0.35, 0.25, 0.5, 'share', 'of the carbon eaten becomes microbes; usual values of soil biology'),
    carbonToNitrogen: of(9, 7, 11, 'C : N', 'of microbes; usual values of soil biology'),
  },
  firstYear: {
    wood: of(0.3, 0.2, 0.45, 'share', 'of all that can go, dug in: wood by its skin; own estimate'),
    other: of(0.8, 0.65, 0.95, 'share', 'everything else quickly; own estimate'),
  },
  contact: {
    depthM: of(0.005, 0.003, 0.01, 'm', 'only this much lies against the soil; own estimate'),
    share: of(0.5, 0.3, 0.7, 'share', 'of its want of nitrogen is met by the soil; own estimate'),
  },
  sure: {
    low: of(0.6, 0.4, 0.8, 'times', 'the want may be so much less; own estimate'),
    high: of(1.5, 1.3, 2, 'times', 'or more; own estimate'),
  },
  pace: {
    fromC: of(0, -1, 3, '°C', 'nothing goes in frost; practice'),
    atC: of(15, 13, 17, '°C', 'times for the pace hold at so much warmth; definition'),
    q10: of(2, 1.6, 2.6, 'times', 'as fast with ten kelvin more; litter studies'),
  },
  times: {
    weeds: of(1, 0.9, 1.1, 'times', 'against weeds the full depth; practice'),
    moist: of(0.8, 0.65, 0.95, 'times', 'to keep moist less will do; practice'),
    frost: of(1.25, 1.1, 1.5, 'times', 'against frost more; practice'),
    feed: of(0.75, 0.6, 0.9, 'times', 'to feed least; practice'),
  },
  clearM: {
    trees: of(0.1, 0.08, 0.2, 'm', 'kept clear around a trunk: a hand\'s breadth; practice'),
    perennials: of(0.08, 0.05, 0.12, 'm', 'kept clear around crowns; practice'),
    vegetables: of(0.05, 0.03, 0.08, 'm', 'kept clear around rows; practice'),
    seedlings: of(0.05, 0.03, 0.08, 'm', 'kept clear around rows; practice'),
    path: of(0, 0, 0, 'm', 'nothing grows there; definition'),
  },
})
