import type { StampedFinding } from './fit'
import type { DayWindow, WindowMove } from './forecast'
import type { Learnt } from './learn'
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

/** The window after each thing that was recorded, one move an event. */
export function movesOf(findings: readonly StampedFinding[], learnt: Learnt, window: (weights: Float64Array) => DayWindow): WindowMove[] {
  let before = window(learnt.weightsAfter(0))
  return findings.flatMap(({ eventId, at }, index): WindowMove[] => {
    if (findings[index + 1]?.eventId === eventId) return []
    const after = window(learnt.weightsAfter(index + 1))
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
