import type { Charge } from '../../heat/charge'
import type { Surroundings } from '../contract'
import type { HeapSupposed } from '../heated/expected'
import type { HeapLog } from '../heated/heap-log'
import { heatedQuestion, type HeatedQuestion } from '../heated/question'
import { groundOf, openShareOf } from './sites'

/** Below this worms can live in it, °C. */
export const WORMS_BELOW_C = 30

/** Felt each week, it is watered up to what a tower likes when it has become drier: 65 to 75 % water. */
export const MOIST = { low: 0.65, target: 0.7, high: 0.75 } as const
const WATERING = { everyDays: 7, below: 0.685, belowWhenTurned: 0.685, to: MOIST.target }
/** It takes its time: twelve months, frost and dry spells not counted. */
export const WORKING_DAYS = 365

/**
 * Fresh chips bring buds, bark and leaves, fallen leaves some sugar: at about 65 to 1 so much of what else goes slowly goes
 * within weeks (fitted to a warm phase in the first week, cool by week three to five), none of it in old trunk wood.
 */
const FRESH = { share: 0.15, allBelow: 70, noneAbove: 150, rapid: 0.25 }
const CARBON_KG_KG = 0.5
const FRESH_RATIO = 30

/** A charge with what is fresh in it. */
export function freshened(charge: Charge, carbonToNitrogen: number): Charge {
  const share = FRESH.share * Math.min(1, Math.max(0, (FRESH.noneAbove - carbonToNitrogen) / (FRESH.noneAbove - FRESH.allBelow)))
  const moves = charge.slowKg * share
  return {
    ...charge,
    slowKg: charge.slowKg - moves,
    rapidKg: charge.rapidKg + moves * FRESH.rapid,
    mediumKg: charge.mediumKg + moves * (1 - FRESH.rapid),
    carbonKg: charge.carbonKg + CARBON_KG_KG * moves, nitrogenKg: charge.nitrogenKg + CARBON_KG_KG * moves / FRESH_RATIO,
  }
}

/** Never turned and mild, a tower strays less from its course than a hot heap. */
const STRAYS = 0.45
const HORIZON = { least: 620, beyondNow: 420, most: 1300 }

/** The question a tower puts: never turned, watered each week, seen until it has worked a year. */
export function questionOf(log: HeapLog, surroundings: Surroundings, supposed: readonly HeapSupposed[] = []): HeatedQuestion | undefined {
  return heatedQuestion(log, surroundings, {
    turning: { kind: 'never' },
    watering: WATERING,
    workingDays: WORKING_DAYS,
    ground: () => groundOf(log.began.site),
    openShare: openShareOf(log.began.answers),
    charge: freshened,
    strays: STRAYS,
    coolBelowC: WORMS_BELOW_C,
    horizonDay: nowDay => Math.ceil(Math.min(HORIZON.most, Math.max(HORIZON.least, nowDay + HORIZON.beyondNow))),
  }, supposed)
}
