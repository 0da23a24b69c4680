import type { BegunBatch } from '../../journal/garden'
import { keptFor, type Surroundings } from '../contract'
import { runSlow, type SlowCourse } from './course'
import { timesOf } from './forecast'
import { questionOf, type SlowQuestion } from './question'
import { traitsAt } from './traits'
import { HEIGHT } from './words'
import { daysBetween } from '../../units/time'

/** One course in the middle of what is possible, with the question it answers. */
export interface Middle {
  readonly question: SlowQuestion
  readonly course: SlowCourse
}

/** Runs the heap in the middle of what is possible: of what was learnt, where there is a forecast. */
export const middleOf = keptFor((batch, surroundings, forecast): Middle | undefined => {
  const question = questionOf(batch, surroundings)
  return question && { question, course: runSlow(question, traitsAt(forecast?.rows.middle ?? []), timesOf(question)) }
})

/** A slow heap on a day. */
export interface SlowOnDay {
  readonly day: number
  readonly volumeL: number
  readonly heightM: number
  readonly moisture: number
  readonly ratio: number
  readonly celsius: number
  readonly respirationMgG: number
  readonly leftShare: number
  readonly airSpace: number
}

/** The heap on a day since its beginning, today where none is given. Nothing where nothing is known of it. */
export function slowOn(batch: BegunBatch, surroundings: Surroundings, day?: number): SlowOnDay | undefined {
  const middle = middleOf(batch, surroundings)
  if (!middle) return undefined
  const { question, course } = middle
  const wanted = Math.min(question.horizonDay, day ?? question.nowDay)
  const at = Math.max(0, course.days.findIndex(one => one >= wanted - 1e-6))
  const volumeL = course.volumeL[at]!
  return {
    day: wanted, volumeL, heightM: volumeL / 1000 / question.ground.footprintM2, moisture: course.moisture[at]!, ratio: course.ratio[at]!,
    celsius: course.celsius[at]!,
    respirationMgG: course.respirationMgG[at]!,
    leftShare: course.leftShare[at]!,
    airSpace: course.airSpace[at]!,
  }
}

/** A measured height is believed for so long. */
const HEIGHT_FRESH_DAYS = 10

/** How high it stands today: measured, where that is fresh. */
export function standsM(batch: BegunBatch, surroundings: Surroundings): number {
  const measured = (batch.gauged[HEIGHT] ?? []).findLast(
    ({ at }) => daysBetween(at, surroundings.now) < HEIGHT_FRESH_DAYS && !batch.takings.some(taking => taking.at > at),
  )
  return measured?.value ?? slowOn(batch, surroundings)?.heightM ?? 0
}
