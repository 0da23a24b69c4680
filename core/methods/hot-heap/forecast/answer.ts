import { courseDays, emptyCourse, runCourse, type Course } from '../../../heat/course'
import { SHELLS } from '../../../heat/heap'
import { traitsAt, TRAIT_NAMES } from '../../../heat/traits'
import { logFit } from '../../../learning/fit'
import type { Band, DayWindow, Forecast, WindowMove } from '../../../learning/forecast'
import { learning, type Learnt, type Progress } from '../../../learning/learn'
import { weightedQuantiles } from '../../../learning/weights'
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

const WINDOW_SHARES = [0.1, 0.5, 0.9] as const
/** Bands are read off so many members drawn by weight. */
const BAND_MEMBERS = 200

/** The times of all courses of a question: the usual ones and each moment at which something was found. */
function timesOf({ horizonDay, findings }: HeapQuestion): Float64Array {
  const found = findings.map(({ finding }) => Math.min(horizonDay, finding.day))
  return Float64Array.from(new Set([...courseDays(horizonDay), ...found])).sort()
}

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
  const now = drawnByWeight(weights)
  const start = drawnByWeight(learnt.weightsAfter(0))
  const readyDays = kept.map(({ readyDay }) => readyDay)
  const window = (given: Float64Array): DayWindow => {
    const [low, typical, high] = weightedQuantiles(readyDays, given, WINDOW_SHARES) as [number, number, number]
    return { low, typical, high }
  }
  const band = (row: HeapRow, members: readonly number[], factor = 1) => bandOf(times, members.map(index => kept[index]!.rows[row]), factor)
  return {
    days: times, coreC: band('coreC', now), edgeC: band('edgeC', now), moisture: band('moisture', now),
    heightM: band('volumeShare', now, question.builtHeightM), coreAtStartC: band('coreC', start),
    shellsC: meanOf(now.map(index => kept[index]!.shellsC)), shells: SHELLS, used: meanOf(now.map(index => kept[index]!.used)),
    ready: { start: window(learnt.weightsAfter(0)), now: window(weights), moves: movesOf(question, learnt, window) },
    horizonDay: question.horizonDay, middle: middleOf(learnt.points, weights),
    members: kept.length, effective: learnt.effective, rounds: learnt.rounds,
  }
}

/** Members drawn by weight at even distances (systematic resampling): some several times, some not at all. */
function drawnByWeight(weights: Float64Array): number[] {
  const drawn: number[] = []
  let sum = 0
  for (let index = 0; index < weights.length; index++) {
    sum += weights[index]!
    while (drawn.length < BAND_MEMBERS && sum >= (drawn.length + 0.5) / BAND_MEMBERS) drawn.push(index)
  }
  return drawn
}

function bandOf(times: Float64Array, rows: readonly Float32Array[], factor: number): Band {
  const band = { low: new Float32Array(times.length), typical: new Float32Array(times.length), high: new Float32Array(times.length) }
  const column = new Float32Array(rows.length)
  const place = (share: number) => Math.min(rows.length - 1, Math.floor(share * rows.length))
  for (let at = 0; at < times.length; at++) {
    for (let i = 0; i < rows.length; i++) column[i] = rows[i]![at]!
    column.sort()
    band.low[at] = factor * column[place(0.1)]!
    band.typical[at] = factor * column[place(0.5)]!
    band.high[at] = factor * column[place(0.9)]!
  }
  return band
}

function meanOf(rows: readonly Float32Array[]): Float32Array {
  const mean = new Float32Array(rows[0]?.length ?? 0)
  for (const row of rows) {
    for (let i = 0; i < mean.length; i++) mean[i]! += row[i]! / rows.length
  }
  return mean
}

function middleOf(points: readonly Float64Array[], weights: Float64Array): Float64Array {
  const middle = new Float64Array(TRAIT_NAMES.length)
  points.forEach((point, index) => {
    for (let i = 0; i < middle.length; i++) middle[i]! += weights[index]! * point[i]!
  })
  return middle
}

/** The window after each thing that was recorded, one move an event. */
function movesOf({ findings }: HeapQuestion, learnt: Learnt, window: (weights: Float64Array) => DayWindow): WindowMove[] {
  let before = window(learnt.weightsAfter(0))
  return findings.flatMap(({ eventId, at }, index): WindowMove[] => {
    if (findings[index + 1]?.eventId === eventId) return []
    const after = window(learnt.weightsAfter(index + 1))
    const movedDays = after.typical - before.typical
    before = after
    return [{ eventId, at, window: after, movedDays }]
  })
}
