import type { Charge } from '../../heat/charge'
import type { Surroundings } from '../contract'
import type { HeapSupposed } from '../heated/expected'
import type { HeapLog } from '../heated/heap-log'
import { heatedQuestion, type HeatedQuestion } from '../heated/question'
import { groundOf, openShareOf } from './sites'
import { TOWER } from './constants'

const WATERING = { to: TOWER.moist.target, ...TOWER.watering }

/** A charge with what is fresh in it. */
export function freshened(charge: Charge, carbonToNitrogen: number): Charge {
  const share
    = TOWER.fresh.share
      * Math.min(1, Math.max(0, (TOWER.fresh.noneAbove - carbonToNitrogen) / (TOWER.fresh.noneAbove - TOWER.fresh.allBelow)))
  const moves = charge.slowKg * share
  const slowKg = (charge.slowKg - moves) * TOWER.slowly
  return {
    ...charge,
    slowKg,
    restKg: charge.restKg + charge.slowKg - moves - slowKg,
    rapidKg: charge.rapidKg + moves * TOWER.fresh.rapid,
    mediumKg: charge.mediumKg + moves * (1 - TOWER.fresh.rapid),
    carbonKg: charge.carbonKg + TOWER.carbonKgKg * moves, nitrogenKg: charge.nitrogenKg + TOWER.carbonKgKg * moves / TOWER.freshRatio,
  }
}

/** The question a tower puts: never turned, watered each week, seen until it has worked a year. */
export function questionOf(log: HeapLog, surroundings: Surroundings, supposed: readonly HeapSupposed[] = []): HeatedQuestion | undefined {
  return heatedQuestion(log, surroundings, {
    turning: { kind: 'never' },
    watering: WATERING,
    workingDays: TOWER.workingDays,
    ripeAt: TOWER.ripeAt,
    ground: () => groundOf(log.began.site),
    openShare: openShareOf(log.began.answers),
    charge: freshened,
    strays: TOWER.strays,
    coolBelowC: TOWER.wormsBelowC,
    horizonDay: nowDay => Math.ceil(Math.min(TOWER.horizon.most, Math.max(TOWER.horizon.least, nowDay + TOWER.horizon.beyondNow))),
  }, supposed)
}
