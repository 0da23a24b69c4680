import type { BegunBatch } from '../../journal/garden'
import { keptFor, type Surroundings } from '../contract'
import { runWorms, type WormCourse } from './course'
import { timesOf } from './forecast'
import { questionOf, type WormQuestion } from './question'
import { traitsAt } from './traits'

/** One course in the middle of what is possible, with the question it answers. */
export interface Middle {
  readonly question: WormQuestion
  readonly course: WormCourse
}

/** Runs the bin in the middle of what is possible: of what was learnt, where there is a forecast. */
export const middleOf = keptFor((batch, surroundings, forecast): Middle | undefined => {
  const question = questionOf(batch, surroundings)
  return question && { question, course: runWorms(question, traitsAt(forecast?.rows.middle ?? []), timesOf(question)) }
})

/** A bin on a day. */
export interface BinOnDay {
  readonly day: number
  readonly wormsKg: number
  readonly backlogKg: number
  readonly backlogDays: number
  readonly leftShare: number
  readonly binC: number
  readonly moisture: number
  readonly sour: number
  readonly castingsL: number
  readonly volumeL: number
  readonly heightM: number
  readonly appetiteKg: number
}

/** The bin on a day since its beginning, today where none is given. */
export function binOn(batch: BegunBatch, surroundings: Surroundings, day?: number): BinOnDay | undefined {
  const middle = middleOf(batch, surroundings)
  if (!middle) return undefined
  const { question, course } = middle
  const wanted = Math.min(question.horizonDay, day ?? question.nowDay)
  const at = Math.max(0, course.days.findIndex(one => one >= wanted - 1e-6))
  return {
    day: wanted,
    wormsKg: course.wormsKg[at]!,
    backlogKg: course.backlogKg[at]!,
    backlogDays: course.backlogDays[at]!,
    leftShare: course.leftShare[at]!,
    binC: course.binC[at]!,
    moisture: course.moisture[at]!,
    sour: course.sour[at]!,
    castingsL: course.castingsL[at]!,
    volumeL: course.volumeL[at]!,
    heightM: course.volumeL[at]! / 1000 / question.areaM2,
    appetiteKg: course.appetiteKg[at]!,
  }
}
