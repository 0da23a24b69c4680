import { range } from '../../units/range'
import type { Forecaster } from '../foresight'
import type { Method } from '../method'
import { APPROACHES, hotHeapApproach } from './approaches'
import { warningsFor } from './cautions'
import { handsOn } from './effort'
import { diagnosis } from './diagnosis'
import { expectCourse, suppose } from './expect'
import { answerOf } from './forecast/answer'
import { questionOf, type HeapQuestion } from './forecast/question'
import { strataOf } from './layers'
import { outlookOf } from './outlook'
import { readyWindow } from './ready'
import { ripeness } from './ripeness'
import { SENSES } from './senses'
import { judgeSize, leastVolumeL } from './size'
import { standingOf } from './standing'
import { buildSteps, FINISHING_CAUTIONS, TURNING_CAUTIONS } from './steps'
import { tasksOf } from './tasks'

const forecaster: Forecaster<HeapQuestion> = { ask: questionOf, answer: answerOf }

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
  leastVolumeL,
  daysToReady: (approachId) => {
    const { hotDays, coolingDays, curingDays } = hotHeapApproach(approachId)
    return { earliest: hotDays[0] + coolingDays[0] + curingDays[0], latest: hotDays[1] + coolingDays[1] + curingDays[1] }
  },
  // A quarter to a half of what was built is left at the end.
  usualYield: range(0.25, 0.38, 0.5),
  outlook: outlookOf,
  handsOn,
  warnings: warningsFor,
  strata: strataOf,
  buildSteps,
  forecaster,
  diagnosis,
  ripeness,
  expect: expectCourse,
  suppose,
  standing: standingOf,
  readyWindow,
  tasks: tasksOf,
  cautions: { turning: TURNING_CAUTIONS, finishing: FINISHING_CAUTIONS },
}
