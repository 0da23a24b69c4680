import type { BegunBatch } from '../../journal/garden'
import { ingredientsOf, looseL } from '../../mix/portion'
import type { Surroundings } from '../contract'
import { ENOUGH } from '../../materials/char-state'
import { chargedOn, middleOf } from './forecast'
import { PORES_L_L } from '../../char/pores'
import { waterState, type WaterState } from './water'
import { laidOf } from './recipe'
import { wayOf, type ChargeWay } from './ways'
import { AIR, DRAINED, DRIES, IN_CAN, LIFTED, SMELL } from './words'
import { CHARGE } from './constants'
import { daysBetween } from '../../units/time'
import { looking } from './looking'

/** A soak as it stands. */
export interface Soak {
  readonly way: ChargeWay
  readonly water: WaterState
  /** How far it is charged now, in the middle of what is possible, 0 to 1. */
  readonly charged: number
  readonly nowDay: number
  /** Days since it was drained or lifted. */
  readonly dryingDays: number | undefined
  /** Days that drying takes where it lies. */
  readonly driesDays: number
  readonly foul: boolean
  readonly charL: number
  readonly livingL: number
  /** Litres of liquor that are still there to give. */
  readonly liquorL: number
  readonly airOn: boolean
  readonly phase: 'ended' | 'foul' | 'water' | 'charging' | 'charged' | 'drying' | 'dry'
}

/** Litres of char, of what lives, and of all liquid that went in: water, and urine where it is part of it. */
export function inside(
  { puts }: Pick<BegunBatch, 'puts'>, { materials }: Pick<Surroundings, 'materials'>,
): { readonly charL: number, readonly livingL: number, readonly urineL: number, readonly liquidL: number } {
  const laid = laidOf(ingredientsOf(puts.flatMap(one => one.inputs), materials))
  const waterL = puts.reduce((sum, one) => sum + one.waterL, 0)
  const urineL = looseL(laid.urine)
  return { charL: looseL(laid.char), livingL: looseL(laid.living), urineL, liquidL: waterL + urineL }
}

/** Days until it crumbles: in the shade, or longer in its can. */
export function driesDaysOf({ did }: Pick<BegunBatch, 'did'>, way: ChargeWay): number {
  const inCan = did.find(({ deed }) => deed === DRAINED)?.answers[DRIES] === IN_CAN
  return way.driesDays * (inCan ? CHARGE.inCanTimes : 1)
}

function phaseOf(soak: Omit<Soak, 'phase'>, ended: boolean): Soak['phase'] {
  if (ended) return 'ended'
  if (soak.foul) return 'foul'
  if (soak.dryingDays !== undefined) return soak.dryingDays >= soak.driesDays ? 'dry' : 'drying'
  if (soak.water.filledAt === undefined) return 'water'
  return soak.charged >= ENOUGH ? 'charged' : 'charging'
}

/** A soak as it stands now. */
export function soakOf(batch: BegunBatch, surroundings: Surroundings): Soak {
  const way = wayOf(batch.began.approachId)
  const middle = middleOf(batch, surroundings)
  const { nowDay } = middle.question
  const { charL, livingL, liquidL } = inside(batch, surroundings)
  const out = batch.did.find(({ deed }) => deed === DRAINED || deed === LIFTED)
  const givenL = batch.uses.reduce((sum, { litres }) => sum + litres, 0)
  const charged = chargedOn(middle.course, nowDay)
  const smelt = looking.now(batch, SMELL, surroundings.now)
  const known = {
    way, driesDays: driesDaysOf(batch, way), water: waterState(batch, surroundings), charged, nowDay, charL, livingL,
    dryingDays: out && daysBetween(out.at, surroundings.now),
    foul: smelt?.finding === 'foul', liquorL: Math.max(0, liquidL - charL * PORES_L_L * charged - givenL),
    airOn: way.aired && batch.did.findLast(({ deed }) => deed === AIR)?.answers.state !== 'off',
  }
  return { ...known, phase: phaseOf(known, batch.ended !== undefined) }
}
