import { A_START, ENOUGH } from '../../materials/char-state'
import { defineCourse, placeOf } from '../course'
import { chargedAt, dayCharged } from './course'
import { questionOf, type ChargeQuestion } from './question'
import { traitsAt } from './spread'
import { CHARGE } from './constants'

/** How far char is charged at the times of its course. */
interface SoakCourse { readonly times: Float64Array, readonly charged: Float32Array }

/** How char will be charged, learnt from what floats, bubbles and smells, and its course in the middle of what is possible. */
export const { forecaster, timesOf, answerOf, middleOf } = defineCourse<ChargeQuestion, SoakCourse, 'charged', never>({
  ask: questionOf, everyDays: ({ horizonDay }) => horizonDay / CHARGE.steps, dimensions: 3, members: 300, mostRounds: 4,
  run: (question, point, times, looks) => ({ times, charged: chargedAt(question, traitsAt(point, question.way), times, looks) }),
  row: ({ charged }) => charged,
  bands: { charged: 'charged' }, bandsAtStart: { chargedAtStart: 'charged' },
  windows: () => ({
    start: ({ times, charged }) => dayCharged(times, charged, A_START), charged: ({ times, charged }) => dayCharged(times, charged, ENOUGH),
  }),
})

/** How far it is charged on a day, 0 to 1. */
export function chargedOn({ times, charged }: SoakCourse, day: number): number {
  return charged[placeOf(times, day)] ?? 0
}
