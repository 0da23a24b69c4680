import type { Course } from '../../heat/case'
import { HEATED } from './constants'

/** Days on which something worked, and the day on which they were enough. */
export interface Worked { readonly days: number, readonly day?: number }

/** Whether a day counts. */
export function works(coreC: number, moisture: number): boolean {
  return coreC >= HEATED.works.aboveC && moisture >= HEATED.works.moisture
}

/** Counts on over a course from a day, until so many days are worked. */
export function workedUp(
  { days, coreC, moisture }: Pick<Course, 'days' | 'coreC' | 'moisture'>, from: Worked, fromDay: number, wanted: number,
): Worked {
  if (from.day !== undefined) return from
  if (from.days >= wanted) return { days: from.days, day: fromDay }
  let sum = from.days
  let before = fromDay
  for (let at = 0; at < days.length; at++) {
    const length = days[at]! - before
    before = days[at]!
    if (length <= 0 || !works(coreC[at]!, moisture[at]!)) continue
    sum += length
    // Within the step in which they are enough.
    if (sum >= wanted) return { days: sum, day: days[at]! - (sum - wanted) }
  }
  return { days: sum }
}
