import { addDays, addMinutes, startOfDay } from 'date-fns'
import { daysBetween } from '../../units/time'
import { emptySlabCourse, runSlab, type SlabCourse } from '../../heat/slab/course'
import type { Charge } from '../../heat/charge'
import type { Ingredient } from '../../mix/portion'
import type { Surroundings } from '../contract'
import { coolDay, sowDay, spentDay } from './marks'
import { bedWeather } from './outside'
import { bedCase, type BedGround } from './plan'
import { CORNERS } from './traits'
import { BED } from './constants'

/** How a bed that is built on a day would go: colder and shorter, middle, warmer and longer. */
export interface BedOutlook {
  readonly builtAt: Date
  readonly courses: readonly [SlabCourse, SlabCourse, SlabCourse]
  readonly sow: { readonly from: number, readonly typical: number, readonly to: number }
  readonly cool: { readonly from: number, readonly typical: number, readonly to: number }
  readonly spent: { readonly from: number, readonly to: number }
  readonly horizonDay: number
}

const ends = (values: readonly number[]) => ({ from: Math.min(...values), typical: values[1]!, to: Math.max(...values) })

/** Runs a bed built at noon of a day, in three corners of what is possible; nothing where it cannot be run. */
export function outlookFrom(
  day: Date, ground: BedGround, charge: Charge, ingredients: readonly Ingredient[], surroundings: Surroundings,
): BedOutlook | undefined {
  const builtAt = addMinutes(startOfDay(day), BED.noon * 60)
  const bed = bedCase(ground, charge, ingredients, bedWeather(builtAt, BED.backFromDays, surroundings))
  const days = Float64Array.from({ length: BED.backFromDays + 1 }, (_, at) => at)
  const courses = CORNERS.map((traits) => {
    const into = emptySlabCourse(days)
    return runSlab(bed, traits, into).ok ? into : undefined
  })
  if (courses.some(one => one === undefined)) return undefined
  const all = courses as [SlabCourse, SlabCourse, SlabCourse]
  return {
    builtAt, courses: all, sow: ends(all.map(sowDay)), cool: ends(all.map(coolDay)), spent: ends(all.map(spentDay)),
    horizonDay: BED.backFromDays,
  }
}

/** Days from building to sowing that are tried. */

/** When the middle of what is possible could be sown, built so; undefined where it cannot be run. */
function middleSowDay(
  day: Date, ground: BedGround, charge: Charge, ingredients: readonly Ingredient[], surroundings: Surroundings,
): number | undefined {
  const builtAt = addMinutes(startOfDay(day), BED.noon * 60)
  const into = emptySlabCourse(Float64Array.from({ length: BED.tried.to + 6 }, (_, at) => at))
  const bed = bedCase(ground, charge, ingredients, bedWeather(builtAt, BED.tried.to + 6, surroundings))
  return runSlab(bed, CORNERS[1], into).ok ? sowDay(into) : undefined
}

/** When to build, to sow on a day. */
export interface BuildDay {
  readonly outlook: BedOutlook
  readonly from: Date
  readonly to: Date
  /** Built today it would not be in time any more. */
  readonly late: boolean
}

/**
 * The day on which a bed is built to be sown on another: beds built on days before it are run, and the one that can be sown nearest to the
 * day is taken. Between two such days its burst may pass 30 °C or not, so no guess is bettered step by step. Never before today.
 */
export function buildDayFor(
  wanted: Date, ground: BedGround, charge: Charge, ingredients: readonly Ingredient[], surroundings: Surroundings,
): BuildDay | undefined {
  const today = surroundings.now
  const ahead = daysBetween(today, wanted)
  const offsets = Array.from(
    { length: (BED.tried.to - BED.tried.from) / BED.tried.step + 1 }, (_, at) => BED.tried.from + at * BED.tried.step,
  ).filter(days => days <= ahead)
  const tried = offsets.flatMap((days) => {
    const sow = middleSowDay(addDays(wanted, -days), ground, charge, ingredients, surroundings)
    return sow === undefined ? [] : [{ days, off: Math.abs(sow - days) }]
  })
  const best = tried.reduce<{ readonly days: number, readonly off: number } | undefined>(
    (least, one) => (least === undefined || one.off < least.off ? one : least), undefined,
  )
  const outlook = outlookFrom(best ? addDays(wanted, -best.days) : today, ground, charge, ingredients, surroundings)
  if (!outlook) return undefined
  const on = (days: number) => addDays(wanted, -Math.round(days)) < today ? today : addDays(wanted, -Math.round(days))
  return {
    outlook, from: on(outlook.sow.to), to: on(outlook.sow.from), late: daysBetween(outlook.builtAt, wanted) < outlook.sow.typical - 1.5,
  }
}
