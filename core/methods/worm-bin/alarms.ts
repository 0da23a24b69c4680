import { addDays } from 'date-fns'
import type { BegunBatch } from '../../journal/garden'
import type { Surroundings } from '../contract'
import { middleOf } from './forecast'
import { binOn } from './now'
import { airAround, type WormKind, shelterOf, type Shelter } from './kinds'
import { SHELTERED, WHERE } from './words'

/** What the weather brings to a bin within two days. */
export interface Alarm {
  readonly kind: 'heat' | 'frost'
  readonly day: Date
  /** How warm or cold the bin may get, °C. */
  readonly binC: number
  readonly outsideC: number
}

/** A day's hottest hour above its mean where nothing is foretold, K. */
const USUAL_SWING_K = 6
/** It follows the air slowly: so much of a day's change comes through before the next. */
const REACHED = 0.5

/** Where a bin stands now: moved, or as it began. */
export function shelterNow({ began, did }: Pick<BegunBatch, 'began' | 'did'>): Shelter {
  const moved = did.findLast(({ deed }) => deed === SHELTERED)
  return shelterOf(moved ? moved.answers[WHERE] : began.answers[WHERE])
}

/** Warmth of a bin at the worst hour of a day, °C. */
function worstC(shelter: Shelter, binC: number, meanC: number, extremeC: number): number {
  const air = airAround(shelter, meanC) + shelter.noonShare * (extremeC - meanC) * 2
  return binC + Math.max(REACHED, shelter.throughShare * REACHED) * (air - binC)
}

const ALARM_BEFORE_K = 1

/** Heat or frost that is coming today, tomorrow or the day after, the first of them: told the day before. */
export function alarmOf(batch: BegunBatch, surroundings: Surroundings, kind: WormKind): Alarm | undefined {
  const [bin, middle] = [binOn(batch, surroundings), middleOf(batch, surroundings)]
  if (!bin || !middle || bin.wormsKg < 0.005) return undefined
  const shelter = shelterNow(batch)
  for (const ahead of [0, 1, 2]) {
    const day = addDays(surroundings.now, ahead)
    const meanC = surroundings.weather.ambientC(day)
    const told = surroundings.weather.extremesC?.(day)
    const [hot, cold] = [told?.maxC ?? meanC + USUAL_SWING_K, told?.minC ?? meanC - USUAL_SWING_K]
    const [warmest, coldest] = [worstC(shelter, bin.binC, meanC, hot), worstC(shelter, bin.binC, meanC, cold)]
    if (warmest >= kind.maxC - ALARM_BEFORE_K || airAround(shelter, meanC) >= kind.maxC - ALARM_BEFORE_K - 1)
      return { kind: 'heat', day, binC: Math.max(warmest, airAround(shelter, meanC)), outsideC: hot }
    if (coldest <= kind.diesBelowC + ALARM_BEFORE_K || (shelter.throughShare > 0.6 && cold <= kind.diesBelowC - 4))
      return { kind: 'frost', day, binC: coldest, outsideC: cold }
  }
  return undefined
}
