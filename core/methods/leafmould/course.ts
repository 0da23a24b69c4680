import { inTurn, type Looks, type Seen } from '../course'
import { DAYS_A_YEAR } from '../../units/time'
import { lastingFactor, rotsAgainstMoist15 } from './rates'
import { LEAF } from './constants'
import { WARMTH } from '../../warmth/constants'

/** Leaves that went in on a day. */
export interface Fill {
  readonly day: number
  readonly dryKg: number
  readonly waterKg: number
  readonly looseL: number
  /** k at 15 °C, with what shredding, nitrogen and starter add. */
  readonly perYear: number
  /** Share of its loose volume that is left once it has settled. */
  readonly settlesTo: number
  /** Share of its mass that is still there when it goes in: 1 for fresh leaves. */
  readonly massLeft: number
}

/** What of a course can be found in the garden. */
export type CageRow = 'left' | 'volumeL' | 'moisture'

/** Something done to a cage on a day. */
export type CageDeed
  = | { readonly day: number, readonly kind: 'water', readonly litres: number }
    | { readonly day: number, readonly kind: 'take', readonly litres: number }
    /** From here on it lies in closed bags: no rain, little drying, no dry shell. */
    | { readonly day: number, readonly kind: 'bag' }
    /** Forked over: what was outside is inside. */
    | { readonly day: number, readonly kind: 'fork' }

/** How open it stands. */
export interface Exposure {
  readonly areaM2: number
  /** Share of the rain that gets in. */
  readonly rainShare: number
  /** Drying against an open top of that area. */
  readonly drying: number
  /** Thickness of the shell that stays dry, and width across, m. */
  readonly shellM: number
  readonly acrossM: number
}

/** All that a course needs. Weather by day from the day of beginning; the last day stands for all after it. */
export interface CageCase {
  readonly fills: readonly Fill[]
  readonly deeds: readonly CageDeed[]
  readonly exposure: Exposure
  readonly airC: ArrayLike<number>
  readonly rainMm: ArrayLike<number>
}

/** What is uncertain of a cage, as factors and steps. */
export interface CageTraits {
  readonly pace: number
  readonly settling: number
  readonly drying: number
  readonly weatherK: number
  readonly q10: number
}
export const USUAL_TRAITS: CageTraits = { pace: 1, settling: 1, drying: 1, weatherK: 0, q10: LEAF.q10 }

/** What is noted of a cage at each of the times. */
export interface CageCourse {
  readonly days: Float64Array
  /** Share of the mass left in the moist middle, and in the dry outside. */
  readonly left: Float32Array
  readonly leftOutside: Float32Array
  readonly volumeL: Float32Array
  readonly moisture: Float32Array
}

/** Share of a cage that is shell, by its sides and its top. */
export function shellShare({ shellM, acrossM }: Pick<Exposure, 'shellM' | 'acrossM'>, heightM: number): number {
  if (shellM <= 0 || heightM <= 0) return 0
  const inner = Math.max(0, acrossM - 2 * shellM) / acrossM
  // Of a low layer the ground keeps the lower part moist.
  return 1 - inner * inner * (1 - Math.min(shellM, LEAF.topMost * heightM) / heightM)
}

/** `bulk`: times the room it was reckoned to take, by what a stick found. */
interface Part { readonly fill: Fill, left: number, outside: number, scale: number, bulk: number }

interface State {
  parts: Part[]
  waterKg: number
  bagged: boolean
}

const dryKgOf = ({ parts }: State) => parts.reduce((sum, { fill, left, scale }) => sum + fill.dryKg * scale * left / fill.massLeft, 0)

function volumeOf({ parts }: State, day: number, settling: number): number {
  return parts.reduce((sum, { fill, left, scale, bulk }) => {
    const to = Math.min(0.9, fill.settlesTo * settling)
    const settled = to + (1 - to) * Math.exp(-(day - fill.day) / LEAF.settlingDays)
    return sum + fill.looseL * scale * bulk * settled * (LEAF.poresStay + (1 - LEAF.poresStay) * left / fill.massLeft)
  }, 0)
}

function fillIn(state: State, fill: Fill): void {
  state.parts.push({ fill, left: fill.massLeft, outside: fill.massLeft, scale: 1, bulk: 1 })
  state.waterKg += fill.waterKg
}

function doTo(state: State, deed: CageDeed, day: number, settling: number): void {
  if (deed.kind === 'water') state.waterKg += deed.litres
  if (deed.kind === 'bag') state.bagged = true
  if (deed.kind === 'take') {
    const share = Math.min(0.98, deed.litres / Math.max(1, volumeOf(state, day, settling)))
    for (const part of state.parts) part.scale *= 1 - share
    state.waterKg *= 1 - share
  }
  if (deed.kind === 'fork') {
    for (const part of state.parts) part.left = part.outside = (part.left + part.outside) / 2
  }
}

const moistureOf = (state: State) => {
  const dryKg = dryKgOf(state)
  return dryKg <= 0 ? 0 : state.waterKg / (state.waterKg + dryKg)
}

/** Rain in, drying out, what is above capacity drains. */
function waterDay(state: State, { areaM2, rainShare, drying }: Exposure, celsius: number, rainMm: number, traits: CageTraits): void {
  const moisture = moistureOf(state)
  const open = state.bagged ? LEAF.bagged : { rainShare, drying }
  const takes = moisture < LEAF.shedsBelow ? LEAF.shedTakes : 1
  const dries = WARMTH.driesMmDayC * Math.max(0, celsius) * open.drying * traits.drying * areaM2 * Math.min(1, moisture / 0.55)
  const waterKg = state.waterKg + rainMm * areaM2 * open.rainShare * takes - dries
  const [dryKg, airDry] = [dryKgOf(state), ratioOf(WARMTH.airDry)]
  state.waterKg = Math.min(LEAF.holdsKgKg * dryKg, Math.max(Math.min(state.waterKg, airDry * dryKg), waterKg))
}

function rotDay(state: State, celsius: number, { pace, q10 }: CageTraits): void {
  const moisture = moistureOf(state)
  const inside = pace / DAYS_A_YEAR * rotsAgainstMoist15(celsius, moisture, q10)
  const outside = state.bagged ? inside : pace / DAYS_A_YEAR * rotsAgainstMoist15(celsius, moisture * LEAF.shellMoisture, q10)
  for (const part of state.parts) {
    part.left *= 1 - lastingFactor(part.left) * part.fill.perYear * inside
    part.outside *= 1 - lastingFactor(part.outside) * part.fill.perYear * outside
  }
}

/** What went in as mould is a starter: it says nothing of how far the leaves have come, unless there is nothing else. */
function leavesOf(parts: readonly Part[]): readonly Part[] {
  const leaves = parts.filter(({ fill }) => fill.massLeft >= LEAF.starterBelow)
  return leaves.length > 0 ? leaves : parts
}

/** Mass-weighted mean of what is left of the leaves. */
function meanLeft({ parts }: State, of: 'left' | 'outside'): number {
  const [left, all] = leavesOf(parts).reduce(([sum, whole], part) => {
    const kg = part.fill.dryKg * part.scale / part.fill.massLeft
    return [sum + kg * part[of], whole + kg]
  }, [0, 0])
  return all > 0 ? left / all : 1
}

/** What was found is so from here on: how far it is to the eye, how high it stands, how wet it is in the hand. */
function see(state: State, seen: Seen<CageRow>, looks: Looks<CageRow>, volumeL: number): void {
  if (seen.row === 'left') {
    const reckoned = meanLeft(state, 'left')
    const times = Math.max(LEAF.leastLeft, looks.take(seen, reckoned)) / reckoned
    for (const part of state.parts) part.left = Math.min(1, part.left * times)
  }
  if (seen.row === 'volumeL' && volumeL > 0) {
    const times = Math.max(0, looks.take(seen, volumeL)) / volumeL
    for (const part of state.parts) part.bulk *= times
  }
  const dryKg = dryKgOf(state)
  if (seen.row === 'moisture' && dryKg > 0)
    state.waterKg = Math.min(LEAF.holdsKgKg, Math.max(0, ratioOf(looks.take(seen, moistureOf(state))))) * dryKg
}

/** Water on dry mass, for a share of water in the whole below 1. */
const ratioOf = (moisture: number) => moisture / Math.max(0.01, 1 - moisture)

/** Something filled in, done or found, in its turn. */
type Happens = { readonly kind: 'fill', readonly day: number, readonly fill: Fill } | CageDeed | Seen<CageRow>

/** Runs a cage through weather, fills, deeds and looks. @param days ascending from 0, the times to note. */
export function runCage(
  { fills, deeds, exposure, airC, rainMm }: CageCase, traits: CageTraits, days: Float64Array, looks?: Looks<CageRow>,
): CageCourse {
  const row = () => new Float32Array(days.length)
  const course: CageCourse = { days, left: row(), leftOutside: row(), volumeL: row(), moisture: row() }
  const state: State = { parts: [], waterKg: 0, bagged: false }
  const last = days.at(-1) ?? 0
  const happens = inTurn<Happens>(fills.map(fill => ({ kind: 'fill', day: fill.day, fill })), deeds, looks?.seen ?? [])
  let [next, nextTime] = [0, 0]
  for (let day = 0; day <= Math.ceil(last); day++) {
    while (next < happens.length && happens[next]!.day < day + 1) {
      const one = happens[next++]!
      if (one.kind === 'fill') fillIn(state, one.fill)
      else if (one.kind === 'seen') see(state, one, looks!, volumeOf(state, one.day, traits.settling))
      else doTo(state, one, day, traits.settling)
    }
    state.waterKg = Math.min(state.waterKg, LEAF.holdsKgKg * dryKgOf(state))
    while (nextTime < days.length && days[nextTime]! < day + 1) {
      course.left[nextTime] = meanLeft(state, 'left')
      course.leftOutside[nextTime] = meanLeft(state, 'outside')
      course.volumeL[nextTime] = volumeOf(state, days[nextTime]!, traits.settling)
      course.moisture[nextTime] = moistureOf(state)
      nextTime++
    }
    const celsius = (airC[Math.min(airC.length - 1, day)] ?? 0) + traits.weatherK
    waterDay(state, exposure, celsius, rainMm[Math.min(rainMm.length - 1, day)] ?? 0, traits)
    rotDay(state, celsius, traits)
  }
  return course
}

/** The day from which on no more than so much is left, after everything has gone in; the last day when it never comes so far. */
export function dayLeft({ days, left }: Pick<CageCourse, 'days' | 'left'>, massLeft: number, notBefore: number): number {
  for (let at = 0; at < days.length; at++) {
    if (days[at]! < notBefore || left[at]! > massLeft) continue
    const [before, here] = [left[at - 1], left[at]!]
    // Between two times of noting, in a straight line.
    if (at === 0 || before === undefined || before <= massLeft || days[at - 1]! < notBefore) return days[at]!
    return days[at - 1]! + (days[at]! - days[at - 1]!) * (before - massLeft) / (before - here)
  }
  return days.at(-1) ?? 0
}
