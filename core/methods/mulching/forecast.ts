import type { BegunBatch } from '../../journal/garden'
import { foresee, timesEvery } from '../../learning/foresee'
import type { Forecast } from '../../learning/forecast'
import type { Progress } from '../../learning/learn'
import { depthsOf, thinnedDay, type MulchTraits } from '../../mulch/depth'
import { mulchKindOf, type MulchKind } from '../../mulch/kinds'
import { keptFor, type Surroundings } from '../contract'
import { questionOf, type MulchQuestion } from './question'

/** Settling, its days, what goes, how evenly it was spread, weather: own estimates beside the ranges of practice. */
const DIMENSIONS = 5
const SPREAD = { days: 0.35, even: 0.12, weatherK: 1 }
const Z80 = 1.2816
const MEMBERS = 300
const MOST_ROUNDS = 4
const STEPS = 170

const logSpread = ({ low, high }: { readonly low: number, readonly high: number }) => Math.log(high / low) / (2 * Z80)

/** The traits of one that is possible, at standard normals. */
export function traitsAt(
  point: ArrayLike<number>, { settles, settlingDays, goesYear }: Pick<MulchKind, 'settles' | 'settlingDays' | 'goesYear'>,
): MulchTraits {
  const at = (index: number) => point[index] ?? 0
  return {
    settles: Math.min(1, settles.typical * Math.exp(logSpread(settles) * at(0))),
    settlingDays: settlingDays * Math.exp(SPREAD.days * at(1)),
    goesYear: goesYear.typical * Math.exp(logSpread(goesYear) * at(2)),
    spread: Math.exp(SPREAD.even * at(3)),
    weatherK: SPREAD.weatherK * at(4),
  }
}

const timesOf = (question: Pick<MulchQuestion, 'horizonDay' | 'findings' | 'nowDay'>) =>
  timesEvery(Math.max(1, Math.round(question.horizonDay / STEPS)), question)

interface Course { readonly depthM: Float32Array }

/** How a mulch will thin, learnt from depths that were measured. A generator: it can be stopped between members. */
export function answerOf(question: MulchQuestion): Generator<Progress, Forecast> {
  const { findings, horizonDay, seed, refreshM, lastDay } = question
  const times = timesOf(question)
  const kind = mulchKindOf(question.kindId)
  return foresee<Course, 'depthM'>({
    times, horizonDay, seed, findings, dimensions: DIMENSIONS, members: MEMBERS, mostRounds: MOST_ROUNDS,
    run: point => ({ depthM: depthsOf(question.spreads, traitsAt(point, kind), question.airC, times) }), row: course => course.depthM,
    bands: { depthM: 'depthM' }, bandsAtStart: { depthAtStartM: 'depthM' },
    windows: { refresh: ({ depthM }) => thinnedDay(times, depthM, refreshM, lastDay) },
  })
}

/** One course in the middle of what is possible, with its question. */
export interface Middle {
  readonly question: MulchQuestion
  readonly days: Float64Array
  readonly depthM: Float32Array
  readonly traits: MulchTraits
}

/** Runs the middle of what is possible: of what was learnt, where there is a forecast. Nothing while nothing lies there. */
export const middleOf: (batch: BegunBatch, surroundings: Surroundings) => Middle | undefined = keptFor(
  (batch, surroundings, forecast): Middle | undefined => {
    const question = questionOf(batch, surroundings)
    if (!question) return undefined
    const days = timesOf(question)
    const traits = traitsAt(forecast?.rows.middle ?? [], mulchKindOf(question.kindId))
    return { question, days, traits, depthM: depthsOf(question.spreads, traits, question.airC, days) }
  })
