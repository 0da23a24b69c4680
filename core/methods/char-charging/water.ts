import { chlorineLeft, hoursUntilChlorine } from '../../char/tap-water'
import type { BegunBatch } from '../../journal/garden'
import type { Answers } from '../../questions/answers'
import { HOUR_MS } from '../../units/time'
import type { Surroundings } from '../contract'
import { wayOf } from './ways'
import { ACID, FILLED, TAP } from './words'
import { CHARGE } from './constants'
import { CHAR } from '../../char/constants'

/** What water it is, and what has to be done about it before life goes in. */
export interface SoakWater {
  readonly kind: 'sound' | 'chlorine' | 'chloramine'
  /** Whether it is only feared: the supplier was not asked. */
  readonly feared: boolean
  readonly mgPerL: number
  /** Hours that it has to stand in the open. */
  readonly standsHours: number
}

const SOUND: SoakWater = { kind: 'sound', feared: false, mgPerL: 0, standsHours: 0 }

/** The water of a plan: out of the settings, unless it was said. */
export function waterOf(approachId: string, answers: Answers, { garden: { water } }: Pick<Surroundings, 'garden'>): SoakWater {
  const said = answers[TAP]
  const mains
    = said === 'chlorine' || said === 'chloramine' || said === 'unknown'
      || ((said === 'settings' || said === undefined) && water === 'mains')
  if (wayOf(approachId).kind !== 'tub' || !mains) return SOUND
  const stands = hoursUntilChlorine(CHARGE.gone, false)
  if (said === 'chlorine') return { kind: 'chlorine', feared: false, mgPerL: CHAR.usualMgL, standsHours: stands }
  return { kind: 'chloramine', feared: said !== 'chloramine', mgPerL: CHAR.usualMgL, standsHours: said === 'chloramine' ? 0 : stands }
}

/** Where the water of a soak stands: fit for life, or not yet. */
export interface WaterState {
  readonly water: SoakWater
  readonly fit: boolean
  /** When standing alone has done it, where it can. */
  readonly fitAt: Date | undefined
  readonly chlorineLeft: number
  readonly acidGiven: boolean
  /** When the char went in; nothing while the water waits. */
  readonly filledAt: string | undefined
}

/** The water of a soak that was begun. Sound water takes the char at once. */
export function waterState(batch: Pick<BegunBatch, 'began' | 'did' | 'observations'>, surroundings: Surroundings): WaterState {
  const { began, did, observations } = batch
  const water = waterOf(began.approachId, began.answers, surroundings)
  const hours = Math.max(0, (surroundings.now.getTime() - Date.parse(began.at)) / HOUR_MS)
  const acidGiven = did.some(({ deed }) => deed === ACID)
  const left = chlorineLeft(hours, false)
  const stood = hours >= water.standsHours
  const fit = water.kind === 'sound' || (water.kind === 'chlorine' ? stood : acidGiven)
  // Who looks at the char, or stirs it, has put it in.
  const worked = did.find(({ deed }) => deed === FILLED) ?? did.find(({ deed }) => deed !== ACID) ?? observations[0]
  return {
    water,
    fit,
    acidGiven,
    chlorineLeft: left,
    fitAt: water.kind === 'chlorine' ? new Date(Date.parse(began.at) + water.standsHours * HOUR_MS) : undefined,
    filledAt: water.kind === 'sound' ? began.at : worked?.at,
  }
}
