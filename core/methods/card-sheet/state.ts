import type { BegunBatch } from '../../journal/garden'
import { ingredientsOf, portionOf } from '../../mix/portion'
import { pacedDays, reckonedM } from '../../mulch/depth'
import { mulchKindFor } from '../../mulch/kinds'
import { daysBetween } from '../../units/time'
import type { Surroundings } from '../contract'
import { middleOf } from './forecast'
import { sheetPlan, type SheetPlan } from './plan'
import { BELOW, CARD, PLANTED, TORN } from './words'
import { SHEET } from './constants'
import { looking } from './looking'

/** A sheet as it stands. */
export interface Sheet {
  readonly plan: SheetPlan
  readonly nowDay: number
  /** How far it is, 0 to 1 and on. */
  readonly spent: number
  /** Depth of its cover now, metres. */
  readonly coverM: number
  /** Rain of the last two weeks, mm, and whether it was warm. */
  readonly rainMm: number
  readonly warm: boolean
  /** What was found last of the card, and below it, unless something was done about it since. */
  readonly card: string | undefined
  readonly below: string | undefined
  readonly plantedAt: string | undefined
  readonly phase: 'ended' | 'planted' | 'torn-up' | 'dark' | 'through'
}

/** How deep the cover lies on a day, metres: what was put on it, settled and gone. */
export function coverOn(batch: BegunBatch, surroundings: Surroundings, day?: number): number {
  const { areaM2, way } = sheetPlan(batch.began)
  if (!way.laid) return 0
  const { question: { airC, horizonDay, nowDay } } = middleOf(batch, surroundings)
  const at = Math.min(horizonDay, day ?? nowDay)
  const paced = pacedDays(airC)
  return batch.puts
    .flatMap(({ at: when, inputs }) =>
      ingredientsOf(inputs, surroundings.materials)
        .filter(({ material }) => material.family !== 'paper')
        .map((one) => {
          const { settles, settlingDays, goesYear } = mulchKindFor(one.material)
          const spread = { day: Math.max(0, daysBetween(batch.began.at, when)), depthM: portionOf(one).looseVolumeL / 1000 / areaM2 }
          const traits = { settles: settles.typical, settlingDays, goesYear: goesYear.typical, spread: 1, weatherK: 0 }
          return reckonedM(spread, traits, paced, at)
        })).reduce((sum, one) => sum + one, 0)
}

/** How far it is on a day, in the middle of what is possible. */
export function spentOn({ times: days, spent }: { readonly times: Float64Array, readonly spent: Float32Array }, day: number): number {
  const at = days.findIndex(one => one >= day - 1e-9)
  return spent[at < 0 ? spent.length - 1 : at] ?? 0
}

/** A sheet as it stands now. */
export function sheetOf(batch: BegunBatch, surroundings: Surroundings): Sheet {
  const plan = sheetPlan(batch.began)
  const middle = middleOf(batch, surroundings)
  const { nowDay } = middle.question
  const { now } = surroundings
  const ago = (days: number) => new Date(now.getTime() - days * 86_400_000)
  const seen = looking.last(batch, CARD, TORN)
  const card = seen && looking.now(batch, seen.sense, now)?.finding
  const plantedAt = batch.did.find(({ deed }) => deed === PLANTED)?.at
  const spent = spentOn(middle.course, nowDay)
  return {
    plan,
    nowDay,
    spent,
    coverM: coverOn(batch, surroundings),
    card,
    below: looking.last(batch, BELOW)?.finding,
    plantedAt,
    rainMm: Array.from({ length: SHEET.rainDays }, (_, day) => surroundings.weather.rainMm(ago(day))).reduce((sum, one) => sum + one, 0),
    warm: surroundings.weather.ambientC(now) > SHEET.warmC,
    phase: batch.ended ? 'ended' : plantedAt ? 'planted' : card === 'torn' ? 'torn-up' : spent >= 1 ? 'through' : 'dark',
  }
}
