import { defineCourse } from '../course'
import { runWorms } from './course'
import type { WormCourse, WormRow } from './bin-case'
import { questionOf, type WormQuestion } from './question'
import { DIMENSIONS, traitsAt } from './traits'
import { WORM } from './constants'

/** The day from `from` on, from which something holds; the last day where it never does. */
function dayFrom({ days }: WormCourse, from: number, holds: (at: number) => boolean): number {
  for (let at = 0; at < days.length; at++) if (days[at]! >= from && holds(at)) return days[at]!
  return days.at(-1) ?? 0
}

/** The day on which castings are worth taking, from a day on. */
export function harvestDay(course: WormCourse, areaM2: number, from: number): number {
  return dayFrom(
    course, from,
    at => course.castingsL[at]! >= WORM.harvest.share * course.volumeL[at]! && course.castingsL[at]! >= WORM.harvest.litresM2 * areaM2,
  )
}

/** The day on which the herd fills its room and has outgrown what it began with, from a day on. */
export function crowdedDay(course: WormCourse, { areaM2, deeds }: Pick<WormQuestion, 'areaM2' | 'deeds'>, from: number): number {
  const roomKg = WORM.roomKgM2 * areaM2
  const begunKg = deeds.reduce((sum, deed) => deed.kind === 'worms' && deed.day - from < 1 ? sum + deed.kg : sum, 0)
  const { times, most } = WORM.outgrown
  const fullKg = Math.max(WORM.crowded * roomKg, Math.min(most * roomKg, times * begunKg))
  return dayFrom(course, from, at => course.wormsKg[at]! >= fullKg)
}

/** The day since which castings count: the last time that some were taken or split off. */
export function since({ deeds }: Pick<WormQuestion, 'deeds'>): number {
  return deeds.findLast(({ kind }) => kind === 'take' || kind === 'split')?.day ?? 0
}

/** What a bin will do, learnt from everything found of it, and its course in the middle of what is possible. */
export const { forecaster, timesOf, answerOf, middleOf } = defineCourse<
  WormQuestion, WormCourse, WormRow | 'backlogDays' | 'castingsL' | 'appetiteKg' | 'backlogKg'
>({
  ask: questionOf, everyDays: () => WORM.everyDays, dimensions: DIMENSIONS, members: 150, mostRounds: 2,
  run: (question, point, times, looks) => runWorms(question, traitsAt(point), times, looks), row: (course, row) => course[row],
  bands: {
    backlogDays: 'backlogDays', backlogKg: 'backlogKg', binC: 'binC', sour: 'sour', moisture: 'moisture', castingsL: 'castingsL',
    wormsKg: 'wormsKg', appetiteKg: 'appetiteKg',
  },
  bandsAtStart: { backlogDaysAtStart: 'backlogDays' },
  strays: { binC: WORM.straysK },
  windows: (question) => {
    const from = since(question)
    return {
      harvest: course => harvestDay(course, question.areaM2, from), crowded: course => crowdedDay(course, question, from),
    }
  },
})
