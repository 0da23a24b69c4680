import { bandOf, BAND_MEMBERS, drawnByWeight } from '../../learning/bands'
import { logFit } from '../../learning/fit'
import type { Forecast } from '../../learning/forecast'
import { learning, type Progress } from '../../learning/learn'
import { middleOf, movesOf, windowBy } from '../../learning/windows'
import { seededRandom } from '../../random/random'
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
export function timesOf({ horizonDay, findings, nowDay }: Pick<CageQuestion, 'horizonDay' | 'findings' | 'nowDay'>): Float64Array {
  const weeks = Array.from({ length: Math.floor(horizonDay / WEEK) + 1 }, (_, week) => week * WEEK)
  return Float64Array.from(new Set([...weeks, Math.min(horizonDay, nowDay), horizonDay, ...findings.map(({ finding }) => Math.min(horizonDay, finding.day))])).sort()
}

/** The day of the last fill: a grade is reached after it. */
export function lastFillDay({ fills }: Pick<CageQuestion, 'fills'>): number {
  return fills.at(-1)?.day ?? 0
}

/** What a cage will do, learnt from everything found of it. A generator: it can be stopped between members. */
export function* answerOf(question: CageQuestion): Generator<Progress, Forecast> {
  const times = timesOf(question)
  const places = question.findings.map(({ finding }) => times.indexOf(Math.min(question.horizonDay, finding.day)))
  const kept: CageCourse[] = []
  const learnt = yield* learning({
    dimensions: DIMENSIONS, members: MEMBERS, mostRounds: question.findings.length > 0 ? MOST_ROUNDS : 1, random: seededRandom(question.seed),
    run: (point) => {
      const course = runCage(question, traitsAt(point), times)
      kept.push(course)
      return question.findings.map(({ finding }, index) => logFit(finding, course[finding.row][places[index]!]!))
    },
  })
  const weights = learnt.weightsAfter(Infinity)
  const [now, start] = [drawnByWeight(weights, BAND_MEMBERS), drawnByWeight(learnt.weightsAfter(0), BAND_MEMBERS)]
  const band = (row: CageRow, members: readonly number[], factor = 1) => bandOf(times, members.map(index => kept[index]![row]), factor)
  const from = lastFillDay(question)
  const windows = GRADES.map(({ id, massLeft }) => {
    const window = windowBy(kept.map(course => dayLeft(course, massLeft, from)))
    return [id, { start: window(learnt.weightsAfter(0)), now: window(weights), moves: movesOf(question.findings, learnt, window) }] as const
  })
  return {
    days: times,
    series: { left: band('left', now), leftAtStart: band('left', start), volumeL: band('volumeL', now), moisture: band('moisture', now) },
    rows: { middle: middleOf(learnt.points, weights) },
    windows: Object.fromEntries(windows),
    horizonDay: question.horizonDay, members: kept.length, effective: learnt.effective, rounds: learnt.rounds,
  }
}
