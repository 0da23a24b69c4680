import type { BegunBatch } from '../../journal/garden'
import type { Forecast } from '../../learning/forecast'
import { asVessel } from '../../vessel/site'
import { DAY_MS, HOUR_MS } from '../../units/time'
import type { Surroundings } from '../contract'
import { runCage, shellShare, type CageCourse } from './course'
import { timesOf, traitsAt } from './forecast'
import { questionOf, roomL, countOf, type CageQuestion } from './question'
import { BAGGED } from './words'

/** One course of a cage in the middle of what is possible, with the question it answers. */
export interface Middle {
  readonly question: CageQuestion
  readonly course: CageCourse
}

interface Kept extends Middle { readonly hour: number, readonly ambientC: Surroundings['ambientC'], readonly materials: Surroundings['materials'], readonly forecast: Forecast | undefined }

/** The last course of each batch: a screen asks for it many times over. */
const kept = new WeakMap<BegunBatch, Kept>()
const SIX_HOURS_MS = 6 * HOUR_MS

/** Runs the cage in the middle of what is possible: of what was learnt, where there is a forecast. Nothing while it is empty. */
export function middleOf(batch: BegunBatch, surroundings: Surroundings): Middle | undefined {
  const forecast = surroundings.forecastOf?.(batch.id)
  const hour = Math.floor(surroundings.now.getTime() / SIX_HOURS_MS)
  const known = kept.get(batch)
  if (known?.hour === hour && known.ambientC === surroundings.ambientC && known.materials === surroundings.materials && known.forecast === forecast) return known
  const question = questionOf(batch, surroundings)
  if (!question) return undefined
  const course = runCage(question, traitsAt(forecast?.rows.middle ?? []), timesOf(question))
  const made = { question, course, hour, ambientC: surroundings.ambientC, materials: surroundings.materials, forecast }
  kept.set(batch, made)
  return made
}

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
  const bagged = batch.did.some(({ deed, at: when }) => deed === BAGGED && new Date(when).getTime() <= new Date(batch.began.at).getTime() + wanted * DAY_MS)
  return {
    day: wanted, left: course.left[at]!, volumeL, heightM, moisture: course.moisture[at]!,
    shellShare: bagged ? 0 : shellShare(question.exposure, heightM),
    freeL: Math.max(0, roomL(batch.began.site, countOf(batch.began)) - volumeL),
  }
}

/** The vessel of a cage. */
export const vesselOf = ({ began }: BegunBatch) => asVessel(began.site)
