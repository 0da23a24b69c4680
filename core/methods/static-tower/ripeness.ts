import { READINESS_TESTS } from '../../readiness/tests'
import type { Ripeness } from '../contract'
import { heapLogOf } from '../heated/heap-log'
import { towerOn } from './now'
import { TOWER } from './constants'

const TESTS = ['look', 'bag', 'sprout']

/** How ripe a tower is: by the days that counted, a look, the bag and sown seeds. */
export const ripeness: Ripeness = {
  tests: () => READINESS_TESTS.filter(({ id }) => TESTS.includes(id)),
  stages: (batch, surroundings) => {
    const tower = towerOn(heapLogOf(batch), surroundings)
    const share = tower ? tower.workedDays / TOWER.workingDays : 0
    return { cool: !tower || tower.coreC < TOWER.wormsBelowC, curedShare: share, rottedShare: share }
  },
  notes: () => ({
    title: 'What it is for', caution: 'It was hot for days only: seeds and sickness in it may be alive.',
    lines: [
      'A dose, not a feed: a handful to a planting hole, or an extract of one part to ten to twenty of water, on the same day.',
      'Take it moist and use it within weeks: what lives in it is what it is for.',
      'Whether it does more than a plain pile is an open question: a trial with a control tells for your garden.',
    ],
  }),
}
