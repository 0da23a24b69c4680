import { bandOf, BAND_MEMBERS, drawnByWeight } from '../../learning/bands'
import { logFit } from '../../learning/fit'
import type { Forecast } from '../../learning/forecast'
import { learning, type Progress } from '../../learning/learn'
import { middleOf, movesOf, windowBy } from '../../learning/windows'
import { seededRandom } from '../../random/random'
import { keptFor } from '../contract'
import { dayAt, runBrew, USUAL_BREADTH, type BrewCourse, type BrewTraits } from './course'
import { kindOf } from './kinds'
import { questionOf, type BrewQuestion, type BrewRow } from './question'

const DIMENSIONS = 5
/**
 * What is uncertain, as standard normals: days, Q10, warmth of the place, foam, its breadth. Days vary by about a quarter: D20
 * of 4 to 5 and more between buckets.
 */
const SPREAD = { slower: 0.25, q10: 0.15, warmerK: 1.5, foam: 0.45, breadth: 0.2 }
const MEMBERS = 300
const MOST_ROUNDS = 4

/** The traits of a possible brew. */
export function traitsAt(point: ArrayLike<number>, q10: number): BrewTraits {
  const at = (index: number) => point[index] ?? 0
  return {
    slower: Math.exp(SPREAD.slower * at(0)), q10: Math.max(1.3, q10 + SPREAD.q10 * at(1)), warmerK: SPREAD.warmerK * at(2),
    foam: Math.exp(SPREAD.foam * at(3)), breadth: USUAL_BREADTH * Math.exp(SPREAD.breadth * at(4)),
  }
}

/** Six-hourly for quick ones, at least a hundred times, and whenever something was found. */
export function timesOf({ horizonDay, findings, nowDay }: Pick<BrewQuestion, 'horizonDay' | 'findings' | 'nowDay'>): Float64Array {
  const step = Math.min(0.5, horizonDay / 120)
  const regular = Array.from({ length: Math.floor(horizonDay / step) + 1 }, (_, index) => index * step)
  return Float64Array.from(
    new Set([...regular, Math.min(horizonDay, nowDay), horizonDay, ...findings.map(({ finding }) => Math.min(horizonDay, finding.day))]),
  ).sort()
}

/** What a brew will do, learnt from its foam and its warmth. A generator: it can be stopped between members. */
export function* answerOf(question: BrewQuestion): Generator<Progress, Forecast> {
  const kind = kindOf(question.kindId)
  const times = timesOf(question)
  const places = question.findings.map(({ finding }) => times.indexOf(Math.min(question.horizonDay, finding.day)))
  const kept: BrewCourse[] = []
  const learnt = yield* learning({
    dimensions: DIMENSIONS,
    members: MEMBERS,
    mostRounds: question.findings.length > 0 ? MOST_ROUNDS : 1,
    random: seededRandom(question.seed),
    run: (point) => {
      const course = runBrew(kind, question.placeC, traitsAt(point, kind.q10), times)
      kept.push(course)
      return question.findings.map(({ finding }, index) => logFit(finding, course[finding.row][places[index]!]!))
    },
  })
  const weights = learnt.weightsAfter(Infinity)
  const [now, start] = [drawnByWeight(weights, BAND_MEMBERS), drawnByWeight(learnt.weightsAfter(0), BAND_MEMBERS)]
  const band = (row: BrewRow | 'progress', members: readonly number[]) => bandOf(times, members.map(index => kept[index]![row]), 1)
  const window = (progress: number) => {
    const by = windowBy(kept.map(course => dayAt(course, progress)))
    return { start: by(learnt.weightsAfter(0)), now: by(weights), moves: movesOf(question.findings, learnt, by) }
  }
  return {
    days: times, series: { foamM: band('foamM', now), foamAtStartM: band('foamM', start), progress: band('progress', now) },
    rows: { middle: middleOf(learnt.points, weights) },
    windows: { height: window(1), from: window(kind.use.from), until: window(kind.use.until) },
    horizonDay: question.horizonDay, members: kept.length, effective: learnt.effective, rounds: learnt.rounds,
  }
}

/** One course of a brew in the middle of what is possible. */
export interface Middle {
  readonly question: BrewQuestion
  readonly course: BrewCourse
}

/** Runs the brew in the middle of what is possible: of what was learnt, where there is a forecast. */
export const middleCourse = keptFor((batch, around, forecast): Middle => {
  const question = questionOf(batch, around)
  const kind = kindOf(question.kindId)
  return { question, course: runBrew(kind, question.placeC, traitsAt(forecast?.rows.middle ?? [], kind.q10), timesOf(question)) }
})
