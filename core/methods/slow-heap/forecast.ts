import { foresee, timesEvery } from '../../learning/foresee'
import type { Forecast } from '../../learning/forecast'
import type { Progress } from '../../learning/learn'
import { RIPE_MG_G } from '../heated/ready-day'
import { ripeDay, runSlow, type SlowCourse } from './course'
import type { SlowQuestion, SlowRow } from './question'
import { DIMENSIONS, traitsAt } from './traits'

const MEMBERS = 150
const MOST_ROUNDS = 2
const EVERY_DAYS = 7
/** However quickly it rots, it rests for so long after the last caddy. */
export const REST_DAYS = 60

/** When a slow heap is looked at. */
export const timesOf = (question: Pick<SlowQuestion, 'horizonDay' | 'findings' | 'nowDay'>): Float64Array =>
  timesEvery(EVERY_DAYS, question)

/** The day on which a course is full; the horizon where it never is. */
export const fullDayOf = ({ fullDay, days }: SlowCourse): number => Math.min(fullDay, days.at(-1) ?? 0)

/** What a slow heap will do, learnt from everything found of it. A generator: it can be stopped between members. */
export function answerOf(question: SlowQuestion, members = MEMBERS): Generator<Progress, Forecast> {
  const { findings, horizonDay, seed } = question
  const times = timesOf(question)
  const limits = new WeakMap<SlowCourse, number>()
  return foresee<SlowCourse, SlowRow>({
    times, horizonDay, seed, findings, dimensions: DIMENSIONS, members, mostRounds: MOST_ROUNDS,
    run: (point) => {
      const traits = traitsAt(point)
      const course = runSlow(question, traits, times)
      limits.set(course, RIPE_MG_G * traits.ripe)
      return course
    },
    row: (course, row) => course[row],
    bands: { volumeL: 'volumeL', moisture: 'moisture' }, bandsAtStart: { volumeAtStartL: 'volumeL' },
    windows: { ready: course => ripeDay(course, limits.get(course)!, REST_DAYS), full: fullDayOf },
  })
}
