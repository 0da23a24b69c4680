import { normalShare } from '../../statistics/normal'
import { addDays, addMinutes } from 'date-fns'
import { daysBetween } from '../../units/time'
import { placeCFrom, type Surroundings } from '../contract'
import { soakDayCounts, usualDays } from './course'
import { placeFor } from './question'
import { logSpread } from './spread'
import type { ChargeWay } from './ways'
import { CHARGE } from './constants'
import { Z80 } from '../../statistics/counts'

/** When a way that is begun now is through, and how likely by a day. */
export interface Deadline {
  readonly from: Date
  readonly to: Date
  /** Beyond what was looked at. */
  readonly orLater: boolean
  /** Chance that it is charged and dry by a day, 0 to 1. */
  readonly by: (day: Date) => number
}

/**
 * Charging and drying of a way that is begun now: warmth of the place by the usual weather, pace as practice varies. @param
 * waterDays that the water stands first.
 */
export function deadlineOf(way: ChargeWay, sizeTimes: number, stands: unknown, waterDays: number, surroundings: Surroundings): Deadline {
  const { now } = surroundings
  const placeC = way.q10 === 1 ? [] : placeCFrom(now, CHARGE.chanceDays, placeFor(way, stands), surroundings)
  const counts = (quarter: number) => way.q10 === 1 ? 0.25 : 0.25 * soakDayCounts(placeC[quarter] ?? placeC.at(-1) ?? 18, way.q10)
  const { typical } = usualDays(way, sizeTimes)
  const spread = logSpread(way)
  const begins = Math.ceil(waterDays * 4)
  /** Days that count, from when the char is in until a day from now. */
  const countedBy = (day: number) => {
    let sum = 0
    for (let quarter = begins; quarter < Math.min(CHARGE.chanceDays, day) * 4; quarter++) sum += counts(quarter)
    return sum
  }
  const dayOf = (wanted: number) => {
    let sum = 0
    for (let quarter = begins; quarter < CHARGE.chanceDays * 4; quarter++) {
      sum += counts(quarter)
      if (sum >= wanted) return (quarter + 1) / 4
    }
    return CHARGE.chanceDays
  }
  const [low, high] = [dayOf(typical * Math.exp(-Z80 * spread)), dayOf(typical * Math.exp(Z80 * spread))]
  const on = (day: number) => addMinutes(addDays(now, Math.floor(day + way.driesDays)), Math.round((day % 1) * 1440))
  return {
    from: on(low), to: on(high), orLater: high >= CHARGE.chanceDays,
    by: (day) => {
      const counted = countedBy(daysBetween(now, day) - way.driesDays)
      return counted > 0 ? normalShare(Math.log(counted / typical) / spread) : 0
    },
  }
}

/** A chance as it is said. */
export function chanceText(chance: number): string {
  if (chance >= 0.95) return 'as good as sure'
  if (chance >= 0.15) return `about ${Math.max(2, Math.round(chance * 10))} in 10`
  return 'too late'
}
