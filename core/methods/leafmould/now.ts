import type { BegunBatch } from '../../journal/garden'
import { DAY_MS } from '../../units/time'
import { asVessel } from '../../vessel/site'
import type { Surroundings } from '../contract'
import { placeOf } from '../course'
import { shellShare } from './course'
import { middleOf } from './forecast'
import { countOf, roomL } from './question'
import { BAGGED } from './words'

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
  const { question, days, course } = middle
  const wanted = Math.min(question.horizonDay, day ?? question.nowDay)
  const at = placeOf(days, wanted)
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
