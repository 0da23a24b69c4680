import { emptySlabCourse, runSlab, type SlabCourse } from '../../heat/slab/course'
import type { BegunBatch } from '../../journal/garden'
import { foresee, timesEvery } from '../../learning/foresee'
import type { Forecast } from '../../learning/forecast'
import type { Progress } from '../../learning/learn'
import { keptFor, type Surroundings } from '../contract'
import { coolDay, sowDay, spentDay } from './marks'
import { questionOf, STRAYS, type BedQuestion, type BedRow } from './question'
import { DIMENSIONS, traitsAt } from './traits'

const MEMBERS = 190
const MOST_ROUNDS = 2
/** Once a day, and whenever something was found. */
export const timesOf = (question: Pick<BedQuestion, 'horizonDay' | 'findings' | 'nowDay'>): Float64Array => timesEvery(1, question)

/** Runs one bed that is possible. */
export function courseOf({ bed }: Pick<BedQuestion, 'bed'>, point: ArrayLike<number>, times: Float64Array): SlabCourse {
  const into = emptySlabCourse(times)
  runSlab(bed, traitsAt(point), into)
  return into
}

/** How warm a hotbed will be, learnt from readings of its soil and its heart. A generator: it can be stopped between members. */
export function answerOf(question: BedQuestion): Generator<Progress, Forecast> {
  const { findings, horizonDay, seed } = question
  const times = timesOf(question)
  const rows = {
    soilC: (course: SlabCourse) => course.soilC, coreC: (course: SlabCourse) => course.coreC,
    soilDayC: (course: SlabCourse) => course.soilDayC,
  }
  return foresee<SlabCourse, BedRow | 'soilDayC'>({
    times, horizonDay, seed, findings, dimensions: DIMENSIONS, members: MEMBERS, mostRounds: MOST_ROUNDS,
    run: point => courseOf(question, point, times), row: (course, row) => rows[row](course),
    bands: { soilC: 'soilDayC', coreC: 'coreC' },
    bandsAtStart: { soilAtStartC: 'soilDayC' },
    carries: { soilDayC: { read: 'soilC', what: STRAYS.soilC }, coreC: { read: 'coreC', what: STRAYS.coreC } },
    windows: { sow: sowDay, cool: coolDay, spent: spentDay },
  })
}

/** One course in the middle of what is possible, with its question. */
export interface Middle { readonly question: BedQuestion, readonly course: SlabCourse }

/** Runs the middle of what is possible: of what was learnt, where there is a forecast. Nothing while nothing of it decays. */
export const middleOf: (batch: BegunBatch, surroundings: Surroundings) => Middle | undefined = keptFor(
  (batch, surroundings, forecast): Middle | undefined => {
    const question = questionOf(batch, surroundings)
    return question && { question, course: courseOf(question, forecast?.rows.middle ?? [], timesOf(question)) }
  })

/** Where a course stands on a day. */
export function placeOf({ course }: Pick<Middle, 'course'>, day: number): number {
  const at = course.days.findIndex(one => one >= day - 1e-9)
  return at < 0 ? course.days.length - 1 : at
}
