import type { StampedFinding } from './fit'
import type { DayWindow, WindowMove } from './forecast'
import { weightedQuantiles } from './weights'

/** Shares of what is possible by which a window begins, has its middle, and ends. */
export const WINDOW_SHARES = [0.1, 0.5, 0.9] as const

/** Makes windows of the days on which each member comes so far, by weights. */
export function windowBy(days: readonly number[]): (weights: Float64Array) => DayWindow {
  return (weights) => {
    const [low, typical, high] = weightedQuantiles(days, weights, WINDOW_SHARES) as [number, number, number]
    return { low, typical, high }
  }
}

/** How much wider than possible courses come one side of a window is told: at the start, and where much was found. */
interface SideWidening { readonly start: number, readonly end: number }

/** Both sides of a window, and after how many findings what holds at the start has faded to a third. */
export interface Widening {
  readonly early: SideWidening
  readonly late: SideWidening
  readonly foundTimes: number
  /** No end is told wider than so many times the middle. */
  readonly endTimes: number
}

/**
 * A window as much wider as heaps of other laws have come beside it: in proportion, so that nothing comes before the beginning. Its
 * middle stays.
 * @param found how many things were found. @param horizonDay no end that lay within it is told beyond it.
 */
export function widened({ low, typical, high }: DayWindow, found: number, horizonDay: number, widening: Widening): DayWindow {
  const { early, late, foundTimes, endTimes } = widening
  const fresh = Math.exp(-found / foundTimes)
  const out = (day: number, { start, end }: SideWidening) =>
    typical > 0 && day > 0 ? typical * (day / typical) ** (end + (start - end) * fresh) : day
  return { low: out(low, early), typical, high: Math.max(high, Math.min(horizonDay, endTimes * typical, out(high, late))) }
}

/** A window moved to another middle. */
const around = ({ low, typical, high }: DayWindow, middle: number): DayWindow =>
  ({ low: low + middle - typical, typical: middle, high: high + middle - typical })

/**
 * The window after each thing that was recorded, one move an event: from the first window to that of now.
 * @param weighed the window by all courses, weighed by the first so many findings.
 * @param middleDay the day of the course in the middle that knows the first so many alone; without it, courses do not take looks in.
 */
export function movesOf(
  findings: readonly StampedFinding[], first: DayWindow, now: DayWindow, weighed: (count: number) => DayWindow,
  middleDay?: (count: number) => number,
): WindowMove[] {
  const whole = findings.length
  // The middle of all is not the day of the middle: what lies between is shared out from the first window to the last.
  const [besideFirst, besideNow] = middleDay && whole > 0 ? [first.typical - middleDay(0), now.typical - middleDay(whole)] : [0, 0]
  let before = first
  return findings.flatMap(({ eventId, at }, index): WindowMove[] => {
    if (findings[index + 1]?.eventId === eventId) return []
    const count = index + 1
    const middle = middleDay && middleDay(count) + besideFirst + (besideNow - besideFirst) * count / whole
    const after = count === whole ? now : middle === undefined ? weighed(count) : around(weighed(count), middle)
    const movedDays = after.typical - before.typical
    before = after
    return [{ eventId, at, window: after, movedDays }]
  })
}

/** The middle of weighted points. */
export function middleOf(points: readonly Float64Array[], weights: Float64Array): Float64Array {
  const middle = new Float64Array(points[0]?.length ?? 0)
  points.forEach((point, index) => {
    for (let i = 0; i < middle.length; i++) middle[i]! += weights[index]! * point[i]!
  })
  return middle
}
