import type { TurningHabit, Watering } from '../../heat/case'
import { coreC } from '../../heat/heap'
import { RIPE } from '../../heat/ripe'
import { HEATED } from './constants'

/** Days as the earliest and the latest that is usual. */
export type DaySpan = readonly [earliest: number, latest: number]

/** When a heap is turned, if at all: as long as turns bring heat back, and no more often than so many times. */
export type TurningRule
  = | {
    readonly kind: 'every'
    readonly days: DaySpan
    readonly most: number
    /** After so many turns it goes on at another rhythm. */
    readonly then?: { readonly after: number, readonly days: DaySpan }
    /** Turned then, warm or not: the last time before it cures. */
    readonly anyway?: boolean
  }
  | { readonly kind: 'by-heat', readonly most: number }
  | { readonly kind: 'never' }

/** How a heap stands when it is asked whether to turn it. */
interface Warmth {
  readonly coreC: number
  readonly airC: number
  readonly peakC: number
  readonly sinceDays: number
  readonly turns: number
}

/** Fallen from a peak that was hot; or, later on, from one that still was warm: that last one brings its outside in before it cures. */
function hasFallen({ coreC, airC, peakC, sinceDays, turns }: Warmth): boolean {
  // However little it warms, nothing is left raw outside for good.
  if (turns < HEATED.turnLate.atLeast && sinceDays >= HEATED.turnLate.anywayDays) return true
  if (coreC > HEATED.tooHotC) return sinceDays >= 1
  if (peakC >= HEATED.turnWorthC) return sinceDays >= HEATED.turnRestDays && peakC - coreC >= HEATED.turnFallenK
  return sinceDays >= HEATED.turnLate.restDays
    && peakC - airC >= RIPE.reheatsK
    && peakC - coreC >= HEATED.turnLate.fallenShare * (peakC - airC)
}

/** Days from one turn to the next, by rhythm. */
export function rhythmOf({ days, then }: Extract<TurningRule, { readonly kind: 'every' }>, turnsSoFar: number): DaySpan {
  return then && turnsSoFar >= then.after ? then.days : days
}

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
      if (rule.kind === 'never' || turnsSoFar >= rule.most) return false
      const sinceDays = day - memory.lastDay
      if (rule.kind === 'by-heat') return hasFallen({ coreC: core, airC, peakC: memory.peakC, sinceDays, turns: turnsSoFar })
      return sinceDays >= rhythmOf(rule, turnsSoFar)[0] && (rule.anyway === true || core - airC >= HEATED.workingK)
    },
  }
}
