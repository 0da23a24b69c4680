import { constants, of, ranged } from '../../constants/constants'
import { range } from '../../units/range'

/** Stack of turves: every number it takes from outside. */
export const TURF = constants('Stack of turves', {
  by: {
    fromC: of(4, 2, 6, '°C', 'below this the roots stand still; practice of turf under card'),
    atC: of(12, 10, 14, '°C', 'here a day counts a day; definition'),
    q10: of(2, 1.6, 2.6, 'times', 'ten kelvin more; soil respiration'),
    most: of(2.2, 1.6, 3, 'times', 'heat makes it no faster than that; assumption'),
  },
  wanted: {
    low: of(130, 100, 150, 'd', 'counted days until its roots crumble, one in ten is quicker; own estimate'),
    typical: of(195, 160, 230, 'd', 'six to twelve months from spring on; practice'),
    high: of(290, 240, 340, 'd', 'and one in ten slower; own estimate'),
  },
  longer: {
    open: of(1.4, 1.2, 1.6, 'times', 'it takes longer where light gets at it; own estimate'),
    creeping: of(1.9, 1.6, 2.2, 'times', 'and with roots that creep: a second year; practice'),
  },
  moisture: {
    dryShare: of(0.4, 0.2, 0.6, 'share', 'of a day counts while it is dry; own estimate'),
    rainMm: of(1.2, 0.8, 2, 'mm/d', 'keeps an open one moist; own estimate'),
    keepsDays: of(90, 60, 120, 'd', 'a can keeps it moist; own estimate'),
  },
  look: {
    blur: of(0.08, 0.05, 0.12, 'share', 'how blurred a look is; own estimate'),
    trust: of(0.9, 0.8, 0.97, 'share', 'how often it is right; own estimate'),
  },
  horizonDays: of(900, 700, 1200, 'd', 'it is looked ahead so far; numerics'),
  lookEveryDays: of(60, 40, 90, 'd', 'from one look to the next; choice'),
  waterAfterDays: of(85, 60, 120, 'd', 'dry for so long, a can; own estimate'),
  yieldShare: ranged(range(0.6, 0.675, 0.75), 'L/L', 'loam for a litre of turf, sieved: six to seven and a half tenths; practice'),
  heightM: {
    leans: of(1.3, 1.1, 1.5, 'm', 'higher a stack leans; practice'),
    falls: of(1.8, 1.5, 2, 'm', 'and higher it falls over; practice'),
  },
})
