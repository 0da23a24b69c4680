import { logFit } from '../../../learning/fit'
import { bandOf, bandOfReadings, drawnByWeight, meanOf } from '../../../learning/bands'
import { carried, fitsOf, type Carried, type Residual } from '../../../learning/discrepancy'
import type { DayWindow, Forecast, WindowCourse } from '../../../learning/forecast'
import { learning, type Learnt, type Progress } from '../../../learning/learn'
import { middleOf, movesOf, widened, WINDOW_SHARES } from '../../../learning/windows'
import { weightedQuantiles } from '../../../learning/weights'
import { seededRandom } from '../../../random/random'
import type { Course } from '../../../heat/case'
import { TRAIT_NAMES } from '../../../heat/traits'
import { goAhead, timesAhead, type Ahead } from './ahead'
import { STRAYS, straysBy, type HeapRow } from './findings'
import { pastRunner, valueAt, type Member, type PastMemory } from './members'
import type { HeatedQuestion } from '../question'
import { HEATED } from '../constants'

/** How much work a forecast may be. */
export interface Effort {
  readonly members: number
  readonly mostRounds: number
  /** Members that are drawn to go on from today: by what is known now, and by what was known at the start. */
  readonly drawn: { readonly now: number, readonly start: number }
}
export const FULL_EFFORT: Effort = { members: 150, mostRounds: 3, drawn: { now: 90, start: 40 } }

/** A share of the usual work. */
export function effortOf(share: number): Effort {
  const { members, mostRounds, drawn } = FULL_EFFORT
  const of = (count: number) => Math.ceil(share * count)
  return { members: of(members), mostRounds, drawn: { now: of(drawn.now), start: of(drawn.start) } }
}

/** A report after so many members that went on. */
const REPORTS_EVERY = 20

/** The rows and series of a heap's forecast. */
export type HeapSeries = 'coreC' | 'edgeC' | 'heightM' | 'moisture' | 'coreAtStartC'
export type HeapRows = 'shellsC' | 'used' | 'middle'

const STRAYING = Object.keys(STRAYS) as (keyof typeof STRAYS)[]

/** How far what was read lies above a member, reading by reading. */
function residualsOf({ findings }: HeatedQuestion, row: HeapRow, { course }: Member): Residual[] {
  return findings.flatMap(({ finding }) =>
    finding.kind === 'value' && finding.row === row ? [{ day: finding.day, value: finding.value - valueAt(course, row, finding.day) }] : [],
  )
}

/** How well a member fits everything found, in order. */
function fitOf(question: HeatedQuestion, member: Member): number[] {
  const straying = new Map(STRAYING.map(row => [row, fitsOf(residualsOf(question, row, member), straysBy(row, question.strays)!)]))
  const next = new Map(STRAYING.map(row => [row, 0]))
  return question.findings.map(({ finding }) => {
    const fits = straying.get(finding.row)
    if (!fits || finding.kind !== 'value') return logFit(finding, valueAt(member.course, finding.row, finding.day))
    const at = next.get(finding.row)!
    next.set(finding.row, at + 1)
    return fits[at]!
  })
}

/** What a heap will do, learnt from everything found of it. A generator: it reports as it goes, and can be stopped between. */
export function* answerOf(question: HeatedQuestion, effort: Effort = FULL_EFFORT, memory?: PastMemory): Generator<Progress, Forecast> {
  const { run, members } = pastRunner(question, memory)
  const mostRounds = question.findings.length > 0 ? effort.mostRounds : 1
  const drawn = effort.drawn.now + effort.drawn.start
  const learnt: Learnt = yield* learning({
    dimensions: TRAIT_NAMES.length, members: effort.members, mostRounds, random: seededRandom(question.seed),
    run: (point, number) => fitOf(question, run(point, number)),
  })
  const before = memory?.wentOn(question)
  const picked = pick(learnt, effort)
  const times = timesAhead(question.nowDay, question.horizonDay)
  const ahead = new Map<number, Ahead>()
  // Who is not drawn today may be drawn again tomorrow.
  const wentOn = new Map(before ?? [])
  for (const number of picked.all) {
    if (!ahead.has(number)) {
      const there = goAhead(question, members[number]!, times, before?.get(number))
      ahead.set(number, there)
      wentOn.set(number, there.on)
    }
    if (ahead.size % REPORTS_EVERY === 0) yield { done: members.length + Math.min(drawn, ahead.size), ofAtMost: members.length + drawn }
  }
  memory?.keep(question, members, wentOn)
  return told(question, members, learnt, picked, ahead)
}

/** Members drawn by what is known now and by what was known at the start, and how to weigh all of them by anything between. */
interface Picked {
  readonly now: readonly number[]
  readonly start: readonly number[]
  readonly all: readonly number[]
  /** Weights of `all` after so many things found. */
  readonly weightsAfter: (count: number) => Float64Array
}

function pick(learnt: Learnt, { drawn }: Effort): Picked {
  const [before, after] = [learnt.weightsAfter(0), learnt.weightsAfter(Infinity)]
  const now = drawnByWeight(after, drawn.now)
  const start = drawnByWeight(before, drawn.start)
  const all = [...now, ...start]
  const shareNow = drawn.now / (drawn.now + drawn.start)
  const weightsAfter = (count: number) => {
    const weights = learnt.weightsAfter(count)
    // Drawn as a mixture, so each stands for its weight over its chance to be drawn.
    const own = Float64Array.from(all, number => weights[number]! / (shareNow * after[number]! + (1 - shareNow) * before[number]! + 1e-300))
    const sum = own.reduce((total, one) => total + one, 0)
    return own.map(one => one / sum)
  }
  return { now, start, all, weightsAfter }
}

/** The day from which on a core stays below a temperature, as far as it is seen; 0 where it never reached it. */
export function coolFrom({ days, coreC }: Pick<Course, 'days' | 'coreC'>, belowC: number): number {
  const last = coreC.findLastIndex(celsius => celsius >= belowC)
  return last < 0 ? 0 : days[Math.min(days.length - 1, last + 1)]!
}

function told(
  question: HeatedQuestion, members: readonly Member[], learnt: Learnt, { now, start, all, weightsAfter }: Picked,
  ahead: ReadonlyMap<number, Ahead>,
): Forecast {
  const courseOf = (number: number) => ahead.get(number)!.course
  const days = courseOf(all[0]!).days
  const readyDays = all.map(number => ahead.get(number)!.readyDay)
  const windowOf = (of: readonly number[]) => (weights: Float64Array): DayWindow => {
    const [low, typical, high] = weightedQuantiles(of, weights, WINDOW_SHARES) as [number, number, number]
    return { low, typical, high }
  }
  const found = question.findings.length
  const courseOfWindow = (of: (weights: Float64Array) => DayWindow): WindowCourse => {
    const after = (count: number) => widened(of(weightsAfter(count)), Math.min(found, count), question.horizonDay, HEATED.widens)
    const [first, last] = [after(0), after(Infinity)]
    return { start: first, now: last, moves: movesOf(question.findings, first, last, after) }
  }
  const kept = new Map<string, Carried>()
  const carriedOf = (row: 'coreC' | 'edgeC', number: number, seen: boolean): Carried => {
    const key = `${row} ${number} ${seen}`
    const known = kept.get(key) ?? carried(seen ? residualsOf(question, row, members[number]!) : [], straysBy(row, question.strays)!)
    kept.set(key, known)
    return known
  }
  const readings = (row: 'coreC' | 'edgeC', numbers: readonly number[], seen: boolean) =>
    bandOfReadings(
      days, numbers.map(number => courseOf(number)[row]), numbers.map(number => carriedOf(row, number, seen)),
    )
  const band = (row: 'moisture' | 'volumeShare', factor: number) => bandOf(days, now.map(number => courseOf(number)[row]), factor)
  const series = {
    coreC: readings('coreC', now, true), edgeC: readings('edgeC', now, true), moisture: band('moisture', 1),
    heightM: band('volumeShare', question.builtHeightM), coreAtStartC: readings('coreC', start, false),
  } satisfies Record<HeapSeries, unknown>
  const rows = {
    shellsC: meanOf(now.map(number => courseOf(number).shellsC)),
    used: meanOf(now.map(number => courseOf(number).used)),
    middle: middleOf(learnt.points, learnt.weightsAfter(Infinity)),
  } satisfies Record<HeapRows, unknown>
  return {
    days, series, rows,
    windows: {
      ready: courseOfWindow(windowOf(readyDays)),
      ...(question.coolBelowC === undefined
        ? {}
        : { cool: courseOfWindow(windowOf(all.map(number => coolFrom(courseOf(number), question.coolBelowC!)))) }),
    },
    horizonDay: question.horizonDay, members: members.length, effective: learnt.effective, rounds: learnt.rounds,
  }
}
