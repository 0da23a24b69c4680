import { foresee, timesEvery } from '../../learning/foresee'
import type { Forecast } from '../../learning/forecast'
import type { Progress } from '../../learning/learn'
import type { BegunBatch } from '../../journal/garden'
import { keptFor, type Surroundings } from '../contract'
import { chargedAt, dayCharged } from './course'
import { A_START, ENOUGH } from '../../materials/char-state'
import { questionOf, type ChargeQuestion } from './question'
import { DIMENSIONS, traitsAt } from './spread'

const MEMBERS = 300
const MOST_ROUNDS = 4
/** Quick ones are looked at by the hour, slow ones by the day. */
const STEPS = 160

/** The times of a forecast. */
export const timesOf = (question: Pick<ChargeQuestion, 'horizonDay' | 'findings' | 'nowDay'>): Float64Array =>
  timesEvery(question.horizonDay / STEPS, question)

interface Course { readonly charged: Float32Array }

/** How char will be charged, learnt from what floats, bubbles and smells. A generator: it can be stopped between members. */
export function answerOf(question: ChargeQuestion): Generator<Progress, Forecast> {
  const { findings, horizonDay, seed } = question
  const times = timesOf(question)
  return foresee<Course, 'charged'>({
    times, horizonDay, seed, findings, dimensions: DIMENSIONS, members: MEMBERS, mostRounds: MOST_ROUNDS,
    run: point => ({ charged: chargedAt(question, traitsAt(point, question.way), times) }), row: course => course.charged,
    bands: { charged: 'charged' }, bandsAtStart: { chargedAtStart: 'charged' },
    windows: { start: ({ charged }) => dayCharged(times, charged, A_START), charged: ({ charged }) => dayCharged(times, charged, ENOUGH) },
  })
}

/** One course in the middle of what is possible, with its question. */
export interface Middle { readonly question: ChargeQuestion, readonly days: Float64Array, readonly charged: Float32Array }

const kept = keptFor((batch, surroundings, forecast): Middle => {
  const question = questionOf(batch, surroundings)
  const days = timesOf(question)
  return { question, days, charged: chargedAt(question, traitsAt(forecast?.rows.middle ?? [], question.way), days) }
})

/** Runs the middle of what is possible: of what was learnt, where there is a forecast. */
export function middleOf(batch: BegunBatch, surroundings: Surroundings): Middle {
  return kept(batch, surroundings)!
}

/** How far it is charged on a day, 0 to 1. */
export function chargedOn({ days, charged }: Pick<Middle, 'days' | 'charged'>, day: number): number {
  const at = days.findIndex(one => one >= day - 1e-9)
  return charged[at < 0 ? charged.length - 1 : at] ?? 0
}
