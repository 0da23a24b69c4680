import type { SlabCourse } from '../../heat/slab/course'

/** Seeds go in when the soil has come down to this, °C; and it is a warm bed as long as it stays above the other. */
export const SOW_BELOW_C = 30
export const WARM_C = 20
/** Before it is so warm nobody sows, °C. */
const SOW_FROM_C = 14
/** The bed gives no more when its heart is so little above the soil on it, K. */
const SPENT_K = 3
const WARMS_UP_DAYS = 4
/** What warms it later is the sun, and no longer the bed. */
const WARMS_WITHIN_DAYS = 35
const BURNS_WITHIN_DAYS = 45
/** Warm for so many days from building on, or from sowing on, it is the sun that keeps it so, and no second bed has to take over. */
export const SUN_CARRIES_DAYS = 84

/** The day on which it can be sown: the burst is over, or there was none worth the name and it is warm. The last where it never is. */
export function sowDay({ days, soilDayC }: Pick<SlabCourse, 'days' | 'soilDayC'>): number {
  let peakAt = 0
  for (let at = 1; at < days.length && days[at]! < 30; at++) if (soilDayC[at]! > soilDayC[peakAt]!) peakAt = at
  const hot = soilDayC[peakAt]! > SOW_BELOW_C
  for (let at = 0; at < days.length; at++) {
    if (hot && at < peakAt) continue
    if (!hot && (days[at]! < WARMS_UP_DAYS || soilDayC[at]! < SOW_FROM_C)) continue
    if (soilDayC[at]! <= SOW_BELOW_C) return days[at]!
  }
  return days.at(-1) ?? 0
}

/**
 * The day from which its soil is colder than that of a warm bed: after it was warm, for three days running. The last where it
 * stays warm; 0 where it never was so within its first weeks.
 */
export function coolDay({ days, soilDayC }: Pick<SlabCourse, 'days' | 'soilDayC'>): number {
  const warmed = soilDayC.findIndex(celsius => celsius >= WARM_C)
  if (warmed < 0 || days[warmed]! > WARMS_WITHIN_DAYS) return 0
  for (let at = warmed; at < days.length; at++) {
    const later = [at, at + 1, at + 2].map(one => soilDayC[Math.min(days.length - 1, one)]!)
    if (later.every(celsius => celsius < WARM_C)) return days[at]!
  }
  return days.at(-1) ?? 0
}

/** The day from which the stuff gives no more warmth than the soil has anyway. The last where it still does. */
export function spentDay({ days, coreC, soilDayC }: Pick<SlabCourse, 'days' | 'coreC' | 'soilDayC'>): number {
  let hottest = 0
  for (let at = 1; at < days.length && days[at]! < BURNS_WITHIN_DAYS; at++) if (coreC[at]! > coreC[hottest]!) hottest = at
  for (let at = hottest; at < days.length; at++) if (coreC[at]! - soilDayC[at]! < SPENT_K) return days[at]!
  return days.at(-1) ?? 0
}

/** Under so much stuff a bed is cold within two weeks. */
export const SHALLOW_M = 0.6
/** What a bed reaches by itself it reaches in its first weeks. */
const FIRST_WEEKS_DAYS = 45

/** The warmest that the soil of a course gets by itself, °C. */
export function warmestAtFirst({ soilDayC }: Pick<SlabCourse, 'soilDayC'>): number {
  return Math.max(...soilDayC.slice(0, FIRST_WEEKS_DAYS))
}

/** The same by the middle of what is possible. */
export function warmestC({ courses }: { readonly courses: readonly [SlabCourse, SlabCourse, SlabCourse] }): number {
  return warmestAtFirst(courses[1])
}
