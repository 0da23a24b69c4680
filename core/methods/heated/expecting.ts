import { courseDays, emptyCourse, type Course } from '../../heat/case'
import { runCourse } from '../../heat/course'
import { SHELLS } from '../../heat/heap'
import { traitsAt, type Traits } from '../../heat/traits'
import type { HeapLog } from './heap-log'
import { range, type Range } from '../../units/range'
import type { ExpectedDay, HeapSupposed, HeapWhatIf } from './expected'
import { keptFor, type Band, type Forecast, type Lasting, type Surroundings } from '../contract'
import { caseOf, type HeatedQuestion } from './question'
import { ripeDayOf } from './ready-day'
import type { HeapSeries } from './forecast/answer'
import { asFound } from './as-found'

/** One course of a heap in the middle of what is possible, with the question it answers. */
export interface MiddleCourse {
  readonly question: HeatedQuestion
  readonly course: Course
  /** Where in the traits it stands. */
  readonly point: ArrayLike<number>
}

const USUAL: ArrayLike<number> = []

/** The traits of the heap in the middle: in its weather no spell counts. */
export function middleTraits(point: ArrayLike<number>): Traits {
  return { ...traitsAt(point), spells: 0 }
}

const exactly = (value: number): Range => range(value, value, value)

function dayOfCourse({ question, course }: MiddleCourse, at: number): ExpectedDay {
  return {
    day: course.days[at]!, coreC: exactly(course.coreC[at]!), edgeC: exactly(course.edgeC[at]!),
    heightM: exactly(course.volumeShare[at]! * question.builtHeightM), moisture: exactly(course.moisture[at]!),
    depthsC: Array.from(course.shellsC.subarray(at * SHELLS, (at + 1) * SHELLS)),
    usedShare: course.used[at]!,
  }
}

/** A day of the course in the middle within what is possible eight times in ten, never beside it. */
function widened(day: ExpectedDay, { days, series }: Forecast): ExpectedDay {
  const bands = series as Record<HeapSeries, Band>
  const at = days.findIndex(one => one >= day.day - 1e-9)
  const here = at < 0 ? days.length - 1 : at
  const around = (middle: Range, { low, high }: Band) =>
    range(Math.min(middle.typical, low[here]!), middle.typical, Math.max(middle.typical, high[here]!))
  return {
    ...day, coreC: around(day.coreC, bands.coreC), edgeC: around(day.edgeC, bands.edgeC), heightM: around(day.heightM, bands.heightM),
    moisture: around(day.moisture, bands.moisture),
  }
}

const upTo = (days: Float64Array, last: number) => Array.from(days.keys()).filter(at => days[at]! <= last + 1e-9)

/** What can be expected of the batches of a method that heats. */
export interface Expecting {
  /** Runs the one batch in the middle of what is possible. */
  middleCourse(batch: HeapLog, surroundings: Surroundings, supposed?: readonly HeapSupposed[]): MiddleCourse | undefined
  middleDays(batch: HeapLog, surroundings: Surroundings, days: number, supposed?: readonly HeapSupposed[]): ExpectedDay[]
  leftAloneDays(batch: HeapLog, surroundings: Surroundings, days: number, supposed: readonly HeapSupposed[]): ExpectedDay[]
  expectCourse(batch: HeapLog, surroundings: Surroundings, days: number): ExpectedDay[]
  suppose(batch: HeapLog, surroundings: Surroundings, days: number, supposed: readonly HeapSupposed[]): HeapWhatIf | undefined
}

/** Puts the question of a method and expects from its answer. */
export function expecting(
  questionOf: (batch: HeapLog, around: Lasting, supposed?: readonly HeapSupposed[]) => HeatedQuestion | undefined,
): Expecting {
  function courseOf(
    batch: HeapLog, around: Lasting, forecast: Forecast | undefined, supposed: readonly HeapSupposed[],
  ): MiddleCourse | undefined {
    const question = questionOf(batch, around, supposed)
    if (!question) return undefined
    const point = forecast?.rows.middle ?? USUAL
    const course = emptyCourse(courseDays(question.horizonDay))
    if (!runCourse(caseOf(question), middleTraits(point), course).ok) return undefined
    asFound(question, course)
    return { question, course, point }
  }
  const asItIs = keptFor((batch: HeapLog, around, forecast) => courseOf(batch, around, forecast, []))

  /** Runs the one heap in the middle of what is possible: of what was learnt, where there is a forecast. A few thousandths of a second. */
  const middleCourse = (batch: HeapLog, surroundings: Surroundings, supposed: readonly HeapSupposed[] = []) =>
    supposed.length === 0 ? asItIs(batch, surroundings) : courseOf(batch, surroundings, surroundings.forecastOf?.(batch.id), supposed)

  /** The one course in the middle of what is possible, with something supposed to be done or nothing. */
  function middleDays(batch: HeapLog, surroundings: Surroundings, days: number, supposed: readonly HeapSupposed[] = []): ExpectedDay[] {
    const middle = middleCourse(batch, surroundings, supposed)
    return middle ? upTo(middle.course.days, days).map(at => dayOfCourse(middle, at)) : []
  }

  /** The same if nobody turns it any more but as supposed: what a remedy is measured against. */
  function leftAloneDays(batch: HeapLog, surroundings: Surroundings, days: number, supposed: readonly HeapSupposed[]): ExpectedDay[] {
    const question = questionOf(batch, surroundings, supposed)
    if (!question) return []
    const point = surroundings.forecastOf?.(batch.id)?.rows.middle ?? USUAL
    const course = emptyCourse(courseDays(Math.min(days, question.horizonDay)))
    if (!runCourse({ ...caseOf(question), habitFromDay: Number.POSITIVE_INFINITY }, middleTraits(point), course).ok) return []
    asFound(question, course)
    return Array.from(course.days.keys(), at => dayOfCourse({ question, course, point }, at))
  }

  /** What a heap is expected to do: its course in the middle, as it was found, in the band of its forecast where there is one. */
  function expectCourse(batch: HeapLog, surroundings: Surroundings, days: number): ExpectedDay[] {
    const forecast = surroundings.forecastOf?.(batch.id)
    const middle = middleDays(batch, surroundings, days)
    return forecast ? middle.map(day => widened(day, forecast)) : middle
  }

  /** What would change if something were done: two courses of the heap in the middle of what is possible. */
  function suppose(batch: HeapLog, surroundings: Surroundings, days: number, supposed: readonly HeapSupposed[]): HeapWhatIf | undefined {
    const [before, after] = [middleCourse(batch, surroundings), middleCourse(batch, surroundings, supposed)]
    if (!before || !after) return undefined
    const readyOn = ({ course, question, point }: MiddleCourse) =>
      ripeDayOf(course, middleTraits(point).ripe) ?? question.horizonDay
    const shown = (middle: MiddleCourse) => upTo(middle.course.days, days).map(at => dayOfCourse(middle, at))
    return { present: shown(before), changed: shown(after), readyShiftDays: readyOn(after) - readyOn(before) }
  }

  return { middleCourse, middleDays, leftAloneDays, expectCourse, suppose }
}
