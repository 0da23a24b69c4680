import { constants, of } from '../../constants/constants'

/** What every course shares: every number it takes from outside. */
export const COURSE = constants('What every course shares', {
  todayDays: of(0.6, 0.4, 1, 'd', 'within so much of today it is today; definition'),
  nearEndDays: of(1, 0.5, 2, 'd', 'so near the end of what was looked at, it may as well be later; numerics'),
  frostC: of(-0.5, -2, 0, '°C', 'air below this is frost; definition'),
  jump: of(15, 10, 25, 'K', 'one reading that differs more from both its neighbours is left out; own estimate'),
  golden: of(0.6180339887498949, 0.618, 0.6181, 'share', 'the golden section: steps of it never fall together; numerics'),
  freshDays: of(4, 2, 7, 'd', 'what was found stands for today for so long; then it is reckoned on from it; assumption'),
  farthest: of(4, 3, 5, 'spreads', 'beyond so many spreads nothing is met; numerics'),
})
