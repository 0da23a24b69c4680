import { defineCourse } from '../course'
import { dayAt, runBrew, USUAL_BREADTH, type BrewCourse, type BrewTraits } from './course'
import { kindOf } from './kinds'
import { questionOf, type BrewQuestion, type BrewRow } from './question'

const DIMENSIONS = 5
/**
 * What is uncertain, as standard normals: days, Q10, warmth of the place, foam, its breadth. Days vary by about a quarter: D20
 * of 4 to 5 and more between buckets.
 */
const SPREAD = { slower: 0.25, q10: 0.15, warmerK: 1.5, foam: 0.45, breadth: 0.2 }
const TIMES_LEAST = 120

/** The traits of a possible brew. */
export function traitsAt(point: ArrayLike<number>, q10: number): BrewTraits {
  const at = (index: number) => point[index] ?? 0
  return {
    slower: Math.exp(SPREAD.slower * at(0)), q10: Math.max(1.3, q10 + SPREAD.q10 * at(1)), warmerK: SPREAD.warmerK * at(2),
    foam: Math.exp(SPREAD.foam * at(3)), breadth: USUAL_BREADTH * Math.exp(SPREAD.breadth * at(4)),
  }
}

/** What a brew will do, learnt from its foam and its warmth, and its course in the middle of what is possible. */
export const { forecaster, answerOf, middleOf: middleCourse } = defineCourse<BrewQuestion, BrewCourse, BrewRow | 'progress', never>({
  // Six-hourly for quick ones, and at least so many times.
  ask: questionOf, everyDays: ({ horizonDay }) => Math.min(0.5, horizonDay / TIMES_LEAST), dimensions: DIMENSIONS, members: 300,
  mostRounds: 4,
  run: ({ kindId, placeC }, point, times) => {
    const kind = kindOf(kindId)
    return runBrew(kind, placeC, traitsAt(point, kind.q10), times)
  },
  row: (course, row) => course[row],
  bands: { foamM: 'foamM', progress: 'progress' }, bandsAtStart: { foamAtStartM: 'foamM' },
  windows: ({ kindId }) => {
    const { use } = kindOf(kindId)
    return { height: course => dayAt(course, 1), from: course => dayAt(course, use.from), until: course => dayAt(course, use.until) }
  },
})
