import { highest } from '../../statistics/ends'
import { amountVolumeL } from '../../units/container'
import { daysBetween } from '../../units/time'
import type { Surroundings } from '../contract'
import type { HeapLog } from '../heated/heap-log'
import { nearest } from '../heated/as-found'
import { works } from '../heated/working'
import { middleCourse } from './expect'
import { TOWER } from './constants'

/** How far a tower has come: its warmth, water and volume today, and the days that counted. */
export interface TowerNow {
  readonly day: number
  readonly coreC: number
  readonly moisture: number
  /** Litres that stand, less what was taken. */
  readonly volumeL: number
  readonly heightM: number
  readonly builtL: number
  readonly usedShare: number
  readonly workedDays: number
  readonly frozenDays: number
  readonly dryDays: number
  readonly dryKg: number
}

/** How many days have counted, in words; no more than its year. */
export function countedText({ workedDays }: Pick<TowerNow, 'workedDays'>): string {
  return workedDays >= TOWER.workingDays ? 'it has worked its year' : `${Math.floor(workedDays)} of ${TOWER.workingDays} days have counted`
}

/** Litres taken so far. */
export const takenL = ({ takings }: Pick<HeapLog, 'takings'>): number =>
  takings.flatMap(({ products }) => products).reduce((sum, { amount }) => sum + amountVolumeL(amount), 0)

/** A tower on a day since its loading, today where none is given; nothing while nothing known is in it. */
export function towerOn(log: HeapLog, surroundings: Surroundings, day?: number): TowerNow | undefined {
  const middle = middleCourse(log, surroundings)
  if (!middle) return undefined
  const { course, question } = middle
  const wanted = Math.min(question.horizonDay, day ?? question.nowDay)
  const at = nearest(course.days, wanted)
  let [workedDays, frozenDays, dryDays, before] = [0, 0, 0, 0]
  for (let i = 0; i <= at; i++) {
    const length = course.days[i]! - before
    before = course.days[i]!
    if (works(course.coreC[i]!, course.moisture[i]!)) workedDays += length
    else if (course.moisture[i]! < 0.5) dryDays += length
    else frozenDays += length
  }
  const builtL = question.charge.volumeL
  const volumeL = Math.max(0, course.volumeShare[at]! * builtL - takenL(log))
  const { rapidKg, mediumKg, slowKg, restKg } = question.charge
  const dryInKg = rapidKg + mediumKg + slowKg + restKg
  return {
    day: wanted,
    coreC: course.coreC[at]!,
    moisture: course.moisture[at]!,
    volumeL,
    heightM: volumeL / 1000 / question.standing.footprintM2,
    builtL,
    usedShare: course.used[at]!,
    workedDays,
    frozenDays,
    dryDays,
    dryKg: dryInKg - course.used[at]! * (dryInKg - restKg),
  }
}

/** Whether worms may go in: three days below 30 °C, by what was read, else by the warmer end of what is expected. */
export function wormsGate(
  log: HeapLog, surroundings: Surroundings,
): { readonly open: boolean, readonly warmC: number, readonly basis: 'read' | 'expected' } {
  const { now } = surroundings
  const lately = log.readings.filter(({ at, coreC }) => coreC !== undefined && daysBetween(at, now) <= TOWER.warmDays + 4)
  const warmest = highest(lately.filter(({ at }) => daysBetween(at, now) <= TOWER.warmDays).map(({ coreC }) => coreC!))
  const [first, last] = [lately[0], lately.at(-1)]
  // Cool at both ends of three days, and at no reading between.
  const coolRead
    = first
      && last
      && last.coreC! < TOWER.wormsBelowC
      && warmest < TOWER.wormsBelowC
      && lately.some(({ at, coreC }) => coreC! < TOWER.wormsBelowC && daysBetween(at, now) >= TOWER.warmDays - 0.25)
  if (coolRead) return { open: true, warmC: last.coreC!, basis: 'read' }
  if (last && (last.coreC! >= TOWER.wormsBelowC || warmest >= TOWER.wormsBelowC))
    return { open: false, warmC: Math.max(last.coreC!, warmest), basis: 'read' }
  const middle = middleCourse(log, surroundings)
  if (!middle) return { open: false, warmC: TOWER.wormsBelowC, basis: 'expected' }
  const band = surroundings.forecastOf?.(log.id)
  const [days, row] = band ? [band.days, band.series.coreC!.high] : [middle.course.days, middle.course.coreC]
  const today = middle.question.nowDay
  let warmC = -Infinity
  days.forEach((day, at) => { if (day <= today + 1e-6 && day >= today - TOWER.warmDays) warmC = Math.max(warmC, row[at]!) })
  // Without a band a few kelvin are kept in hand.
  const inHand = band ? 0 : 4
  return { open: today >= TOWER.warmDays + 4 && warmC + inHand < TOWER.wormsBelowC, warmC, basis: 'expected' }
}
