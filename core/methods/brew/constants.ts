import { constants, of } from '../../constants/constants'

/** Brews: every number it takes from outside. */
export const BREW = constants('Brews', {
  widens: {
    early: {
      start: of(1.4, 1, 2, 'times', 'a window begins so much earlier than possible ones come; own estimate, by batches of another law'),
      end: of(1.7, 1, 2, 'times', 'and so much where much was found; own estimate, by batches of another law'),
    },
    late: {
      start: of(1.4, 1, 2, 'times', 'and ends so much later; own estimate, by batches of another law'),
      end: of(1.7, 1, 2, 'times', 'and so much where much was found; own estimate, by batches of another law'),
    },
    foundTimes: of(4, 2, 10, 'times', 'a third of what lies between is left after so many; choice'),
    endTimes: of(3, 2, 4, 'times', 'the middle: no end is told wider than that; choice'),
  },
  byTheClockHours: of(12, 6, 24, 'h', 'so near the hour is told, farther off the part of the day; choice'),
  usualBreadth: of(0.55, 0.4, 0.75, 'share', 'how broad the height of a brew is; own estimate'),
  stepDays: of(1 / 24, 0.02, 0.1, 'd', 'steps of an hour; numerics'),
  liquidFollowsDays: of(0.5, 0.25, 1, 'd', 'the liquid follows the air of its place; own estimate'),
  horizonDays: of(120, 90, 160, 'd', 'a plan is looked ahead so far; numerics'),
  spread: {
    slower: of(0.25, 0.15, 0.35, 'log', 'days differ by about a quarter from bucket to bucket; own estimate'),
    q10: of(0.15, 0.08, 0.25, 'log', 'what ten kelvin do; own estimate'),
    warmerK: of(1.5, 1, 3, 'K', 'the warmth of its place; own estimate'),
    foam: of(0.45, 0.3, 0.6, 'log', 'how high it foams; own estimate'),
    breadth: of(0.2, 0.1, 0.3, 'log', 'how broad its height is; own estimate'),
  },
  timesLeast: of(120, 80, 200, 'times', 'are looked at; numerics'),
  own: {
    takesLKg: of(0.9, 0.75, 1, 'L/kg', 'room that soaked stuff takes; own estimate'),
    thick: of(1.6, 1.4, 2, 'times', 'what is usual in a litre: thicker turns foul; practice'),
    thin: of(0.5, 0.4, 0.6, 'times', 'what is usual in a litre: thinner is little more than water; practice'),
    leastFits: of(0.3, 0.2, 0.4, 'share', 'of what lies there has to go in, or it lies there for something else; choice'),
    most: of(0.6, 0.5, 0.7, 'share', 'of what stands may be stuff, or nothing moves; practice'),
  },
  emptyL: of(0.1, 0.05, 0.3, 'L', 'less left counts as none; choice'),
  littleL: of(2.4, 1, 3, 'L', 'less is measured by the handful; practice'),
  leastFoamM: of(0.004, 0.002, 0.008, 'm', 'nobody reads foam finer; own estimate'),
  lookDays: of(3, 2, 5, 'd', 'what was found so long ago still counts; assumption'),
  fallen: of(0.85, 0.75, 0.92, 'share', 'of the highest foam that was read: below it, it has fallen; own estimate'),
  nearHeight: {
    from: of(0.85, 0.75, 0.95, 'share', 'of its way, where foam hardly changes; own estimate'),
    until: of(1.2, 1.1, 1.35, 'share', 'of its way, where foam hardly changes; own estimate'),
  },
  nearlyAtIt: of(0.97, 0.92, 0.99, 'share', 'of its height, when it foams higher than was reckoned; own estimate'),
  pastTimes: of(1.5, 1.2, 2, 'times', 'past its height it is thinned so much more; practice'),
  horizon: {
    times: of(5, 4, 7, 'times', 'its usual days are looked ahead; numerics'),
    least: of(6, 4, 9, 'd', 'and at least so many; numerics'),
    beyondNow: of(2, 1, 4, 'd', 'and so far beyond now; numerics'),
    most: of(160, 120, 200, 'd', 'and no farther; numerics'),
  },
  airlessHours: of(6, 4, 8, 'h', 'aired tea is used within so long of the air going off; practice'),
  roughly: {
    sooner: of(0.75, 0.6, 0.9, 'times', 'before the forecast is there, so much sooner; own estimate'),
    later: of(1.35, 1.2, 1.6, 'times', 'and so much later; own estimate'),
  },
  nearEndDays: of(0.6, 0.3, 1, 'd', 'so near the end of what was looked at, it may as well be later; numerics'),
})
