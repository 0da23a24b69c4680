import type { BegunBatch } from '../../journal/garden'
import { depthsOf } from '../../mulch/depth'
import { mulchKindOf } from '../../mulch/kinds'
import { daysBetween } from '../../units/time'
import type { Surroundings } from '../contract'
import { middleOf } from './forecast'
import { carrierOf, loadsFor } from './loads'
import { mulchPlan, type MulchPlan } from './plan'
import { CARRIED_IN, ENOUGH } from './words'
import { MULCHED } from './constants'

/** A mulch as it stands. */
export interface Mulch {
  readonly plan: MulchPlan
  readonly nowDay: number
  /** Depth now, metres, in the middle of what is possible. */
  readonly depthM: number
  /** Litres spread so far in this round: since it was last thin. */
  readonly laidL: number
  /** Litres that bring it to the depth wanted. */
  readonly missingL: number
  readonly loadsLeft: number
  readonly carrier: { readonly name: string, readonly plural: string, readonly volumeL: number }
  /** Times that it was topped up after it had lain. */
  readonly refreshed: number
  readonly phase: 'ended' | 'bare' | 'laying' | 'lying' | 'thin'
}

/** The days on which a round of spreading began. */
export function roundsOf(days: readonly number[]): number[] {
  return days.reduce<number[]>((rounds, day, at) => at === 0 || day - days[at - 1]! > MULCHED.roundDays ? [...rounds, day] : rounds, [])
}

/** How deep it lies on a day, metres. */
export function depthOn(batch: BegunBatch, surroundings: Surroundings, day?: number): number {
  const middle = middleOf(batch, surroundings)
  if (!middle) return 0
  const { question, course: { traits, spreads, paced } } = middle
  return depthsOf(spreads, traits, paced, Float64Array.of(Math.min(question.horizonDay, day ?? question.nowDay)))[0]!
}

/** A mulch as it stands now. */
export function mulchOf(batch: BegunBatch, surroundings: Surroundings): Mulch {
  const plan = mulchPlan(batch.began)
  const middle = middleOf(batch, surroundings)
  const nowDay = Math.max(0, daysBetween(batch.began.at, surroundings.now))
  const carrier = carrierOf(batch.began.answers[CARRIED_IN])
  const spreads = middle?.question.spreads ?? []
  const rounds = roundsOf(spreads.map(({ day }) => day))
  const round = rounds.at(-1) ?? 0
  const laidM = spreads.filter(({ day }) => day >= round).reduce((sum, one) => sum + one.depthM, 0)
  // What still has to sink counts as it will lie: loads of today are not taken for depth that stays.
  const settled = middle && { ...middle.course.traits, settlingDays: 1e-3 }
  const settledM = middle && settled
    ? depthsOf(middle.course.spreads, settled, middle.course.paced, Float64Array.of(Math.max(nowDay, 0.02)))[0]!
    : 0
  const settles = middle?.course.traits.settles ?? mulchKindOf(batch.began.approachId).settles.typical
  const missingL = Math.max(0, plan.wantedM * settles - settledM) / settles * plan.areaM2 * 1000
  const depthM = depthOn(batch, surroundings)
  const laying
    = spreads.length > 0
      && nowDay - spreads.at(-1)!.day < MULCHED.roundDays
      && settledM < MULCHED.nearly * plan.wantedM * settles
      && !batch.did.some(({ deed, at }) => deed === ENOUGH && daysBetween(batch.began.at, at) >= round)
  return {
    plan,
    nowDay,
    depthM,
    laidL: laidM * plan.areaM2 * 1000,
    missingL,
    carrier,
    loadsLeft: loadsFor(missingL, carrier),
    refreshed: Math.max(0, rounds.length - 1),
    phase: batch.ended ? 'ended' : spreads.length === 0 ? 'bare' : laying ? 'laying' : depthM <= plan.refreshM ? 'thin' : 'lying',
  }
}
