import { constants, of } from '../../constants/constants'

/** Mulched beds: every number it takes from outside. */
export const MULCHED = constants('Mulched beds', {
  noticedGM2: of(0.8, 0.4, 1.5, 'g/m²', 'less nobody notices: a good soil gives as much in a week; soil studies, rounded'),
  noticedDays: of(40, 21, 60, 'd', 'what was found so long ago still counts as noticed; assumption'),
  lastsDays: of(1100, 800, 1500, 'd', 'beyond three years nobody asks; choice'),
  spread: {
    days: of(0.35, 0.2, 0.5, 'log', 'days of settling; own estimate'),
    even: of(0.12, 0.06, 0.2, 'log', 'how evenly it was spread; own estimate'),
    weatherK: of(1, 0.5, 1.5, 'K', 'the weather to come beside the usual; own estimate'),
  },
  steps: of(170, 100, 300, 'steps', 'of a course; numerics'),
  horizon: {
    quick: of(120, 90, 160, 'd', 'looked ahead so far for what goes quickly; numerics'),
    slow: of(800, 600, 1000, 'd', 'and for the rest; numerics'),
    beyondNow: of(1.6, 1.3, 2, 'times', 'what has passed; numerics'),
    most: of(3000, 2000, 4000, 'd', 'and no farther; numerics'),
  },
  dryMoisture: of(0.45, 0.35, 0.55, 'wet basis', 'what is drier counts as the dry half; choice'),
  leastHalf: of(0.2, 0.1, 0.3, 'share', 'with less of one half it is all of the other; own estimate'),
  roundDays: of(12, 7, 21, 'd', 'loads within so long belong to one round of spreading; choice'),
  nearly: of(0.88, 0.8, 0.95, 'share', 'of the depth wanted is taken as done; choice'),
  days: {
    wetWithin: of(3, 2, 5, 'd', 'dry stuff is wetted within so long; practice'),
    firstDepth: of(21, 14, 28, 'd', 'its depth is asked for first; choice'),
    depthEvery: of(60, 45, 90, 'd', 'and then so often; choice'),
    lookFirst: of(14, 10, 21, 'd', 'looked at first; choice'),
    lookEvery: of(30, 21, 45, 'd', 'and then so often; choice'),
    lookQuick: of(8, 5, 12, 'd', 'and what goes quickly so often; choice'),
  },
  roughly: {
    sooner: of(0.65, 0.5, 0.85, 'times', 'before the forecast is there, so much sooner, from the last load; own estimate'),
    later: of(1.5, 1.3, 1.8, 'times', 'and so much later; own estimate'),
  },
  rule: {
    trust: of(0.85, 0.7, 0.95, 'share', 'a depth read off a rule is right so often; own estimate'),
    leastM: of(0.006, 0.003, 0.01, 'm', 'it is blurred at least so much; own estimate'),
    share: of(0.14, 0.08, 0.25, 'share', 'and so much of itself from spot to spot; own estimate'),
  },
})
