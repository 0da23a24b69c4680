import type { Surroundings } from '../contract'
import type { HeapSupposed } from '../heated/expected'
import { groundOf } from '../heated/forecast/around'
import type { HeapLog } from '../heated/heap-log'
import { heatedQuestion, type HeatedQuestion } from '../heated/question'
import { hotHeapApproach } from './approaches'

/** Felt each week, it is watered up to a wrung sponge when it has become too dry. */
const WATERING = { everyDays: 7, below: 0.45, belowWhenTurned: 0.52, to: 0.55 }

/**
 * The question a heap puts: looked after as its approach says, seen most of a year ahead and a good while beyond what that takes
 * at the latest.
 */
export function questionOf(batch: HeapLog, surroundings: Surroundings, supposed: readonly HeapSupposed[] = []): HeatedQuestion | undefined {
  const { turning, hotDays, coolingDays, curingDays } = hotHeapApproach(batch.built.approachId)
  const latest = hotDays[1] + coolingDays[1] + curingDays[1]
  return heatedQuestion(batch, surroundings, {
    turning, watering: WATERING, workingDays: 0, ground: groundOf,
    horizonDay: nowDay => Math.ceil(Math.min(760, Math.max(420, 1.8 * latest, nowDay + 240))),
  }, supposed)
}
