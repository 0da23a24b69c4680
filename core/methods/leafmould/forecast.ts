import { foresee, timesEvery } from '../../learning/foresee'
import type { Forecast } from '../../learning/forecast'
import type { Progress } from '../../learning/learn'
import { dayLeft, runCage, type CageCourse, type CageTraits } from './course'
import type { CageQuestion, CageRow } from './question'
import { GRADES, Q10 } from './rates'

/** What is uncertain, as standard normals: pace, settling, drying, weather, Q10. Spreads: own estimates from how far practice differs. */
const DIMENSIONS = 5
const SPREAD = { pace: 0.28, settling: 0.14, drying: 0.3, weatherK: 0.8, q10: 0.2 }
const MEMBERS = 240
const MOST_ROUNDS = 3
const WEEK = 7

/** The traits of a possible cage. */
export function traitsAt(point: ArrayLike<number>): CageTraits {
  const at = (index: number) => point[index] ?? 0
  return {
    pace: Math.exp(SPREAD.pace * at(0)), settling: Math.exp(SPREAD.settling * at(1)), drying: Math.exp(SPREAD.drying * at(2)),
    weatherK: SPREAD.weatherK * at(3), q10: Math.max(1.4, Q10 + SPREAD.q10 * at(4)),
  }
}

/** Once a week, and whenever something was found. */
export const timesOf = (question: Pick<CageQuestion, 'horizonDay' | 'findings' | 'nowDay'>): Float64Array => timesEvery(WEEK, question)

/** The day of the last fill: a grade is reached after it. */
export function lastFillDay({ fills }: Pick<CageQuestion, 'fills'>): number {
  return fills.at(-1)?.day ?? 0
}

/** What a cage will do, learnt from everything found of it. A generator: it can be stopped between members. */
export function answerOf(question: CageQuestion): Generator<Progress, Forecast> {
  const { findings, horizonDay, seed } = question
  const times = timesOf(question)
  const from = lastFillDay(question)
  return foresee<CageCourse, CageRow>({
    times, horizonDay, seed, findings, dimensions: DIMENSIONS, members: MEMBERS, mostRounds: MOST_ROUNDS,
    run: point => runCage(question, traitsAt(point), times), row: (course, row) => course[row],
    bands: { left: 'left', volumeL: 'volumeL', moisture: 'moisture' }, bandsAtStart: { leftAtStart: 'left' },
    windows: Object.fromEntries(GRADES.map(({ id, massLeft }) => [id, (course: CageCourse) => dayLeft(course, massLeft, from)])),
  })
}
