import { courseDays, emptyCourse, runCourse, type Course } from '../../../heat/course'
import { traitsAt, TRAIT_NAMES } from '../../../heat/traits'
import { logFit } from '../../../learning/fit'
import { bandOf, BAND_MEMBERS, drawnByWeight, meanOf } from '../../../learning/bands'
import type { Forecast } from '../../../learning/forecast'
import { learning, type Learnt, type Progress } from '../../../learning/learn'
import { middleOf, movesOf, windowBy } from '../../../learning/windows'
import { seededRandom } from '../../../random/random'
import type { HeapRow } from './findings'
import { caseOf, type HeapQuestion } from './question'
import { readyDayOf } from './ready-day'

/** How much work a forecast may be. */
export interface Effort {
  readonly members: number
  readonly mostRounds: number
}
export const FULL_EFFORT: Effort = { members: 400, mostRounds: 4 }

/** The times of all courses of a question: the usual ones and each moment at which something was found. */
function timesOf({ horizonDay, findings }: HeapQuestion): Float64Array {
  const found = findings.map(({ finding }) => Math.min(horizonDay, finding.day))
  return Float64Array.from(new Set([...courseDays(horizonDay), ...found])).sort()
}

/** The rows and series of a heap's forecast. */
export type HeapSeries = 'coreC' | 'edgeC' | 'heightM' | 'moisture' | 'coreAtStartC'
export type HeapRows = 'shellsC' | 'used' | 'middle'

interface Kept {
  readonly rows: Readonly<Record<HeapRow, Float32Array>>
  readonly shellsC: Float32Array
  readonly used: Float32Array
  readonly readyDay: number
}

/** Runs one member and keeps what is needed of it. */
function member(question: HeapQuestion, point: Float64Array, course: Course): Kept {
  const traits = traitsAt(point)
  runCourse(caseOf(question), traits, course)
  const { coreC, edgeC, volumeShare, moisture, shellsC } = course
  return {
    rows: { coreC: coreC.slice(), edgeC: edgeC.slice(), volumeShare: volumeShare.slice(), moisture: moisture.slice() },
    shellsC: shellsC.slice(), used: course.used.slice(), readyDay: readyDayOf(course, question, traits.weather, point),
  }
}

/** What a heap will do, learnt from everything found of it. A generator: it reports as it goes, and can be stopped between. */
export function* answerOf(question: HeapQuestion, { members, mostRounds }: Effort = FULL_EFFORT): Generator<Progress, Forecast> {
  const times = timesOf(question)
  const course = emptyCourse(times)
  const places = question.findings.map(({ finding }) => times.indexOf(Math.min(question.horizonDay, finding.day)))
  const kept: Kept[] = []
  const learnt: Learnt = yield* learning({
    dimensions: TRAIT_NAMES.length, members, mostRounds: question.findings.length > 0 ? mostRounds : 1, random: seededRandom(question.seed),
    run: (point) => {
      const one = member(question, point, course)
      kept.push(one)
      return question.findings.map(({ finding }, index) => logFit(finding, one.rows[finding.row][places[index]!]!))
    },
  })
  return toldAs(question, times, kept, learnt)
}

function toldAs(question: HeapQuestion, times: Float64Array, kept: readonly Kept[], learnt: Learnt): Forecast {
  const weights = learnt.weightsAfter(Infinity)
  const now = drawnByWeight(weights, BAND_MEMBERS)
  const start = drawnByWeight(learnt.weightsAfter(0), BAND_MEMBERS)
  const window = windowBy(kept.map(({ readyDay }) => readyDay))
  const band = (row: HeapRow, members: readonly number[], factor = 1) => bandOf(times, members.map(index => kept[index]!.rows[row]), factor)
  const series = {
    coreC: band('coreC', now), edgeC: band('edgeC', now), moisture: band('moisture', now),
    heightM: band('volumeShare', now, question.builtHeightM), coreAtStartC: band('coreC', start),
  } satisfies Record<HeapSeries, unknown>
  const rows = {
    shellsC: meanOf(now.map(index => kept[index]!.shellsC)), used: meanOf(now.map(index => kept[index]!.used)), middle: middleOf(learnt.points, weights),
  } satisfies Record<HeapRows, unknown>
  return {
    days: times, series, rows,
    windows: { ready: { start: window(learnt.weightsAfter(0)), now: window(weights), moves: movesOf(question.findings, learnt, window) } },
    horizonDay: question.horizonDay, members: kept.length, effective: learnt.effective, rounds: learnt.rounds,
  }
}
