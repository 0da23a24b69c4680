import type { TurningHabit, Watering } from '../../heat/case'
import { coreC } from '../../heat/heap'
import { HEATED } from './constants'

/** Days as the earliest and the latest that is usual. */
export type DaySpan = readonly [earliest: number, latest: number]

/** When a heap is turned, if at all. */
export type TurningRule
  = | { readonly kind: 'every', readonly days: DaySpan, readonly most: number }
    | { readonly kind: 'by-heat', readonly most: number }
    | { readonly kind: 'never' }

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
      if (rule.kind === 'never' || turnsSoFar >= rule.most || core - airC < HEATED.workingK) return false
      const since = day - memory.lastDay
      if (rule.kind === 'every') return since >= rule.days[0]
      return core > HEATED.tooHotC
        ? since >= 1
        : since >= HEATED.turnRestDays && memory.peakC >= HEATED.turnWorthC && memory.peakC - core >= HEATED.turnFallenK
    },
  }
}
