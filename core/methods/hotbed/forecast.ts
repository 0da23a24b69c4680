import { emptySlabCourse, runSlab, type SlabCourse } from '../../heat/slab/course'
import { defineCourse } from '../course'
import { coolDay, sowDay, spentDay } from './marks'
import { questionOf, STRAYS, type BedQuestion, type BedRow } from './question'
import { DIMENSIONS, traitsAt } from './traits'

/** Runs one bed that is possible. */
export function courseOf({ bed }: Pick<BedQuestion, 'bed'>, point: ArrayLike<number>, times: Float64Array): SlabCourse {
  const into = emptySlabCourse(times)
  runSlab(bed, traitsAt(point), into)
  return into
}

const ROWS = {
  soilC: (course: SlabCourse) => course.soilC, coreC: (course: SlabCourse) => course.coreC,
  soilDayC: (course: SlabCourse) => course.soilDayC,
}

/** How warm a hotbed will be, learnt from readings of its soil and its heart, and its course in the middle of what is possible. */
export const { forecaster, timesOf, answerOf, middleOf } = defineCourse<BedQuestion, SlabCourse, BedRow | 'soilDayC'>({
  ask: questionOf, everyDays: () => 1, dimensions: DIMENSIONS, members: 190, mostRounds: 2,
  run: courseOf, row: (course, row) => ROWS[row](course),
  bands: { soilC: 'soilDayC', coreC: 'coreC' },
  bandsAtStart: { soilAtStartC: 'soilDayC' },
  carries: { soilDayC: { read: 'soilC', what: STRAYS.soilC }, coreC: { read: 'coreC', what: STRAYS.coreC } },
  windows: () => ({ sow: sowDay, cool: coolDay, spent: spentDay }),
})
