import type { BegunBatch } from '../../journal/garden'
import type { Surroundings } from '../contract'
import { placeOf } from '../course'
import { middleOf } from './forecast'

/** A slow heap on a day. */
export interface SlowOnDay {
  readonly day: number
  readonly volumeL: number
  readonly heightM: number
  readonly moisture: number
  readonly ratio: number
  readonly celsius: number
  readonly rawness: number
  readonly leftShare: number
  readonly airSpace: number
}

/** The heap on a day since its beginning, today where none is given. Nothing where nothing is known of it. */
export function slowOn(batch: BegunBatch, surroundings: Surroundings, day?: number): SlowOnDay | undefined {
  const middle = middleOf(batch, surroundings)
  if (!middle) return undefined
  const { question, days, course } = middle
  const wanted = Math.min(question.horizonDay, day ?? question.nowDay)
  const at = placeOf(days, wanted)
  const volumeL = course.volumeL[at]!
  return {
    day: wanted, volumeL, heightM: volumeL / 1000 / question.ground.footprintM2, moisture: course.moisture[at]!, ratio: course.ratio[at]!,
    celsius: course.celsius[at]!,
    rawness: course.rawness[at]!,
    leftShare: course.leftShare[at]!,
    airSpace: course.airSpace[at]!,
  }
}

/** How high it stands today, as it was measured last and has sunk since. */
export function standsM(batch: BegunBatch, surroundings: Surroundings): number {
  return slowOn(batch, surroundings)?.heightM ?? 0
}
