import { defineCourse } from '../course'
import { ripeDay, runSlow, type SlowCourse, type SlowRow } from './course'
import { questionOf, type SlowQuestion } from './question'
import { DIMENSIONS, traitsAt } from './traits'
import { SLOW } from './constants'

/** The day on which a course is full; the horizon where it never is. */
export const fullDayOf = ({ fullDay, days }: SlowCourse): number => Math.min(fullDay, days.at(-1) ?? 0)

/** A course, and how much it still respires when it is called ripe: heaps differ in that. */
type RipeningCourse = SlowCourse & { readonly ripeAt: number }

/** What a slow heap will do, learnt from everything found of it, and its course in the middle of what is possible. */
export const { forecaster, timesOf, answerOf, middleOf } = defineCourse<SlowQuestion, RipeningCourse, SlowRow>({
  ask: questionOf, everyDays: () => SLOW.everyDays, dimensions: DIMENSIONS, members: 150, mostRounds: 2, widens: SLOW.widens,
  run: (question, point, times, looks) => {
    const traits = traitsAt(point)
    return { ...runSlow(question, traits, times, looks), ripeAt: traits.ripe }
  },
  row: (course, row) => course[row],
  bands: { volumeL: 'volumeL', moisture: 'moisture' }, bandsAtStart: { volumeAtStartL: 'volumeL' },
  windows: () => ({ ready: course => ripeDay(course, course.ripeAt, SLOW.restDays), full: fullDayOf }),
})
