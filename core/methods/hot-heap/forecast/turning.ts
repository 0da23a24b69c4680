import type { TurningHabit } from '../../../heat/course'
import { coreC } from '../../../heat/heap'
import { TOO_HOT_C, WORKING_K } from '../limits'
import type { TurningRule } from '../approaches'

/** Fallen so far from its peak, it is worth turning; and not again before so many days. */
const FALLEN_K = 6
const REST_DAYS = 4
/** Worth turning only if it was really warm. */
const WORTH_C = 45

/** How an approach looks after a heap from now on, if it is turned as it asks and watered when a squeeze shows that it is dry. */
export function habitOf(rule: TurningRule): TurningHabit {
  return {
    watered: true,
    turnsToday(heap, airC, turnsSoFar, memory) {
      const core = coreC(heap)
      const { day } = heap.whole
      if (turnsSoFar !== memory.turnsSeen) {
        memory.turnsSeen = turnsSoFar
        memory.lastDay = day
        memory.peakC = 0
      }
      memory.peakC = Math.max(memory.peakC, core)
      if (turnsSoFar >= rule.most || core - airC < WORKING_K) return false
      const since = day - memory.lastDay
      if (rule.kind === 'every') return since >= rule.days[0]
      return core > TOO_HOT_C ? since >= 1 : since >= REST_DAYS && memory.peakC >= WORTH_C && memory.peakC - core >= FALLEN_K
    },
  }
}
