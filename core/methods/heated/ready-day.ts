import type { Course } from '../../heat/course'
import { WORKING_K } from './limits'

/**
 * Ripe for beds: the rawer fifth would respire no more than so much in four days at 35 °C, mg O₂ a gram of dry matter.
 * 10 is stable, 20 nearly: where the rawest fifth lies halfway between, the heap as a whole is stable.
 */
export const RIPE_MG_G = 15

/** The air of a day is the mean of the week around it: one frost does not make a heap warm. */
const WEEK = { before: 3, after: 3 }

/** Mean of the air over the week around a day, °C. Days from 0; the last stands for all after it. */
export function weekOfAir(airC: Float64Array, day: number): number {
  const last = airC.length - 1
  let sum = 0
  for (let near = Math.floor(day) - WEEK.before; near <= Math.floor(day) + WEEK.after; near++)
    sum += airC[Math.min(last, Math.max(0, near))]!
  return sum / (WEEK.before + WEEK.after + 1)
}

/** The day from which on it no longer heats by itself, beside the week's air; the last of the course if it never stops. */
export function coolDayOf({ days, coreC }: Course, airC: Float64Array): number {
  for (let at = days.length - 1; at >= 0; at--) {
    if (coreC[at]! - weekOfAir(airC, days[at]!) > WORKING_K) return days[Math.min(days.length - 1, at + 1)]!
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
