import { countedAt, countedDays } from '../../warmth/day-counts'
import { defineCourse, looksAt, onwards, type Looks } from '../course'
import { questionOf, type SheetQuestion } from './question'
import { sheetWayOf } from './ways'
import { SHEET } from './constants'
import { Z80 } from '../../statistics/counts'

/** How far it is at each of the times: 1 when it is through, on beyond it. */
export function spentAt(
  { wayId, wants, airC, horizonDay }: Pick<SheetQuestion, 'wayId' | 'wants' | 'airC' | 'horizonDay'>, point: ArrayLike<number>,
  times: Float64Array, looks: Looks<'spent'> = looksAt([]),
): Float32Array {
  const { counts } = sheetWayOf(wayId)
  const wanted = wants.typical * Math.exp(Math.log(wants.high / wants.low) / (2 * Z80) * (point[0] ?? 0))
  const airOn = (day: number) => airC[Math.min(day, airC.length - 1)] ?? 10
  const sums = countedDays(horizonDay + 1, day => counts(airOn(day) + SHEET.weatherK * (point[1] ?? 0)))
  return onwards(times, day => countedAt(sums, day) / wanted, looks)
}

/** The day on which it is through, between the times; the last where it is not. */
export function throughDay(times: Float64Array, spent: Float32Array): number {
  const at = spent.findIndex(one => one >= 1)
  if (at <= 0) return at === 0 ? times[0]! : times.at(-1) ?? 0
  return times[at - 1]! + (times[at]! - times[at - 1]!) * (1 - spent[at - 1]!) / (spent[at]! - spent[at - 1]!)
}

/** How far a sheet is, at the times of its course. */
interface SheetCourse { readonly times: Float64Array, readonly spent: Float32Array }

/** When a sheet will be through, learnt from looks under its corner, and its course in the middle of what is possible. */
export const { forecaster, answerOf, middleOf } = defineCourse<SheetQuestion, SheetCourse, 'spent', never>({
  ask: questionOf, everyDays: () => SHEET.everyDays, dimensions: 2, members: 300, mostRounds: 4,
  run: (question, point, times, looks) => ({ times, spent: spentAt(question, point, times, looks) }), row: ({ spent }) => spent,
  bands: { spent: 'spent' }, bandsAtStart: { spentAtStart: 'spent' },
  windows: () => ({ through: ({ times, spent }) => throughDay(times, spent) }),
})
