import { USUAL_CONSTANTS as K } from '../../heat/constants'
import type { Addition } from './addition'
import { SLOW } from './constants'
import { DRY_MJ_KGK, WATER_MJ_KGK } from '../../heat/heap'

/** Additions are told apart by their fortnight only. */
const cohortOf = (day: number) => Math.floor(day / SLOW.cohortDays)

/** Stuff that went in within one fortnight. */
export interface Cohort {
  readonly fortnight: number
  day: number
  rapidKg: number
  mediumKg: number
  slowKg: number
  restKg: number
  ashKg: number
  dryInKg: number
  looseL: number
  stiffness: number
  keepsKgKg: number
  pace: number
  carbonKg: number
  nitrogenKg: number
  quickCarbonKg: number
  quickNitrogenKg: number
}

/** What adds up when parts are joined, and goes when some is taken. */
export const SUMMED = [
  'rapidKg', 'mediumKg', 'slowKg', 'restKg', 'ashKg', 'carbonKg', 'nitrogenKg', 'quickCarbonKg', 'quickNitrogenKg', 'looseL', 'dryInKg',
] as const

function mergeOldest(cohorts: Cohort[]): void {
  const [older, old] = [cohorts.shift()!, cohorts[0]!]
  const byMass = older.dryInKg / (older.dryInKg + old.dryInKg)
  const byRoom = older.looseL / (older.looseL + old.looseL)
  old.keepsKgKg += (older.keepsKgKg - old.keepsKgKg) * byMass
  old.pace += (older.pace - old.pace) * byMass
  old.stiffness += (older.stiffness - old.stiffness) * byRoom
  old.day += (older.day - old.day) * byRoom
  for (const name of SUMMED) old[name] += older[name]
}

/** All of a fed heap, changed in place from day to day. */
export interface State {
  readonly cohorts: Cohort[]
  waterKg: number
  celsius: number
  drainedL: number
  dryInKg: number
}

/** Puts a share of an addition in; it brings the warmth of the air. */
export function put(
  state: State, { charge, allCarbonKg, allNitrogenKg, keepsKgKg }: Addition, day: number, share: number, airC: number,
): void {
  const dryKg = (charge.rapidKg + charge.mediumKg + charge.slowKg + charge.restKg) * share
  if (!(dryKg > 0)) return
  const held = heatOf(state)
  let cohort = state.cohorts.at(-1)
  if (!cohort || cohort.fortnight !== cohortOf(day)) {
    cohort = {
      fortnight: cohortOf(day), day, rapidKg: 0, mediumKg: 0, slowKg: 0, restKg: 0, ashKg: 0, dryInKg: 0, looseL: 0, stiffness: 0,
      keepsKgKg: 0, pace: 0, carbonKg: 0, nitrogenKg: 0, quickCarbonKg: 0, quickNitrogenKg: 0,
    }
    state.cohorts.push(cohort)
    if (state.cohorts.length > SLOW.cohortsMost) mergeOldest(state.cohorts)
  }
  const fresh = dryKg / (cohort.dryInKg + dryKg)
  const freshL = charge.volumeL * share / (cohort.looseL + charge.volumeL * share)
  cohort.rapidKg += charge.rapidKg * share
  cohort.mediumKg += charge.mediumKg * share
  cohort.slowKg += charge.slowKg * share
  cohort.restKg += charge.restKg * share
  cohort.ashKg += charge.ashKg * share
  cohort.carbonKg += allCarbonKg * share
  cohort.nitrogenKg += allNitrogenKg * share
  cohort.quickCarbonKg += charge.carbonKg * share
  cohort.quickNitrogenKg += charge.nitrogenKg * share
  cohort.keepsKgKg += (keepsKgKg - cohort.keepsKgKg) * fresh
  cohort.pace += (charge.pace - cohort.pace) * fresh
  cohort.stiffness += (charge.stiffness - cohort.stiffness) * freshL
  cohort.day += (day - cohort.day) * freshL
  cohort.looseL += charge.volumeL * share
  cohort.dryInKg += dryKg
  state.waterKg += charge.waterKg * share
  state.dryInKg += dryKg
  const brought = dryKg * DRY_MJ_KGK + charge.waterKg * share * WATER_MJ_KGK
  state.celsius += (airC - state.celsius) * brought / (held + brought)
}

/** Dry mass of what went in within one fortnight. */
export const cohortKg = (one: Cohort) => one.rapidKg + one.mediumKg + one.slowKg + one.restKg

/** And of it what is no ash. */
export const organicKg = (one: Cohort) => Math.max(0, cohortKg(one) - one.ashKg)

/** Dry mass of the whole, kg. */
export function dryKgOf({ cohorts }: State): number {
  let sum = 0
  for (let i = 0; i < cohorts.length; i++) sum += cohortKg(cohorts[i]!)
  return sum
}

/** Heat that warms the whole by one kelvin, MJ/K. */
export function heatOf(state: State): number {
  return dryKgOf(state) * DRY_MJ_KGK + state.waterKg * WATER_MJ_KGK
}

/** Litres as they stand, slumped and rotted. */
export function volumeOf({ cohorts }: State, day: number, settling: number): number {
  let litres = 0
  for (let i = 0; i < cohorts.length; i++) {
    const one = cohorts[i]!
    const to = Math.min(0.95, (SLOW.slump.limp + (SLOW.slump.stiff - SLOW.slump.limp) * one.stiffness) * settling)
    const age = (day - one.day) / SLOW.slump.days
    const settled = age > SLOW.slumped ? to : to + (1 - to) * Math.exp(-Math.max(0, age))
    litres += one.looseL * settled * (cohortKg(one) / one.dryInKg) ** K.sinkingPower
  }
  return litres
}

/** Free air space of the whole. */
export function airSpaceOf(state: State, volumeL: number): number {
  let ash = 0
  for (let i = 0; i < state.cohorts.length; i++) ash += state.cohorts[i]!.ashKg
  const solidL = state.waterKg + (dryKgOf(state) - ash) / 1.6 + ash / 2.5
  return volumeL > 0 ? Math.max(0, 1 - solidL / volumeL) : 1
}
