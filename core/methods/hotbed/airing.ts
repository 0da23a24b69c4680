import { dayOfYear } from '../../units/time'
import { addDays } from 'date-fns'
import { shutPeakC } from '../../heat/slab/frame'
import { daylightHours, sunMJ, sunWatts } from '../../heat/slab/sun'
import type { Surroundings } from '../contract'
import { latitudeOf, skyTimes } from './outside'
import type { Hotbed } from './state'
import { BED } from './constants'

/** How warm a shut frame gets on a day, °C, and how cold the night before it is outside. */
export interface FrameDay { readonly shutC: number, readonly warmestC: number, readonly coldestC: number, readonly known: boolean }

/** A day in the frame if it stays shut: by what is foretold, or what is usual. */
export function frameDay({ ground, soilC }: Pick<Hotbed, 'ground' | 'soilC'>, day: Date, surroundings: Surroundings): FrameDay {
  const told = surroundings.weather.extremesC?.(day)
  const mean = surroundings.weather.ambientC(day)
  const [coldestC, warmestC] = [told?.minC ?? mean - BED.usualSwing.belowK, told?.maxC ?? mean + BED.usualSwing.aboveK]
  const latitude = latitudeOf(surroundings)
  const total = sunMJ(dayOfYear(day), latitude) * (told ? skyTimes(told) : 1)
  return {
    shutC: shutPeakC(ground.top, soilC, warmestC, sunWatts(total, daylightHours(dayOfYear(day), latitude), 12)), warmestC, coldestC,
    known: told !== undefined,
  }
}

/** Whether the frame is to be opened on a day: it would get too hot shut, and it is not freezing outside at noon. */
export function wantsAir(day: FrameDay, { ground }: Pick<Hotbed, 'ground'>): boolean {
  return ground.top.cover !== 'none' && day.shutC > BED.tooWarmC && day.warmestC > 3
}

/** The day that is asked about: tomorrow from noon on, today before it. */
export function dayAsked(now: Date): { readonly day: Date, readonly word: 'today' | 'tomorrow' } {
  return now.getHours() < 12 ? { day: now, word: 'today' } : { day: addDays(now, 1), word: 'tomorrow' }
}
