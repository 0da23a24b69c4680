import type { Surroundings } from '../contract'
import type { HeapSupposed } from '../heated/expected'
import { groundOf } from '../heated/forecast/around'
import type { HeapLog } from '../heated/heap-log'
import { heatedQuestion, type HeatedQuestion } from '../heated/question'
import { hotHeapApproach } from './approaches'
import { HOT } from './constants'

/**
 * The question a heap puts: looked after as its approach says, seen most of a year ahead and a good while beyond what that takes
 * at the latest.
 */
export function questionOf(batch: HeapLog, surroundings: Surroundings, supposed: readonly HeapSupposed[] = []): HeatedQuestion | undefined {
  const { turning, hotDays, coolingDays, curingDays } = hotHeapApproach(batch.built.approachId)
  const latest = hotDays[1] + coolingDays[1] + curingDays[1]
  return heatedQuestion(batch, surroundings, {
    turning, watering: HOT.watering, workingDays: 0, ground: groundOf,
    horizonDay: nowDay => Math.ceil(Math.max(nowDay + 60, Math.min(760, Math.max(420, 1.8 * latest, nowDay + 240)))),
  }, supposed)
}
