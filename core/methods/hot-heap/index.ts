import type { Method } from '../method'
import { APPROACHES } from './approaches'
import { expectCourse } from './expect'
import { strataOf } from './layers'
import { readyWindow } from './ready'
import { SENSES } from './senses'
import { judgeSize } from './size'
import { standingOf } from './standing'
import { buildSteps, FINISHING_CAUTIONS, TURNING_CAUTIONS } from './steps'
import { tasksOf } from './tasks'

/** The hot heap: built at once, turned, cured. */
export const hotHeap: Method = {
  id: 'hot-heap',
  name: 'Hot heap',
  summary: 'Built in one go, it heats for weeks, is turned and then cures.',
  approaches: APPROACHES,
  senses: SENSES,
  outputs: [
    { materialId: 'compost-finished', label: 'Fine compost', hint: 'through the fine sieve: pots, seed drills', sieveMm: 10 },
    { materialId: 'compost-finished', label: 'Bed compost', hint: 'through the coarse sieve or unsieved: beds, mulch', sieveMm: 25 },
    { materialId: 'overs', label: 'Overs', hint: 'what stays on the sieve: into the next heap' },
  ],
  judgeSize,
  strata: strataOf,
  buildSteps,
  expect: expectCourse,
  standing: standingOf,
  readyWindow,
  tasks: tasksOf,
  cautions: { turning: TURNING_CAUTIONS, finishing: FINISHING_CAUTIONS },
}
