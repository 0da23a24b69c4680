import { defineCourse } from '../course'
import { dayAt, runBrew, type BrewCourse, type BrewRow, type BrewTraits } from './course'
import { kindOf } from './kinds'
import { questionOf, type BrewQuestion } from './question'
import { BREW } from './constants'

/** The traits of a possible brew. */
export function traitsAt(point: ArrayLike<number>, q10: number): BrewTraits {
  const at = (index: number) => point[index] ?? 0
  return {
    slower: Math.exp(BREW.spread.slower * at(0)), q10: Math.max(1.3, q10 + BREW.spread.q10 * at(1)), warmerK: BREW.spread.warmerK * at(2),
    foam: Math.exp(BREW.spread.foam * at(3)), breadth: BREW.usualBreadth * Math.exp(BREW.spread.breadth * at(4)),
  }
}

/** What a brew will do, learnt from its foam and its warmth, and its course in the middle of what is possible. */
export const { forecaster, answerOf, middleOf: middleCourse } = defineCourse<BrewQuestion, BrewCourse, BrewRow | 'progress', never>({
  // Six-hourly for quick ones, and at least so many times.
  ask: questionOf, everyDays: ({ horizonDay }) => Math.min(0.5, horizonDay / BREW.timesLeast), dimensions: 5, members: 300,
  mostRounds: 4, widens: BREW.widens,
  run: ({ kindId, placeC }, point, times, looks) => {
    const kind = kindOf(kindId)
    return runBrew(kind, placeC, traitsAt(point, kind.q10), times, looks)
  },
  row: (course, row) => course[row],
  bands: { foamM: 'foamM', progress: 'progress' }, bandsAtStart: { foamAtStartM: 'foamM' },
  windows: ({ kindId }) => {
    const { use } = kindOf(kindId)
    return { height: course => dayAt(course, 1), from: course => dayAt(course, use.from), until: course => dayAt(course, use.until) }
  },
})
