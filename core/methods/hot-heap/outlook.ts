import { chargeOf } from '../../heat/charge'
import { emptyCourse, type HeapCase } from '../../heat/case'
import { runCourse } from '../../heat/course'
import { USUAL_TRAITS } from '../../heat/traits'
import { portionOf } from '../../mix/portion'
import { amountVolumeL } from '../../units/container'
import { asVessel } from '../../vessel/site'
import type { Wall } from '../../vessel/vessel'
import type { Outlook, Planned, Surroundings } from '../contract'
import { groundOf, starterOf, weatherOn } from '../heated/forecast/around'
import { HEATED } from '../heated/constants'
import { HOT } from './constants'

const FIRST_DAYS = Float64Array.from({ length: HOT.lastDay * 3 + 1 }, (_, third) => third / 3)
const NEVER = { turnsToday: () => false }

/** When, in which air and between which walls, where that is not as it is. */
export interface Otherwise {
  readonly at?: Date
  readonly airC?: number
  readonly wall?: Wall
}

/**
 * The hottest the core gets in its first eight days, °C: the one heap in the middle of what is possible, in its own vessel and
 * the weather of the season. Nothing when there is nothing in it.
 */
export function peakOf(
  { site, ingredients, waterL }: Planned, surroundings: Surroundings, { at = surroundings.now, airC, wall }: Otherwise = {},
): number | undefined {
  const charge = chargeOf(ingredients.map(portionOf), waterL)
  if (!charge) return undefined
  const vessel = asVessel(site)
  const heap: HeapCase = {
    charge, standing: groundOf(wall ? { ...vessel, wall } : vessel),
    weather: weatherOn(
      vessel, at, HOT.lastDay,
      airC === undefined ? surroundings : { ...surroundings, weather: { ...surroundings.weather, ambientC: () => airC } },
    ),
    deeds: [],
    startsAboveK: HEATED.startsAboveK,
    starter: starterOf(ingredients.map(one => ({ finished: one.material.family === 'finished', litres: amountVolumeL(one.amount) }))),
    habitFromDay: Number.POSITIVE_INFINITY, habit: NEVER,
  }
  const course = emptyCourse(FIRST_DAYS)
  return runCourse(heap, USUAL_TRAITS, course).ok ? Math.max(...course.coreC) : undefined
}

/** What it would do in its first eight days, there and in this season. */
export function outlookOf(planned: Planned, surroundings: Surroundings): Outlook {
  const peakC = peakOf(planned, surroundings) ?? surroundings.weather.ambientC(surroundings.now)
  if (peakC >= HOT.hotC) return { grade: 'good', label: 'heats well', peakC }
  if (peakC >= HOT.warmC) return { grade: 'workable', label: 'warms', peakC }
  return { grade: 'poor', label: peakC >= HOT.lukewarmC ? 'lukewarm' : 'stays cool', peakC }
}
