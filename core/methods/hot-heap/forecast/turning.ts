import type { TurningHabit } from '../../../heat/course'
import { coreC } from '../../../heat/heap'
import { TOO_HOT_C, WORKING_K } from '../limits'
import type { TurningRule } from '../approaches'

/** Fallen so far from its peak, it is worth turning; and not again before so many days. */
const FALLEN_K = 6
const REST_DAYS = 4
/** Worth turning only if it was really warm. */
const WORTH_C = 45

/** How an approach turns a heap from now on, if it is turned as it is asked. */
export function habitOf(rule: TurningRule): TurningHabit {
  let lastDay = 0
  let turnsSeen = 0
  let peakC = 0
  return {
    turnsToday(heap, airC, turnsSoFar) {
      const core = coreC(heap)
      if (turnsSoFar !== turnsSeen) {
        turnsSeen = turnsSoFar
        lastDay = heap.day
        peakC = 0
      }
      peakC = Math.max(peakC, core)
      if (turnsSoFar >= rule.most || core - airC < WORKING_K) return false
      if (rule.kind === 'every') return heap.day - lastDay >= rule.days[0]
      return core > TOO_HOT_C ? heap.day - lastDay >= 1 : heap.day - lastDay >= REST_DAYS && peakC >= WORTH_C && peakC - core >= FALLEN_K
    },
  }
}
