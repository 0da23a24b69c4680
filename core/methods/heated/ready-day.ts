import type { Course } from '../../heat/case'
import { RIPE, RIPE_AT } from '../../heat/ripe'
import { HEATED } from './constants'

/** Mean of the air over the week around a day, °C. Days from 0; the last stands for all after it. */
export function weekOfAir(airC: Float64Array, day: number): number {
  const last = airC.length - 1
  let sum = 0
  for (let near = Math.floor(day) - HEATED.week.before; near <= Math.floor(day) + HEATED.week.after; near++)
    sum += airC[Math.min(last, Math.max(0, near))]!
  return sum / (HEATED.week.before + HEATED.week.after + 1)
}

/** The day from which on it no longer heats by itself, beside the week's air; the last of the course if it never stops. */
export function coolDayOf({ days, coreC }: Pick<Course, 'days' | 'coreC'>, airC: Float64Array, aboveK = HEATED.workingK): number {
  for (let at = days.length - 1; at >= 0; at--) {
    if (coreC[at]! - weekOfAir(airC, days[at]!) > aboveK) return days[Math.min(days.length - 1, at + 1)]!
  }
  return 0
}

/** The day from which on a course is ripe, straight between the times noted; nothing when it never is within it. */
export function ripeDayOf({ days, rawness }: Course, ripeAt = RIPE_AT): number | undefined {
  const raw = rawness.findLastIndex(value => value > ripeAt)
  if (raw < 0) return days[0] ?? 0
  if (raw === days.length - 1) return undefined
  const [before, after] = [rawness[raw]!, rawness[raw + 1]!]
  return days[raw]! + (days[raw + 1]! - days[raw]!) * (before - ripeAt) / Math.max(1e-9, before - after)
}

/**
 * The day from which on a course is ready: ripe, cool by itself, and cured for the least time that takes since its last warmth. Nothing
 * where it is not ripe within the course.
 */
export function readyDayOf(course: Course, airC: Float64Array, ripeAt = RIPE_AT): number | undefined {
  const ripe = ripeDayOf(course, ripeAt)
  return ripe === undefined ? undefined : Math.max(ripe, curedDayOf(course, airC))
}

/** The day by which what heated has cured; 0 where it never did. */
export function curedDayOf(course: Pick<Course, 'days' | 'coreC'>, airC: Float64Array): number {
  const cool = coolDayOf(course, airC, RIPE.warmK)
  return cool > 0 ? cool + RIPE.curesDays : 0
}
