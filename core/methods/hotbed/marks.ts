import type { SlabCourse } from '../../heat/slab/course'
import { BED } from './constants'

/** The day on which it can be sown: the burst is over, or there was none worth the name and it is warm. The last where it never is. */
export function sowDay({ days, soilDayC }: Pick<SlabCourse, 'days' | 'soilDayC'>): number {
  let peakAt = 0
  for (let at = 1; at < days.length && days[at]! < 30; at++) if (soilDayC[at]! > soilDayC[peakAt]!) peakAt = at
  const hot = soilDayC[peakAt]! > BED.sowBelowC
  for (let at = 0; at < days.length; at++) {
    if (hot && at < peakAt) continue
    if (!hot && (days[at]! < BED.warmsUpDays || soilDayC[at]! < BED.sowFromC)) continue
    if (soilDayC[at]! <= BED.sowBelowC) return days[at]!
  }
  return days.at(-1) ?? 0
}

/**
 * The day from which its soil is colder than that of a warm bed: after it was warm, for three days running. The last where it
 * stays warm; 0 where it never was so within its first weeks.
 */
export function coolDay({ days, soilDayC }: Pick<SlabCourse, 'days' | 'soilDayC'>): number {
  const warmed = soilDayC.findIndex(celsius => celsius >= BED.warmC)
  if (warmed < 0 || days[warmed]! > BED.warmsWithinDays) return 0
  for (let at = warmed; at < days.length; at++) {
    const later = [at, at + 1, at + 2].map(one => soilDayC[Math.min(days.length - 1, one)]!)
    if (later.every(celsius => celsius < BED.warmC)) return days[at]!
  }
  return days.at(-1) ?? 0
}

/** The day from which the stuff gives no more warmth than the soil has anyway. The last where it still does. */
export function spentDay({ days, coreC, soilDayC }: Pick<SlabCourse, 'days' | 'coreC' | 'soilDayC'>): number {
  let hottest = 0
  for (let at = 1; at < days.length && days[at]! < BED.burnsWithinDays; at++) if (coreC[at]! > coreC[hottest]!) hottest = at
  for (let at = hottest; at < days.length; at++) if (coreC[at]! - soilDayC[at]! < BED.spentK) return days[at]!
  return days.at(-1) ?? 0
}

/** The warmest that the soil of a course gets by itself, °C. */
export function warmestAtFirst({ soilDayC }: Pick<SlabCourse, 'soilDayC'>): number {
  return Math.max(...soilDayC.slice(0, BED.firstWeeksDays))
}

/** The same by the middle of what is possible. */
export function warmestC({ courses }: { readonly courses: readonly [SlabCourse, SlabCourse, SlabCourse] }): number {
  return warmestAtFirst(courses[1])
}
