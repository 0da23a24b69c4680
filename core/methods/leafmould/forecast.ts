import { defineCourse, type Middle } from '../course'
import { dayLeft, runCage, type CageCourse, type CageRow, type CageTraits } from './course'
import { questionOf, type CageQuestion } from './question'
import { GRADES } from './rates'
import { LEAF } from './constants'
import { WEEK_DAYS } from '../../units/time'

/** The traits of a possible cage. */
export function traitsAt(point: ArrayLike<number>): CageTraits {
  const at = (index: number) => point[index] ?? 0
  return {
    pace: Math.exp(LEAF.spread.pace * at(0)),
    settling: Math.exp(LEAF.spread.settling * at(1)),
    drying: Math.exp(LEAF.spread.drying * at(2)),
    weatherK: LEAF.spread.weatherK * at(3), q10: Math.max(1.4, LEAF.q10 + LEAF.spread.q10 * at(4)),
  }
}

/** The day of the last fill: a grade is reached after it. */
export function lastFillDay({ fills }: Pick<CageQuestion, 'fills'>): number {
  return fills.at(-1)?.day ?? 0
}

/** What a cage will do, learnt from everything found of it, and its course in the middle of what is possible. */
export const { forecaster, timesOf, answerOf, middleOf } = defineCourse<CageQuestion, CageCourse, CageRow>({
  ask: questionOf, everyDays: () => WEEK_DAYS, dimensions: 5, members: 240, mostRounds: 3,
  run: (question, point, times, looks) => runCage(question, traitsAt(point), times, looks), row: (course, row) => course[row],
  bands: { left: 'left', volumeL: 'volumeL', moisture: 'moisture' }, bandsAtStart: { leftAtStart: 'left' },
  windows: (question) => {
    const from = lastFillDay(question)
    return Object.fromEntries(GRADES.map(({ id, massLeft }) => [id, course => dayLeft(course, massLeft, from)]))
  },
})

/** One course of a cage in the middle of what is possible, with the question it answers. */
export type CageMiddle = Middle<CageQuestion, CageCourse>
