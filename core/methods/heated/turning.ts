import type { TurningHabit, Watering } from '../../heat/course'
import { coreC } from '../../heat/heap'
import { TOO_HOT_C, WORKING_K } from './limits'

/** Days as the earliest and the latest that is usual. */
export type DaySpan = readonly [earliest: number, latest: number]

/** When a heap is turned, if at all. */
export type TurningRule
  = | { readonly kind: 'every', readonly days: DaySpan, readonly most: number }
    | { readonly kind: 'by-heat', readonly most: number }
    | { readonly kind: 'never' }

/** Fallen so far from its peak, it is worth turning; and not again before so many days. */
const FALLEN_K = 6
const REST_DAYS = 4
/** Worth turning only if it was really warm. */
const WORTH_C = 45

/** How a heap is looked after from now on: turned by a rule, and watered when a squeeze shows that it is dry. */
export function habitOf(rule: TurningRule, watered: Watering): TurningHabit {
  return {
    watered,
    turnsToday(heap, airC, turnsSoFar, memory) {
      const core = coreC(heap)
      const { day } = heap.whole
      if (turnsSoFar !== memory.turnsSeen) {
        memory.turnsSeen = turnsSoFar
        memory.lastDay = day
        memory.peakC = 0
      }
      memory.peakC = Math.max(memory.peakC, core)
      if (rule.kind === 'never' || turnsSoFar >= rule.most || core - airC < WORKING_K) return false
      const since = day - memory.lastDay
      if (rule.kind === 'every') return since >= rule.days[0]
      return core > TOO_HOT_C ? since >= 1 : since >= REST_DAYS && memory.peakC >= WORTH_C && memory.peakC - core >= FALLEN_K
    },
  }
}
