import type { BegunBatch } from '../../journal/garden'
import { besideOn } from '../../learning/beside'
import { foresee, timesEvery, type Carrying, type Foreseeing } from '../../learning/foresee'
import type { Forecast } from '../../learning/forecast'
import type { Progress } from '../../learning/learn'
import { keptFor, type Forecaster, type Lasting, type Surroundings } from '../contract'
import type { StampedFinding } from '../../learning/fit'
import { normalShare } from '../../statistics/normal'
import type { CourseQuestion } from './question'
import { looksAt, type Looks } from './seen'
import { COURSE } from './constants'

/** What of a course can be found in the garden. */
export type FoundRow<Q extends CourseQuestion> = Q extends CourseQuestion<infer R> ? R : never

/** What a method says of its course: what it is asked by, how one that is possible runs, and what is told of it. */
export interface CourseOf<Q extends CourseQuestion, C, Row extends string, Nothing extends undefined>
  extends Pick<
    Foreseeing<C, Row>, 'dimensions' | 'members' | 'mostRounds' | 'row' | 'bands' | 'bandsAtStart' | 'strays' | 'carries' | 'widens'
  > {
  /** The question of a batch; nothing while there is nothing to ask, where that can be. */
  ask(batch: BegunBatch, around: Lasting): Q | Nothing
  /** Days between two times at which it is looked at, beside now, the end and whenever something was found. */
  everyDays(question: Q): number
  /**
   * One course that is possible. @param point standings of its traits, as standard normals; none of them is 0, the usual.
   * @param looks what was found of it, to be taken in as its day comes.
   */
  run(question: Q, point: ArrayLike<number>, times: Float64Array, looks: Looks<FoundRow<Q>>): C
  /** Windows by the day on which a course comes so far. */
  windows(question: Q, times: Float64Array): Readonly<Record<string, (course: C) => number>>
}

/** One course in the middle of what is possible, with its times and the question that it answers. */
export interface Middle<Q, C> {
  readonly question: Q
  readonly days: Float64Array
  readonly course: C
}

/** What comes of it: the forecaster, and the course in the middle for whatever has to be said at once. */
export interface Coursed<Q extends CourseQuestion, C, Nothing extends undefined> {
  readonly forecaster: Forecaster<Q>
  timesOf(question: Q): Float64Array
  /** What it will do, learnt from everything found of it. A generator: it can be stopped between members. */
  answerOf(question: Q, members?: number): Generator<Progress, Forecast>
  /** The middle of what is possible: of what was learnt, where there is a forecast. */
  middleOf(batch: BegunBatch, surroundings: Surroundings): Middle<Q, C> | Nothing
}

/** A course with what it was reckoned to be before each look. */
interface Ran<C> { readonly course: C, readonly before: Float64Array }

/** Makes the forecast of any method that is a course of a few rows. `Nothing` is never where there is always a question. */
export function defineCourse<Q extends CourseQuestion, C, Row extends string, Nothing extends undefined = undefined>(
  what: CourseOf<Q, C, Row, Nothing>,
): Coursed<Q, C, Nothing> {
  const { ask, everyDays, run, windows, members: usual, ...told } = what
  const timesOf = (question: Q) => timesEvery(everyDays(question), question)
  const answerOf = (question: Q, members = usual) => {
    const times = timesOf(question)
    const days = windows(question, times)
    const findings = question.findings as readonly StampedFinding<FoundRow<Q>>[]
    return foresee<Ran<C>, Row>({
      ...told, times, members, horizonDay: question.horizonDay, seed: question.seed, dimensions: told.dimensions + 1,
      findings: question.findings as Foreseeing<C, Row>['findings'],
      run: (point) => {
        const looks = looksAt(findings, normalShare(point[told.dimensions]!))
        return { course: run(question, point, times, looks), before: looks.before }
      },
      row: ({ course }, name) => told.row(course, name), before: ({ before }) => before,
      upTo: (point, count) => {
        const looks = looksAt(findings.slice(0, count), normalShare(point[told.dimensions]!))
        return { course: run(question, point, times, looks), before: looks.before }
      },
      windows: Object.fromEntries(Object.entries(days).map(([id, dayOf]) => [id, ({ course }) => dayOf(course)])),
    })
  }
  /** Rows that are read often go on as far beside the course as they were read. */
  const carryOn = (question: Q, days: Float64Array, course: C) => {
    const carries = Object.entries<Carrying<Row> | undefined>(told.carries ?? {}) as [Row, Carrying<Row> | undefined][]
    for (const [name, one] of carries) {
      if (!one) continue
      // Beside the row itself: what is told of the day is what was read on it.
      const row = told.row(course, name)
      const residuals = question.findings.flatMap(({ finding }) => {
        if (finding.row !== one.read) return []
        const reckoned = row[placeOf(days, finding.day)]!
        const found = finding.kind === 'value' ? finding.value : Math.min(finding.high, Math.max(finding.low, reckoned))
        return [{ day: finding.day, value: found - reckoned }]
      })
      const beside = besideOn(residuals, { keepsDays: one.what.keepsDays, jump: COURSE.jump })
      if (residuals.length > 0) days.forEach((day, at) => { row[at]! += beside(day) })
    }
  }
  const isQuestion = (asked: Q | Nothing): asked is Q => asked !== undefined
  const middleOf = keptFor((batch, around, forecast): Middle<Q, C> | Nothing => {
    const question = ask(batch, around)
    if (!isQuestion(question)) return question
    const days = timesOf(question)
    const course = run(
      question, forecast?.rows.middle ?? [], days, looksAt<FoundRow<Q>>(question.findings as readonly StampedFinding<FoundRow<Q>>[]),
    )
    carryOn(question, days, course)
    return { question, days, course }
  })
  return { forecaster: { ask, answer: (question, share = 1) => answerOf(question, Math.ceil(share * usual)) }, timesOf, answerOf, middleOf }
}

/** Where a day stands among the times of a course: the first that is not before it, the last after the end. */
export function placeOf(days: Float64Array, day: number): number {
  const at = days.findIndex(one => one >= day - 1e-6)
  return at < 0 ? Math.max(0, days.length - 1) : at
}
