import { defineCourse } from '../course'
import { RIPE_MG_G } from '../heated/ready-day'
import { ripeDay, runSlow, type SlowCourse } from './course'
import { questionOf, type SlowQuestion, type SlowRow } from './question'
import { DIMENSIONS, traitsAt } from './traits'

const EVERY_DAYS = 7
/** However quickly it rots, it rests for so long after the last caddy. */
export const REST_DAYS = 60

/** The day on which a course is full; the horizon where it never is. */
export const fullDayOf = ({ fullDay, days }: SlowCourse): number => Math.min(fullDay, days.at(-1) ?? 0)

/** A course, and how much it still respires when it is called ripe: heaps differ in that. */
type RipeningCourse = SlowCourse & { readonly ripeMgG: number }

/** What a slow heap will do, learnt from everything found of it, and its course in the middle of what is possible. */
export const { forecaster, timesOf, answerOf, middleOf } = defineCourse<SlowQuestion, RipeningCourse, SlowRow>({
  ask: questionOf, everyDays: () => EVERY_DAYS, dimensions: DIMENSIONS, members: 150, mostRounds: 2,
  run: (question, point, times) => {
    const traits = traitsAt(point)
    return { ...runSlow(question, traits, times), ripeMgG: RIPE_MG_G * traits.ripe }
  },
  row: (course, row) => course[row],
  bands: { volumeL: 'volumeL', moisture: 'moisture' }, bandsAtStart: { volumeAtStartL: 'volumeL' },
  windows: () => ({ ready: course => ripeDay(course, course.ripeMgG, REST_DAYS), full: fullDayOf }),
})
