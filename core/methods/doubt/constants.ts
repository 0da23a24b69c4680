import { constants, of } from '../../constants/constants'

/** What nobody knows of one that stands already: every number it takes from outside. */
export const DOUBT = constants('What stands already', {
  tries: of(6, 4, 10, 'times', 'until a height is met; numerics'),
  near: of(0.02, 0.01, 0.05, 'share', 'of a height: it is met, far below what a stick can tell; numerics'),
  leastTimes: of(0.02, 0.01, 0.05, 'times', 'what is assumed at first; numerics'),
  mostTimes: of(30, 10, 50, 'times', 'what is assumed at first: no heap shrinks further; numerics'),
  sureDays: of(1.5, 1, 3, 'd', 'within it nobody asks which day it was; choice'),
  less: of(0.75, 0.65, 0.85, 'times', 'what its height says by the middle of what is possible: it settled less; own estimate'),
  more: of(1.35, 1.2, 1.6, 'times', 'what its height says by the middle of what is possible: it settled more; own estimate'),
  work: of(0.35, 0.2, 1, 'share', 'of the usual work for each that might be instead: only its first and last count; numerics'),
  daysToBegin: of(7, 3, 14, 'd', 'for what one that was just written down asks for; choice'),
})
