import { asLaid, type Comes } from '../../heat/as-laid'
import { chargeOf } from '../../heat/charge'
import { emptyCourse, type HeapCase } from '../../heat/case'
import { runCourse } from '../../heat/course'
import { traitsAt, TRAIT_NAMES, USUAL_TRAITS } from '../../heat/traits'
import { evenNormals } from '../../learning/even-draws'
import { seededRandom } from '../../random/random'
import { portionOf } from '../../mix/portion'
import { asVessel } from '../../vessel/site'
import type { Wall } from '../../vessel/vessel'
import type { Outlook, Planned, Surroundings } from '../contract'
import { comesOf } from '../heated/comes'
import { groundOf, weatherOn } from '../heated/forecast/around'
import { HOT } from './constants'

const FIRST_DAYS = Float64Array.from({ length: HOT.lastDay * 3 + 1 }, (_, third) => third / 3)
const NEVER = { turnsToday: () => false }

/** When, in which air, between which walls, of stuff that comes how, with water how warm and how much of it, where that is not as it is. */
export interface Otherwise {
  readonly at?: Date
  readonly airC?: number
  readonly wall?: Wall
  readonly waterC?: number
  readonly times?: number
  readonly comes?: Comes
}

/** The heap that is planned, as the model of heat runs it and left alone; nothing when there is nothing in it. */
function caseFor(
  { site, ingredients, waterL, answers }: Planned, surroundings: Surroundings, days: number,
  { at = surroundings.now, airC, wall, waterC, times = 1, comes = comesOf(answers) }: Otherwise,
): HeapCase | undefined {
  const portions = ingredients.map(portionOf).map(one => ({ ...one, looseVolumeL: times * one.looseVolumeL }))
  const charge = chargeOf(portions, times * waterL)
  if (!charge) return undefined
  const vessel = asVessel(site)
  const ground = groundOf(wall ? { ...vessel, wall } : vessel)
  const weather = weatherOn(
    vessel, at, days, airC === undefined ? surroundings : { ...surroundings, weather: { ...surroundings.weather, ambientC: () => airC } },
  )
  return {
    charge, weather,
    // More of the same goes wider, as a second place beside it.
    standing: { ...ground, footprintM2: ground.footprintM2 * times, perimeterM: ground.perimeterM * Math.sqrt(times) },
    ...asLaid(portions, times * waterL, weather.airC[0]!, comes, waterC),
    deeds: [], habitFromDay: Number.POSITIVE_INFINITY, habit: NEVER,
  }
}

/**
 * The hottest the core gets in its first eight days, °C: the one heap in the middle of what is possible, in its own vessel and
 * the weather of the season. Nothing when there is nothing in it.
 */
export function peakOf(planned: Planned, surroundings: Surroundings, otherwise: Otherwise = {}): number | undefined {
  const heap = caseFor(planned, surroundings, HOT.lastDay, otherwise)
  const course = emptyCourse(FIRST_DAYS)
  return heap && runCourse(heap, USUAL_TRAITS, course).ok ? Math.max(...course.coreC) : undefined
}

/** How hot such heaps get: 10, 50 and 90 % of possible ones within a fortnight, and how many of them heat at all. */
export interface HeatSpan {
  readonly lowC: number
  readonly middleC: number
  readonly highC: number
  readonly chance: number
  /** Whether those that heat do so within their first days. */
  readonly soon: boolean
}

const FORTNIGHT = Float64Array.from({ length: HOT.span.days * 2 + 1 }, (_, half) => half / 2)
const possible = evenNormals(HOT.span.heaps, TRAIT_NAMES.length, seededRandom(HOT.span.seed)).map(point => traitsAt(point))

/** The span and the chance of what is planned; nothing when there is nothing in it. */
export function heatSpanOf(planned: Planned, surroundings: Surroundings, otherwise: Otherwise = {}): HeatSpan | undefined {
  const heap = caseFor(planned, surroundings, HOT.span.days, otherwise)
  if (!heap) return undefined
  const course = emptyCourse(FORTNIGHT)
  const week = FORTNIGHT.findIndex(day => day >= HOT.lastDay)
  let inAWeek = 0
  const peaks = possible.map((traits) => {
    if (!runCourse(heap, traits, course).ok) return 0
    if (Math.max(...course.coreC.subarray(0, week)) >= HOT.warmC) inAWeek++
    return Math.max(...course.coreC)
  }).sort((a, b) => a - b)
  const hot = peaks.filter(peakC => peakC >= HOT.warmC).length
  const place = (share: number) => peaks[Math.floor(share * (peaks.length - 1))]!
  return {
    lowC: place(0.1), middleC: place(0.5), highC: place(0.9), chance: hot / peaks.length,
    soon: inAWeek >= HOT.span.surely * hot,
  }
}

/** What it would do in its first eight days, there and in this season. */
export function outlookOf(planned: Planned, surroundings: Surroundings): Outlook {
  const peakC = peakOf(planned, surroundings) ?? surroundings.weather.ambientC(surroundings.now)
  if (peakC >= HOT.hotC) return { grade: 'good', label: 'heats well', peakC }
  if (peakC >= HOT.warmC) return { grade: 'workable', label: 'warms', peakC }
  return { grade: 'poor', label: peakC >= HOT.lukewarmC ? 'lukewarm' : 'stays cool', peakC }
}
