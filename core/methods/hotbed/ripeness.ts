import { READINESS_TESTS } from '../../readiness/tests'
import type { Ripeness } from '../contract'
import { hotbedOf } from './state'

const TESTS = ['look', 'sprout']

/** How far a hotbed is on its way to compost: by its heat, a look, and what grows in it. */
export const ripeness: Ripeness = {
  tests: () => READINESS_TESTS.filter(({ id }) => TESTS.includes(id)),
  stages: (batch, surroundings) => {
    const bed = hotbedOf(batch, surroundings)
    const share = bed ? Math.min(1, bed.nowDay / Math.max(1, bed.spentDay)) : 0
    return {
      cool: bed?.phase === 'spent', rottedShare: share, curedShare: bed ? Math.min(1, Math.max(0, bed.nowDay - bed.spentDay) / 60) : 0,
    }
  },
  notes: () => ({
    title: 'What it is good for',
    caution:
      'Raw dung was in it: keep to the interval of your local rules before harvest where leaves or roots touch it, three to four months '
      + 'as a rule.',
    lines: [
      'When its heat is over: pumpkins, courgettes and beans straight on it.',
      'Two months later: onto beds in autumn, as mulch or dug in.', 'For pots it has to ripen for a winter, and be sieved.',
    ],
  }),
}
