import type { Range } from '../units/range'
import { dayCounts } from '../warmth/day-counts'

/** What grows on the ground before it is covered: how long it lives in the dark, in counted days, and how it goes on. */
export interface GrownOver {
  readonly id: string
  readonly label: string
  readonly hint: string
  /** Days of growing warmth in the dark until it has spent what it stored, counted at 12 °C. */
  readonly darkDays: Range
  readonly says: string
}

/**
 * Soft weeds are through after two to three months, turf after a season, creeping roots outlive one cover: practice, told as counted days
 * so that a winter in frost does not count. Working values, own estimates of the ranges.
 */
export const GROWN_OVER: readonly GrownOver[] = [
  {
    id: 'turf', label: 'turf, lawn', hint: 'a season', darkDays: { low: 85, typical: 120, high: 170 },
    says: 'Turf lives off its roots for a season; what is dead by spring is crumb by summer.',
  },
  {
    id: 'soft', label: 'soft weeds', hint: 'two to three months', darkDays: { low: 40, typical: 60, high: 90 },
    says: 'Soft weeds are gone after two to three months of warmth.',
  },
  {
    id: 'creeping', label: 'couch, bindweed, ground elder', hint: 'two seasons', darkDays: { low: 230, typical: 320, high: 450 },
    says: 'Creeping roots outlive one cover: double sheets, new ones where they tear, two seasons; dig out what comes up at the edge.',
  },
  {
    id: 'bare', label: 'hardly anything', hint: 'a bed in use', darkDays: { low: 5, typical: 12, high: 25 },
    says: 'A bed that is clean already can be planted as soon as it has settled.',
  },
]

/** What is grown over, of this id, or turf. */
export function grownOverOf(id: unknown): GrownOver {
  return GROWN_OVER.find(one => one.id === id) ?? GROWN_OVER[0]!
}

/** In the cold roots rest and spend nothing; warmth makes them spend. */
const SPENDS = { fromC: 4, atC: 12, q10: 2, most: 2.2 }

/** What a day in the dark counts for. @param celsius air of the day. */
export function darkDayCounts(celsius: number): number {
  return dayCounts(celsius, SPENDS)
}

/**
 * The day on which so many have counted, between whole days; nothing where they never do. @param airC air of each day from the
 * first in the dark.
 */
export function spentDay(airC: ArrayLike<number>, wantedDays: number): number | undefined {
  let sum = 0
  for (let day = 0; day < airC.length; day++) {
    const counts = darkDayCounts(airC[day]!)
    if (counts > 0 && sum + counts >= wantedDays) return day + (wantedDays - sum) / counts
    sum += counts
  }
  return undefined
}

/** Share of what they stored that is spent after so many days, 0 to 1. */
export function spentShare(airC: ArrayLike<number>, days: number, wantedDays: number): number {
  let sum = 0
  for (let day = 0; day < Math.min(airC.length, days); day++) sum += darkDayCounts(airC[day]!) * Math.min(1, days - day)
  return Math.min(1, sum / wantedDays)
}
