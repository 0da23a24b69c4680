import { addDays } from 'date-fns'
import type { BegunBatch } from '../../journal/garden'
import type { Surroundings } from '../contract'
import { middleOf } from './forecast'
import { binOn } from './now'
import { airAround, type WormKind, shelterOf, type Shelter } from './kinds'
import { SHELTERED, WHERE } from './words'
import { WORM } from './constants'

/** What the weather brings to a bin within two days. */
export interface Alarm {
  readonly kind: 'heat' | 'frost'
  readonly day: Date
  /** How warm or cold the bin may get, °C. */
  readonly binC: number
  readonly outsideC: number
}

/** Where a bin stands now: moved, or as it began. */
export function shelterNow({ began, did }: Pick<BegunBatch, 'began' | 'did'>): Shelter {
  const moved = did.findLast(({ deed }) => deed === SHELTERED)
  return shelterOf(moved ? moved.answers[WHERE] : began.answers[WHERE])
}

/** Warmth of a bin at the worst hour of a day, °C. */
function worstC(shelter: Shelter, binC: number, meanC: number, extremeC: number): number {
  const air = airAround(shelter, meanC) + shelter.noonShare * (extremeC - meanC) * 2
  return binC + Math.max(WORM.reached, shelter.throughShare * WORM.reached) * (air - binC)
}

/** Heat or frost that is coming today, tomorrow or the day after, the first of them: told the day before. */
export function alarmOf(batch: BegunBatch, surroundings: Surroundings, kind: WormKind): Alarm | undefined {
  const [bin, middle] = [binOn(batch, surroundings), middleOf(batch, surroundings)]
  if (!bin || !middle || bin.wormsKg < 0.005) return undefined
  const shelter = shelterNow(batch)
  for (const ahead of [0, 1, 2]) {
    const day = addDays(surroundings.now, ahead)
    const meanC = surroundings.weather.ambientC(day)
    const told = surroundings.weather.extremesC?.(day)
    const [hot, cold] = [told?.maxC ?? meanC + WORM.usualSwingK, told?.minC ?? meanC - WORM.usualSwingK]
    const [warmest, coldest] = [worstC(shelter, bin.binC, meanC, hot), worstC(shelter, bin.binC, meanC, cold)]
    if (warmest >= kind.maxC - WORM.alarmBeforeK || airAround(shelter, meanC) >= kind.maxC - WORM.alarmBeforeK - 1)
      return { kind: 'heat', day, binC: Math.max(warmest, airAround(shelter, meanC)), outsideC: hot }
    if (coldest <= kind.diesBelowC + WORM.alarmBeforeK || (shelter.throughShare > 0.6 && cold <= kind.diesBelowC - 4))
      return { kind: 'frost', day, binC: coldest, outsideC: cold }
  }
  return undefined
}
