import { READINESS_TESTS } from '../../readiness/tests'
import type { BegunBatch } from '../../journal/garden'
import type { Ripeness, Surroundings } from '../contract'
import { feedings, isClosed, partsOf } from './feeding'
import { slowOn } from './now'
import { daysSinceFed } from './windows'
import { SLOW } from './constants'
import { RIPE_AT } from '../../heat/ripe'

/** Tests that say something about what rotted cool. */
const TESTS = ['look', 'bag', 'sprout']

/** Whether the last caddy was emptied without a cover, and nothing was put over it since. */
function liesOpen(batch: BegunBatch, { materials }: Surroundings): boolean {
  const last = feedings(batch).at(-1)
  if (!last) return false
  const { fed, cover } = partsOf(last, materials)
  return fed.some(({ material }) => material.family === 'kitchen') && cover.length === 0
}

/** How ripe a slow heap is: by how long it has rested, what is left to rot, and the tests. */
export const ripeness: Ripeness = {
  // Its seeds are alive: it is not for trays, whatever is tested.
  uses: ['mulch', 'beds', 'potting'],
  tests: () => READINESS_TESTS.filter(({ id }) => TESTS.includes(id)),
  stages: (batch, surroundings) => {
    const slow = slowOn(batch, surroundings)
    const rested = isClosed(batch) ? daysSinceFed(batch, surroundings.now) / SLOW.restDays : 0
    return {
      cool: true, against: liesOpen(batch, surroundings) ? ['food lies open on it: cover it'] : [], curedShare: rested,
      rottedShare: slow && slow.rawness > 0 ? Math.min(1.2, RIPE_AT / slow.rawness) : 0,
    }
  },
  notes: () => ({
    title: 'It never got hot',
    caution:
      'Seeds and sickness in it are alive. Round fruit, hedges and beds that are mulched; not for seed trays, and no promise for salads.',
    lines: [
      'Fed caddy by caddy it is ready from below: the top goes into the bay that is being filled.',
      'A sprout test in a pot tells what its seeds are up to.',
    ],
  }),
}
