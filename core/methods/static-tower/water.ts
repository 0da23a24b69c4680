import { daysBetween } from '../../units/time'
import type { Surroundings } from '../contract'
import type { HeapLog } from '../heated/heap-log'
import { towerOn, type TowerNow } from './now'
import { dryZones } from './looking'
import { middleCourse } from './expect'
import { TOWER } from './constants'

/** Litres that bring a tower to what it likes, from a moisture. */
export function litresTo({ dryKg }: Pick<TowerNow, 'dryKg'>, from: number, to: number = TOWER.moist.target): number {
  return Math.max(0, dryKg * (to / (1 - to) - from / (1 - from)))
}

/** Water a tower wants now, litres, and why. */
export interface WaterWanted { readonly litres: number, readonly dryZones: readonly string[], readonly moisture: number }

/** What it wants to reach 70 %: by the zones that were felt dry, else by the weather. */
export function waterWanted(log: HeapLog, surroundings: Surroundings): WaterWanted | undefined {
  const tower = towerOn(log, surroundings)
  if (!tower) return undefined
  const zones = dryZones(log, surroundings.now)
  const byZones = zones.length * TOWER.zoneShare * litresTo(tower, TOWER.feltDry)
  const byModel = tower.moisture < TOWER.moist.low ? litresTo(tower, tower.moisture) : 0
  return { litres: Math.max(byZones, byModel), dryZones: zones.map(({ name }) => name), moisture: tower.moisture }
}

/** Litres that a week takes in the weeks to come, by the weather as it usually is: what dries less what rains in. */
export function weeklyLitres(log: HeapLog, surroundings: Surroundings): number {
  const middle = middleCourse(log, surroundings)
  const tower = towerOn(log, surroundings)
  if (!middle || !tower) return 0
  const { course, question } = middle
  const ahead = course.habitWaterings.filter(({ day }) => day > question.nowDay && day <= question.nowDay + TOWER.looksAheadDays)
  const poured = ahead.reduce((sum, { litres }) => sum + litres, 0)
  return poured / TOWER.looksAheadDays * 7
}

/** Days since it was last watered or loaded. */
export function sinceWatered({ waterings, built }: HeapLog, now: Date): number {
  return daysBetween(waterings.at(-1)?.at ?? built.at, now)
}
