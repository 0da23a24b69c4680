import { constants, of, table } from '../constants/constants'
import type { Portion } from '../mix/portion'
import type { Family } from '../materials/material'
import { DRY_MJ_KGK, WATER_MJ_KGK } from './heap'

/** How stuff comes to where it is laid: from where it lay warm and at work, from the open, or frozen. */
export const COMES = ['fresh', 'outside', 'frozen'] as const
export type Comes = typeof COMES[number]

/** What stuff brings along of its own. */
interface Lively {
  /** As warm as this where it lay at work, °C, if it did; as the air where that is warmer. */
  readonly ownC?: number
  /** So much warmer than the air, K: cut or gathered today. */
  readonly aboveK: number
  /** Microbes at work in it, a share of the most that it can hold. */
  readonly alive: number
}

const BY_FAMILY: Readonly<Record<Family, Lively>> = table('What stuff brings of warmth and life', {
  ownC: ['°C', 'inside its own heap 20–40 °C, less on the way; practice'],
  aboveK: ['K', 'mown grass warms within hours; own estimate'],
  alive: ['share', 'fresh dung and grass teem, dry leaves and straw sleep, chips of green wood less so; own estimate'],
}, {
  manure: { ownC: 30, aboveK: 3, alive: 0.6 },
  grass: { aboveK: 9, alive: 0.35 },
  kitchen: { aboveK: 3, alive: 0.25 },
  plant: { aboveK: 3, alive: 0.2 },
  leaf: { aboveK: 1, alive: 0.08 },
  straw: { aboveK: 1, alive: 0.06 },
  paper: { aboveK: 1, alive: 0.03 },
  wood: { aboveK: 1, alive: 0.16 },
  feed: { aboveK: 1, alive: 0.1 },
  finished: { aboveK: 1, alive: 0.9 },
  mineral: { aboveK: 0, alive: 0 },
  char: { aboveK: 0, alive: 0 },
})

const LAID = constants('As it is laid', {
  restedAlive: of(0.5, 0.3, 0.8, 'times', 'what lay in the open is so much less alive; own estimate'),
  frozenAlive: of(0.25, 0.1, 0.5, 'times', 'and what was frozen; own estimate'),
  least: of(0.04, 0.02, 0.1, 'share', 'some are everywhere; own estimate'),
  most: of(0.7, 0.5, 0.9, 'share', 'no heap begins with all it will have; own estimate'),
  coldestC: of(0, 0, 2, '°C', 'water that is poured is never ice; definition'),
  thawMJKg: of(0.334, 0.333, 0.335, 'MJ/kg', 'thawing a kilogram of ice; definition'),
})

/** A mix as it lies the moment it is built. */
export interface AsLaid {
  /** How much warmer than the air, K: below 0 where cold stuff came. */
  readonly startsAboveK: number
  /** Microbes at work in it, a share of the most. */
  readonly starter: number
  /** Heat that its ice takes before it can warm, MJ. */
  readonly iceMJ: number
}

/**
 * How warm, how alive and how frozen a mix is when it has just been laid: each kind brings its own warmth by the heat that it holds, and
 * its life by its mass.
 * @param airC the air of that day, °C. @param waterL poured on, litres. @param comes how the stuff came.
 * @param waterC of that water; as cold as the air where nothing is said.
 */
export function asLaid(
  portions: readonly Portion[], waterL: number, airC: number, comes: Comes, waterC = Math.max(LAID.coldestC, airC),
): AsLaid {
  let held = waterL * WATER_MJ_KGK
  let heat = held * waterC
  let [alive, massKg, iceKg] = [0, 0, 0]
  for (const { material, looseVolumeL } of portions) {
    const kg = looseVolumeL * material.bulkDensityKgM3.typical / 1000
    const waterKg = kg * material.moistureFraction.typical
    const holds = waterKg * WATER_MJ_KGK + (kg - waterKg) * DRY_MJ_KGK
    const own = BY_FAMILY[material.family]
    const celsius = comes === 'fresh' ? Math.max(airC + own.aboveK, own.ownC ?? -Infinity) : comes === 'outside' ? airC : Math.min(0, airC)
    held += holds
    heat += holds * celsius
    alive += kg * own.alive * (comes === 'fresh' ? 1 : comes === 'outside' ? LAID.restedAlive : LAID.frozenAlive)
    massKg += kg
    if (comes === 'frozen') iceKg += waterKg
  }
  const starter = massKg > 0 ? Math.min(LAID.most, Math.max(LAID.least, alive / massKg)) : LAID.least
  return { startsAboveK: held > 0 ? heat / held - airC : 0, starter, iceMJ: iceKg * LAID.thawMJKg }
}
