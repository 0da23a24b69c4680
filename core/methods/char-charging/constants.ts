import { constants, extent, of } from '../../constants/constants'

/** Charging char: every number it takes from outside. */
export const CHARGE = constants('Charging char', {
  chanceDays: of(400, 300, 500, 'd', 'chances are looked at so far; numerics'),
  likely: of(2 / 3, 0.6, 0.75, 'share', 'of cases through by a day, then a way is chosen for it; choice'),
  usualC: of(18, 15, 20, '°C', 'times for a way hold in water of so much; practice'),
  freezesC: of(0, -1, 1, '°C', 'frozen nothing moves in its pores; physics'),
  laidL: of(20, 10, 40, 'L', 'of char, where none lies there; usual'),
  life: {
    little: of(0.3, 0.2, 0.4, 'L/L', 'of compost to char: less lives too thinly in it; practice'),
    much: of(1.2, 1, 1.5, 'L/L', 'of compost to char: more stirs badly; practice'),
  },
  strongUrine: of(1.5, 1.25, 2, 'times', 'the usual part of urine: stronger loses its nitrogen to the air; practice'),
  uncovered: of(0.85, 0.8, 0.95, 'share', 'of the liquid that covers it: with less, nests stay dry; own estimate'),
  inCanTimes: of(2, 1.5, 3, 'times', 'as long until it crumbles in its can, lid ajar; own estimate'),
  livingStays: of(0.5, 0.3, 0.7, 'share', 'of the litres that were living in it: the rest rots or goes into the pores; own estimate'),
  leastL: of(0.05, 0.02, 0.2, 'L', 'less is a handful; choice'),
  worthCarryingDays: of(14, 7, 21, 'd', 'through so much sooner in a room: then it is worth carrying; choice'),
  steps: of(160, 100, 300, 'steps', 'of a course; numerics'),
  sightDays: of(2, 1, 4, 'd', 'a look at what sinks says how far it is for so long; assumption'),
  blur: of(0.09, 0.05, 0.15, 'share', 'signs tell how far it is charged within so much; own estimate'),
  sinking: {
    floats: extent(-0.05, 0.45, 'share', 'charged, while most floats; own estimate'),
    half: extent(0.35, 0.75, 'share', 'charged, where half has sunk; own estimate'),
    sunk: extent(0.68, 1.05, 'share', 'charged, when nearly all has sunk; own estimate'),
  },
  horizon: {
    times: of(2.5, 2, 4, 'times', 'its usual days are looked ahead; numerics'),
    least: of(10, 7, 14, 'd', 'and at least so many; numerics'),
    most: of(420, 365, 500, 'd', 'and no farther; numerics'),
  },
  warmthK: of(1.5, 1, 3, 'K', 'how sure the warmth of a place is; own estimate'),
  q10Spread: of(0.3, 0.2, 0.4, 'log', 'what ten kelvin do; own estimate'),
  gone: of(0.1, 0.05, 0.2, 'share', 'of the chlorine left, it is as good as gone; choice'),
  roughly: {
    sooner: of(0.7, 0.55, 0.85, 'times', 'before the forecast is there, so much sooner; own estimate'),
    later: of(1.4, 1.25, 1.7, 'times', 'and so much later; own estimate'),
  },
  nearEndDays: of(0.6, 0.3, 1, 'd', 'so near the end of what was looked at, it may as well be later; numerics'),
})
