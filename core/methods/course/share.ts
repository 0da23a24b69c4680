import { wayText } from '../../plain/states'
import type { BegunBatch } from '../../journal/garden'
import { weekdayDateText } from '../../units/dates'
import { everFound, type Chart, type Look, type NamedWindow, type Surroundings } from '../contract'
import { placeOf, type Coursed, type Middle } from './define'
import { chartLines, expectedAlong } from './expected'
import type { CourseQuestion } from './question'
import { daysAfter, spansOf, type Roughly, type Span } from './spans'
import { COURSE } from './constants'

/** A course that is a share of one way, 0 to 1, with one window at its end. */
export interface OneWay<Q extends CourseQuestion, C> {
  middleOf: Coursed<Q, C, never>['middleOf']
  /** The share at the times of a course. Its bands are called `share` and `shareAtStart`. */
  share(course: C): Float32Array
  /** The day on which a course comes to its end: the window `ready`. */
  endDay(course: C): number
  readonly rough: Roughly
  /** What is said of the window. */
  words(batch: BegunBatch, surroundings: Surroundings, middle: Middle<Q, C>): Omit<NamedWindow, keyof Span>
  /** "to loam". */
  readonly goal: string
  readonly chart: Pick<Chart, 'title' | 'marksAre' | 'note'>
}

/** What of a look follows from it: how far it is on a day, its window, its chart, and what is told of a day. */
export interface LookOfOneWay extends Pick<Look, 'windows' | 'told' | 'lastDay' | 'charts'> {
  shareOn(batch: BegunBatch, surroundings: Surroundings, day?: number): number
}

/** The look of a method whose course is one way. */
export function lookOfOneWay<Q extends CourseQuestion, C>(by: OneWay<Q, C>): LookOfOneWay {
  const shareOn = (batch: BegunBatch, surroundings: Surroundings, day?: number) => {
    const { question, days, course } = by.middleOf(batch, surroundings)
    return by.share(course)[placeOf(days, Math.min(question.horizonDay, day ?? question.nowDay))] ?? 0
  }
  return {
    shareOn,
    windows: (batch, surroundings) => {
      if (batch.ended) return []
      const middle = by.middleOf(batch, surroundings)
      const { span } = spansOf(batch, surroundings, middle.question, by.rough)
      return [{ ...span('ready', by.endDay(middle.course), 0, 1), ...by.words(batch, surroundings, middle) }]
    },
    told: (batch, surroundings, day) => {
      const { question: { nowDay } } = by.middleOf(batch, surroundings)
      const isToday = day === undefined || Math.abs(day - nowDay) < COURSE.todayDays
      return `${isToday ? 'Now' : weekdayDateText(daysAfter(batch.began.at, day))}: ${wayText(shareOn(batch, surroundings, day), by.goal)}.`
    },
    lastDay: (batch, surroundings) => by.middleOf(batch, surroundings).question.horizonDay,
    charts: (batch, surroundings) => {
      const { days, course } = by.middleOf(batch, surroundings)
      const forecast = surroundings.forecastOf?.(batch.id)
      const share = by.share(course)
      const lines = chartLines(batch.began.at, expectedAlong(days, share, forecast, 'share'), forecast, 'shareAtStart', {
        as: value => Math.min(100, 100 * value),
      })
      return [{
        ...by.chart, id: 'share', unit: 'percent', dots: [], marks: everFound(batch).map(({ at }) => Date.parse(at)),
        ...lines,
      }]
    },
  }
}
