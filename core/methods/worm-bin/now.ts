import type { BegunBatch } from '../../journal/garden'
import type { Surroundings } from '../contract'
import { placeOf } from '../course'
import { middleOf } from './forecast'

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
  const { question, days, course } = middle
  const wanted = Math.min(question.horizonDay, day ?? question.nowDay)
  const at = placeOf(days, wanted)
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
