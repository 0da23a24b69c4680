import { foresee, timesEvery } from '../../learning/foresee'
import type { Forecast } from '../../learning/forecast'
import type { Progress } from '../../learning/learn'
import type { BegunBatch } from '../../journal/garden'
import { countedAt, countedDays } from '../../warmth/day-counts'
import { keptFor, type Surroundings } from '../contract'
import { questionOf, type SheetQuestion } from './question'
import { sheetWayOf } from './ways'

const Z80 = 1.2816
/** Pace, and the weather of the months to come. */
const DIMENSIONS = 2
const WEATHER_K = 1
const MEMBERS = 300
const MOST_ROUNDS = 4
const EVERY_DAYS = 3

const timesOf = (question: Pick<SheetQuestion, 'horizonDay' | 'findings' | 'nowDay'>) => timesEvery(EVERY_DAYS, question)

/** How far it is at each of the times: 1 when it is through, on beyond it. */
export function spentAt(
  { wayId, wants, airC, horizonDay }: Pick<SheetQuestion, 'wayId' | 'wants' | 'airC' | 'horizonDay'>, point: ArrayLike<number>,
  times: Float64Array,
): Float32Array {
  const { counts } = sheetWayOf(wayId)
  const wanted = wants.typical * Math.exp(Math.log(wants.high / wants.low) / (2 * Z80) * (point[0] ?? 0))
  const airOn = (day: number) => airC[Math.min(day, airC.length - 1)] ?? 10
  const sums = countedDays(horizonDay + 1, day => counts(airOn(day) + WEATHER_K * (point[1] ?? 0)))
  return Float32Array.from(times, time => countedAt(sums, time) / wanted)
}

/** The day on which it is through, between the times; the last where it is not. */
export function throughDay(times: Float64Array, spent: Float32Array): number {
  const at = spent.findIndex(one => one >= 1)
  if (at <= 0) return at === 0 ? times[0]! : times.at(-1) ?? 0
  return times[at - 1]! + (times[at]! - times[at - 1]!) * (1 - spent[at - 1]!) / (spent[at]! - spent[at - 1]!)
}

/** When a sheet will be through, learnt from looks under its corner. A generator: it can be stopped between members. */
export function answerOf(question: SheetQuestion): Generator<Progress, Forecast> {
  const { findings, horizonDay, seed } = question
  const times = timesOf(question)
  return foresee<{ readonly spent: Float32Array }, 'spent'>({
    times, horizonDay, seed, findings, dimensions: DIMENSIONS, members: MEMBERS, mostRounds: MOST_ROUNDS,
    run: point => ({ spent: spentAt(question, point, times) }), row: ({ spent }) => spent,
    bands: { spent: 'spent' }, bandsAtStart: { spentAtStart: 'spent' },
    windows: { through: ({ spent }) => throughDay(times, spent) },
  })
}

/** One course in the middle of what is possible, with its question. */
export interface Middle { readonly question: SheetQuestion, readonly days: Float64Array, readonly spent: Float32Array }

const kept = keptFor((batch, surroundings, forecast): Middle => {
  const question = questionOf(batch, surroundings)
  const days = timesOf(question)
  return { question, days, spent: spentAt(question, forecast?.rows.middle ?? [], days) }
})

/** Runs the middle of what is possible: of what was learnt, where there is a forecast. */
export function middleOf(batch: BegunBatch, surroundings: Surroundings): Middle {
  return kept(batch, surroundings)!
}
