import type { Course } from '../../../heat/course'
import { TRAIT_NAMES } from '../../../heat/traits'
import { normalShare } from '../../../learning/fit'
import { WORKING_K } from '../limits'
import type { HeapQuestion } from './question'

/** So much of what can be used has to be used up: below it, the stuff would still rob nitrogen. */
export const RAW_UNTIL_USED = 0.4

const CURING = TRAIT_NAMES.indexOf('curing')

/** Days of curing that a heap needs, by its standing between the shortest and the longest usual. */
export function curingDaysOf({ curingDays: [least, most] }: Pick<HeapQuestion, 'curingDays'>, point: ArrayLike<number>): number {
  return least + (most - least) * normalShare(point[CURING] ?? 0)
}

/** The day from which on it no longer heats by itself; the last of the course if it never stops. */
export function coolDayOf(course: Course, question: Pick<HeapQuestion, 'weather'>, weatherK: number): number {
  const { airC } = question.weather
  for (let at = course.days.length - 1; at >= 0; at--) {
    const day = course.days[at]!
    if (course.coreC[at]! - airC[Math.min(airC.length - 1, Math.floor(day))]! - weatherK > WORKING_K) return course.days[Math.min(course.days.length - 1, at + 1)]!
  }
  return 0
}

/** The day on which a heap is ready: no longer heating, cured from there, and enough of it used up. At most the last of the course. */
export function readyDayOf(course: Course, question: HeapQuestion, weatherK: number, point: ArrayLike<number>): number {
  const last = course.days.at(-1) ?? 0
  const used = course.used.findIndex(share => share >= RAW_UNTIL_USED)
  const usedDay = used < 0 ? last : course.days[used]!
  return Math.min(last, Math.max(usedDay, coolDayOf(course, question, weatherK) + curingDaysOf(question, point)))
}
