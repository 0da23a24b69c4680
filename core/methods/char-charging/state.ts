import type { BegunBatch } from '../../journal/garden'
import { amountVolumeL } from '../../units/container'
import type { Surroundings } from '../contract'
import { ENOUGH } from '../../materials/char-state'
import { chargedOn, middleOf } from './forecast'
import { PORES_L_L } from '../../char/pores'
import { waterState, type WaterState } from './water'
import { wayOf, type ChargeWay } from './ways'
import { AIR, DRAINED, LIFTED, SMELL } from './words'
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
  readonly foul: boolean
  readonly charL: number
  readonly livingL: number
  /** Litres of liquor that are still there to give. */
  readonly liquorL: number
  readonly airOn: boolean
  readonly phase: 'ended' | 'foul' | 'water' | 'charging' | 'charged' | 'drying' | 'dry'
}

/** Litres of char and of other stuff that went in. */
export function inside(
  { puts }: Pick<BegunBatch, 'puts'>, { materials }: Pick<Surroundings, 'materials'>,
): { readonly charL: number, readonly livingL: number } {
  const inputs = puts.flatMap(one => one.inputs)
  const litresOf = (wanted: boolean) =>
    inputs
      .filter(({ materialId }) => (materials.find(materialId)?.family === 'char') === wanted)
      .reduce((sum, { amount }) => sum + amountVolumeL(amount), 0)
  return { charL: litresOf(true), livingL: litresOf(false) }
}

function phaseOf(soak: Omit<Soak, 'phase'>, ended: boolean): Soak['phase'] {
  if (ended) return 'ended'
  if (soak.foul) return 'foul'
  if (soak.dryingDays !== undefined) return soak.dryingDays >= soak.way.driesDays ? 'dry' : 'drying'
  if (soak.water.filledAt === undefined) return 'water'
  return soak.charged >= ENOUGH ? 'charged' : 'charging'
}

/** A soak as it stands now. */
export function soakOf(batch: BegunBatch, surroundings: Surroundings): Soak {
  const way = wayOf(batch.began.approachId)
  const middle = middleOf(batch, surroundings)
  const { nowDay } = middle.question
  const { charL, livingL } = inside(batch, surroundings)
  const out = batch.did.find(({ deed }) => deed === DRAINED || deed === LIFTED)
  const waterInL = batch.puts.reduce((sum, { waterL }) => sum + waterL, 0)
  const givenL = batch.uses.reduce((sum, { litres }) => sum + litres, 0)
  const charged = chargedOn(middle.course, nowDay)
  const smelt = looking.now(batch, SMELL, surroundings.now)
  const known = {
    way, water: waterState(batch, surroundings), charged, nowDay, charL, livingL, dryingDays: out && daysBetween(out.at, surroundings.now),
    foul: smelt?.finding === 'foul', liquorL: Math.max(0, waterInL - charL * PORES_L_L * charged - givenL),
    airOn: way.aired && batch.did.findLast(({ deed }) => deed === AIR)?.answers.state !== 'off',
  }
  return { ...known, phase: phaseOf(known, batch.ended !== undefined) }
}
