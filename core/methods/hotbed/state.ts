import type { BegunBatch } from '../../journal/garden'
import { cropOf, type Crop } from '../../hotbed/crops'
import { amountVolumeL } from '../../units/container'
import { daysBetween } from '../../units/time'
import type { Surroundings } from '../contract'
import { placeOf } from '../course'
import { bedWayOf, type BedWay } from './approaches'
import { middleOf } from './forecast'
import { coolDay, sowDay, spentDay } from './marks'
import { bedGround, type BedGround } from './plan'
import { FRAMED, SOWN, WARMTH } from './words'
import { BED } from './constants'

/** A sowing that was recorded. */
export interface Sown { readonly crop: Crop | undefined, readonly name: string, readonly at: string, readonly day: number }

/** A hotbed as it stands. */
export interface Hotbed {
  readonly way: BedWay
  readonly ground: BedGround
  readonly nowDay: number
  /** Middle of what is possible, now: a finger deep in the soil over the day, and in the heart, °C; height of the stuff, m. */
  readonly soilC: number
  readonly coreC: number
  readonly heightM: number
  /** What was read last in the soil, if within two days. */
  readonly readC: number | undefined
  readonly sowDay: number
  readonly coolDay: number
  readonly spentDay: number
  readonly horizonDay: number
  readonly sown: readonly Sown[]
  readonly builtL: number
  readonly phase: 'ended' | 'building' | 'heating' | 'burst' | 'sow' | 'growing' | 'cooling' | 'spent'
}

/** What was sown, and when. */
export function sownIn({ began, did }: Pick<BegunBatch, 'began' | 'did'>): Sown[] {
  return did.filter(({ deed }) => deed === SOWN).map(({ at, answers }) => {
    const crop = cropOf(answers.crop)
    return {
      crop, name: crop?.name ?? (typeof answers.other === 'string' && answers.other ? answers.other : 'Something else'), at,
      day: daysBetween(began.at, at),
    }
  })
}

function phaseOf(bed: Omit<Hotbed, 'phase'>, batch: BegunBatch): Hotbed['phase'] {
  const soil = bed.readC ?? bed.soilC
  if (batch.ended) return 'ended'
  if (bed.nowDay < BED.buildingDays && !batch.did.some(({ deed }) => deed === FRAMED)) return 'building'
  if (bed.nowDay >= bed.spentDay) return 'spent'
  if (bed.nowDay >= bed.coolDay && bed.coolDay > 0 && soil < BED.warmC) return 'cooling'
  if (bed.sown.length > 0) return 'growing'
  if (soil > BED.sowBelowC) return 'burst'
  return bed.nowDay >= bed.sowDay || (bed.readC !== undefined && bed.readC > 15 && bed.nowDay > 2) ? 'sow' : 'heating'
}

/** What was read at a spot on a day or just before, °C; nothing when that is too long ago to stand for the day. */
export function readAt({ began, gauged }: Pick<BegunBatch, 'began' | 'gauged'>, spot: 'soil' | 'core', day: number): number | undefined {
  return gauged[WARMTH]?.findLast((one) => {
    const agoDays = day - daysBetween(began.at, one.at)
    return one.spot === spot && agoDays >= 0 && agoDays < BED.readFreshDays
  })?.value
}

/** A hotbed as it stands now; nothing while nothing of what is in it is known. */
export function hotbedOf(batch: BegunBatch, surroundings: Surroundings): Hotbed | undefined {
  const middle = middleOf(batch, surroundings)
  if (!middle) return undefined
  const { question, course } = middle
  const { nowDay } = question
  const at = placeOf(middle.days, nowDay)
  const windows = surroundings.forecastOf?.(batch.id)?.windows
  const known = {
    way: bedWayOf(batch.began.approachId),
    ground: bedGround(batch.began),
    nowDay: Math.max(0, daysBetween(batch.began.at, surroundings.now)),
    soilC: course.soilDayC[at]!, coreC: course.coreC[at]!, heightM: course.heightM[at]!,
    readC: readAt(batch, 'soil', daysBetween(batch.began.at, surroundings.now)),
    sowDay: windows?.sow?.now.typical ?? sowDay(course),
    coolDay: windows?.cool?.now.typical ?? coolDay(course),
    spentDay: windows?.spent?.now.typical ?? spentDay(course),
    horizonDay: question.horizonDay,
    sown: sownIn(batch), builtL: batch.puts.flatMap(({ inputs }) => inputs).reduce((sum, { amount }) => sum + amountVolumeL(amount), 0),
  }
  return { ...known, phase: phaseOf(known, batch) }
}
