import type { Course } from '../../heat/case'
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
export function coolDayOf({ days, coreC }: Course, airC: Float64Array): number {
  for (let at = days.length - 1; at >= 0; at--) {
    if (coreC[at]! - weekOfAir(airC, days[at]!) > HEATED.workingK) return days[Math.min(days.length - 1, at + 1)]!
  }
  return 0
}

/** The day from which on a course is ripe, straight between the times noted; nothing when it never is within it. */
export function ripeDayOf({ days, respirationMgG }: Course, limitMgG: number): number | undefined {
  const raw = respirationMgG.findLastIndex(value => value > limitMgG)
  if (raw < 0) return days[0] ?? 0
  if (raw === days.length - 1) return undefined
  const [before, after] = [respirationMgG[raw]!, respirationMgG[raw + 1]!]
  return days[raw]! + (days[raw + 1]! - days[raw]!) * (before - limitMgG) / Math.max(1e-9, before - after)
}
