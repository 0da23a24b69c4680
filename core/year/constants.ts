import { constants, of } from '../constants/constants'

/** The year: every number it takes from outside. */
export const YEAR = constants('The year', {
  draws: of(400, 200, 1000, 'courses', 'possible years that are looked at; numerics'),
  trialDraws: of(80, 50, 200, 'courses', 'possible years in which a start is tried; numerics'),
  sharedPace: of(0.25, 0, 0.5, 'share', 'of the spread of days is weather that all batches have in common; assumption'),
  laterTimes: of(1.6, 1.2, 2.5, 'times', 'as wide is the late side of a window whose end nobody looked as far as; assumption'),
  metFrom: of(0.98, 0.95, 1, 'share', 'of a need that is as good as all of it; choice'),
  safe: of(0.8, 0.7, 0.9, 'share', 'of years in which a need is met: then it is taken to be safe; choice'),
  shortInYears: of(0.2, 0.1, 0.25, 'share', 'of years in which at least so much is short; choice'),
  horizonDays: of(400, 370, 500, 'd', 'a year and a month are looked at; choice'),
  starts: of(3, 1, 4, 'rows', 'no more starts are proposed at a time; choice'),
  beside: of(4, 3, 6, 'heaps', 'of one kind that are put up at once, at most; choice'),
  weighed: of(6, 5, 8, 'rows', 'of the best starts are weighed against each other in every set; numerics'),
  gridDays: of(28, 14, 35, 'd', 'between the days on which a start is thought through; numerics'),
  stepDays: of(7, 7, 14, 'd', 'between the days on which a start is tried; numerics'),
  leastWon: of(0.05, 0.02, 0.1, 'share', 'of years won: less is no reason to begin anything; choice'),
  hourCosts: of(0.005, 0.002, 0.02, 'share', 'of years that an hour of work has to win; choice'),
  scarceCosts: of(0.03, 0.01, 0.1, 'share', 'of years that all there is of some scarce stuff has to win; choice'),
  asSafe: of(0.9, 0.8, 0.95, 'share', 'of the best that can be won: a day that wins as much is safe yet; choice'),
  wonStep: of(0.02, 0.01, 0.05, 'share', 'of years: less is no change that is told; choice'),
})
