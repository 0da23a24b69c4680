import type { BegunBatch } from '../../journal/garden'
import { asVessel } from '../../vessel/site'
import { DAY_MS } from '../../units/time'
import { keptFor, type Surroundings } from '../contract'
import { runCage, shellShare, type CageCourse } from './course'
import { timesOf, traitsAt } from './forecast'
import { questionOf, roomL, countOf, type CageQuestion } from './question'
import { BAGGED } from './words'

/** One course of a cage in the middle of what is possible, with the question it answers. */
export interface Middle {
  readonly question: CageQuestion
  readonly course: CageCourse
}

/** Runs the cage in the middle of what is possible: of what was learnt, where there is a forecast. Nothing while it is empty. */
export const middleOf = keptFor((batch, surroundings, forecast): Middle | undefined => {
  const question = questionOf(batch, surroundings)
  return question && { question, course: runCage(question, traitsAt(forecast?.rows.middle ?? []), timesOf(question)) }
})

/** A cage on a day. */
export interface CageOnDay {
  readonly day: number
  readonly left: number
  readonly volumeL: number
  readonly heightM: number
  readonly moisture: number
  /** Share of it that is dry, raw outside. */
  readonly shellShare: number
  /** Litres that still go in. */
  readonly freeL: number
}

/** The cage on a day since its beginning; nothing while it is empty. */
export function cageOn(batch: BegunBatch, surroundings: Surroundings, day?: number): CageOnDay | undefined {
  const middle = middleOf(batch, surroundings)
  if (!middle) return undefined
  const { question, course } = middle
  const wanted = Math.min(question.horizonDay, day ?? question.nowDay)
  const at = Math.max(0, course.days.findIndex(one => one >= wanted - 1e-6))
  const volumeL = course.volumeL[at]!
  const heightM = volumeL / 1000 / question.groundM2
  const bagged = batch.did.some(
    ({ deed, at: when }) => deed === BAGGED && new Date(when).getTime() <= new Date(batch.began.at).getTime() + wanted * DAY_MS,
  )
  return {
    day: wanted, left: course.left[at]!, volumeL, heightM, moisture: course.moisture[at]!,
    shellShare: bagged ? 0 : shellShare(question.exposure, heightM),
    freeL: Math.max(0, roomL(batch.began.site, countOf(batch.began)) - volumeL),
  }
}

/** The vessel of a cage. */
export const vesselOf = ({ began }: BegunBatch) => asVessel(began.site)
