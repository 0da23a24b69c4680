import { EVAPORATION_MJ_KG, MJ_DAY_W } from '../../heat/laws'
import { USUAL_CONSTANTS as K } from '../../heat/constants'
import { RIPE } from '../../heat/ripe'
import { uptakeOf } from '../../heat/respiration'
import { moistureShare, nitrogenShare, temperatureShare, airSpaceShare } from '../../heat/limits'
import { atCelsius, celsiusTable } from '../../heat/table'
import { surfaceOf, type Standing as Ground } from '../../heat/walls'
import { inTurn, type Looks, type Seen } from '../course'
import type { Addition } from './addition'
import { airSpaceOf, cohortKg, organicKg, dryKgOf, heatOf, put, SUMMED, volumeOf, type State } from './parts'
import type { SlowTraits } from './traits'
import { SLOW } from './constants'
import { WARMTH } from '../../warmth/constants'
import { WEEK_DAYS } from '../../units/time'

/** What of a course can be found in the garden. */
export type SlowRow = 'volumeL' | 'moisture' | 'rawness' | 'celsius'

/** Something done on a day. */
export type SlowDeed
  = | { readonly day: number, readonly kind: 'water', readonly litres: number }
    | { readonly day: number, readonly kind: 'take', readonly litres: number }
    /** Forked over into the next bay. */
    | { readonly day: number, readonly kind: 'move' }

/** How it will be fed from a day on, until it is closed or reaches the rim. */
export interface FeedingOn {
  readonly fromDay: number
  /** What goes in each week; nothing where it is closed. */
  readonly weekly: Addition | undefined
}

/** All that a course needs. Weather by day from the day of beginning; the last day stands for all after it. */
export interface SlowCase {
  readonly additions: readonly Addition[]
  readonly deeds: readonly SlowDeed[]
  readonly feeding: FeedingOn
  readonly ground: Ground
  /** Height of the rim, m. */
  readonly rimM: number
  /** Share of the rain that gets in, and drying against open ground. */
  readonly rainShare: number
  readonly drying: number
  readonly airC: ArrayLike<number>
  readonly rainMm: ArrayLike<number>
}

/** What is noted at each of the times. */
export interface SlowCourse {
  readonly days: Float64Array
  readonly volumeL: Float32Array
  readonly moisture: Float32Array
  /** Carbon to nitrogen of everything in it. */
  readonly ratio: Float32Array
  readonly celsius: Float32Array
  /** What the rawer fifth would still respire, mg O₂/g in four days at 35 °C. */
  readonly rawness: Float32Array
  /** Dry mass left of all that went in. */
  readonly leftShare: Float32Array
  /** Free air space. */
  readonly airSpace: Float32Array
  /** Leachate that ran off so far, litres. */
  readonly drainedL: Float32Array
  /** When it was first full, and when anything last went in; Infinity and 0 where that never was. */
  fullDay: number
  lastFedDay: number
}

const BY_WARMTH = celsiusTable(celsius => temperatureShare(celsius, K.coolLater))
const SAMPLE_SHARE = temperatureShare(RIPE.sampleC, K.coolLater)
/** What is left of a pool after it went at a pace for a day. */
const left = (rate: number) => 1 / (1 + rate)

/** Everything rots for a day; gives the mass gone. */
function rotDay(state: State, comfort: number, { pace, slow }: SlowTraits): number {
  let gone = 0
  for (let i = 0; i < state.cohorts.length; i++) {
    const one = state.cohorts[i]!
    const rate = comfort * one.pace * pace * nitrogenShare(one.quickCarbonKg, one.quickNitrogenKg)
    const [rapid, medium, tough, rest] = [
      one.rapidKg * left(K.rapidDay * rate), one.mediumKg * left(K.mediumDay * rate), one.slowKg * left(K.slowDay * slow * rate),
      (one.restKg - one.ashKg) * left(SLOW.restDay * comfort * pace) + one.ashKg,
    ]
    const lost = one.rapidKg - rapid + one.mediumKg - medium + one.slowKg - tough + one.restKg - rest
    const before = one.carbonKg
    one.carbonKg = Math.max(0.02 * one.carbonKg, one.carbonKg - SLOW.carbonKgKg * lost)
    const plenty = Math.max(0, 1 - before / (one.nitrogenKg + 1e-12) / SLOW.nitrogenFreeBelow)
    one.nitrogenKg *= 1 - SLOW.nitrogenLost * plenty * (before - one.carbonKg) / (before + 1e-12)
    one.rapidKg = rapid
    one.mediumKg = medium
    one.slowKg = tough
    one.restKg = rest
    gone += lost
  }
  return gone
}

/** Rain in, metabolic water, what dries and what drips. */
function waterDay(state: State, what: SlowCase, airC: number, rainMm: number, goneKg: number, traits: SlowTraits): void {
  const { footprintM2 } = what.ground
  const dryKg = dryKgOf(state)
  const moisture = state.waterKg / (state.waterKg + dryKg + 1e-12)
  let keeps = 0
  for (let i = 0; i < state.cohorts.length; i++) keeps += state.cohorts[i]!.keepsKgKg * cohortKg(state.cohorts[i]!)
  const dries = WARMTH.driesMmDayC * Math.max(0, airC) * what.drying * traits.drying * footprintM2 * Math.min(1, moisture / 0.55)
  const steams = SLOW.leavesAsVapour * goneKg * K.heatMJKg / EVAPORATION_MJ_KG
  // Air takes no more out of it than it holds in balance with it.
  const least = Math.min(state.waterKg, dryKg * WARMTH.airDry / (1 - WARMTH.airDry))
  const kept = Math.max(
    least,
    state.waterKg
    + K.waterKgKg * goneKg
    + rainMm * footprintM2 * Math.min(1, what.rainShare * traits.rain)
    - Math.min(0.2 * state.waterKg, dries + steams),
  )
  // A heap that nobody feeds any more holds a little at least.
  state.waterKg = Math.min(kept, keeps)
  state.drainedL += kept - state.waterKg
}

const SURFACE = { areaM2: 0, meanW_M2K: 0, bareM2: 0 }

function warmDay(state: State, { ground }: SlowCase, volumeL: number, airC: number, goneKg: number): void {
  const capacity = heatOf(state)
  if (!(capacity > 0)) {
    state.celsius = airC
    return
  }
  surfaceOf(ground, volumeL / 1000, K, SURFACE)
  const depthM = 3 * volumeL / 1000 / SURFACE.areaM2
  const passes = MJ_DAY_W * SURFACE.areaM2 / (1 / SURFACE.meanW_M2K + depthM / (5 * K.conductivityWmK))
  const heat = (1 - SLOW.leavesAsVapour) * goneKg * K.heatMJKg
  state.celsius = Math.min(70, (capacity * state.celsius + heat + passes * airC) / (capacity + passes))
}

/** How raw its rawer fifth is: the youngest first, which are the rawest. */
function rawnessOf({ cohorts }: State, { slow, pace }: SlowTraits): number {
  let wanted = 0
  for (let i = 0; i < cohorts.length; i++) wanted += SLOW.rawer * organicKg(cohorts[i]!)
  const all = wanted
  let usedKgDay = 0
  for (let i = cohorts.length - 1; i >= 0 && wanted > 1e-12; i--) {
    const one = cohorts[i]!
    const kg = organicKg(one)
    const taken = Math.min(wanted, kg)
    usedKgDay
      += taken / (kg + 1e-12) * one.pace * pace * SAMPLE_SHARE
        * (K.rapidDay * one.rapidKg + K.mediumDay * one.mediumKg + K.slowDay * slow * one.slowKg)
    wanted -= taken
  }
  return all > 0 ? uptakeOf(usedKgDay, all) / RIPE.uptakeMmolKgH : 0
}

function ratioOf({ cohorts }: State): number {
  let [carbon, nitrogen] = [0, 0]
  for (let i = 0; i < cohorts.length; i++) {
    carbon += cohorts[i]!.carbonKg
    nitrogen += cohorts[i]!.nitrogenKg
  }
  return nitrogen > 0 ? carbon / nitrogen : 0
}

function doTo(state: State, deed: SlowDeed, volumeL: number): void {
  if (deed.kind === 'water') state.waterKg += deed.litres
  if (deed.kind === 'take') {
    const keeps = 1 - Math.min(0.98, deed.litres / Math.max(1, volumeL))
    for (const one of state.cohorts) for (const name of SUMMED) one[name] *= keeps
    state.waterKg *= keeps
    state.dryInKg *= keeps
  }
  // Forked into the next bay it lies loose again for a while.
  if (deed.kind === 'move') for (const one of state.cohorts) one.day = Math.max(one.day, deed.day - SLOW.slump.days)
}

/** What was found is so from here on: as high as it stood, as wet as it was in the hand. */
function see(state: State, seen: Seen<SlowRow>, looks: Looks<SlowRow>, volumeL: number): void {
  if (seen.row === 'volumeL' && volumeL > 0) {
    const times = Math.max(0, looks.take(seen, volumeL)) / volumeL
    for (const one of state.cohorts) one.looseL *= times
  }
  if (seen.row === 'celsius') state.celsius = looks.take(seen, state.celsius)
  const dryKg = dryKgOf(state)
  if (seen.row === 'moisture' && dryKg > 0) {
    const moisture = looks.take(seen, state.waterKg / (state.waterKg + dryKg))
    state.waterKg = dryKg * moisture / (1 - Math.min(SLOW.wettest, moisture))
  }
}

/** Something put in, done or found, in its turn. */
type Happens = { readonly kind: 'put', readonly day: number, readonly addition: Addition } | SlowDeed | Seen<SlowRow>

/** Writes a heap down as it stands. */
function note(
  course: SlowCourse,
  at: number,
  state: State,
  { volumeL, space }: { readonly volumeL: number, readonly space: number },
  traits: SlowTraits,
): void {
  const dryKg = dryKgOf(state)
  course.volumeL[at] = volumeL
  course.moisture[at] = dryKg > 0 ? state.waterKg / (state.waterKg + dryKg) : 0
  course.ratio[at] = ratioOf(state)
  course.celsius[at] = state.celsius
  course.rawness[at] = rawnessOf(state, traits)
  course.leftShare[at] = state.dryInKg > 0 ? dryKg / state.dryInKg : 1
  course.airSpace[at] = space
  course.drainedL[at] = state.drainedL
}

/**
 * Runs a fed heap through weather, feeding, deeds and looks, a day at a time.
 * @param days ascending from 0, the times to note.
 * @param warmth share of the best pace by temperature, as a table over °C, where it is not the usual one.
 */
export function runSlow(
  what: SlowCase, traits: SlowTraits, days: Float64Array, looks?: Looks<SlowRow>, warmth: Float64Array = BY_WARMTH,
): SlowCourse {
  const row = () => new Float32Array(days.length)
  const course: SlowCourse = {
    days, volumeL: row(), moisture: row(), ratio: row(), celsius: row(), rawness: row(), leftShare: row(), airSpace: row(),
    drainedL: row(), fullDay: Infinity, lastFedDay: 0,
  }
  const state: State = { cohorts: [], waterKg: 0, celsius: (what.airC[0] ?? 10) + traits.weatherK, drainedL: 0, dryInKg: 0 }
  const roomL = what.ground.footprintM2 * what.rimM * 1000
  const last = Math.ceil(days.at(-1) ?? 0)
  const puts = what.additions.map(addition => ({ kind: 'put' as const, day: addition.day, addition }))
  const happens = inTurn<Happens>(what.deeds, puts, looks?.seen ?? [])
  let [next, nextTime] = [0, 0]
  let volumeL = 0
  for (let day = 0; day <= last; day++) {
    const airC = (what.airC[Math.min(what.airC.length - 1, day)] ?? 10) + traits.weatherK
    let changed = day % SLOW.roomEveryDays === 0 || days[nextTime]! < day + 1
    while (next < happens.length && happens[next]!.day < day + 1) {
      const one = happens[next++]!
      if (one.kind === 'put') {
        put(state, one.addition, day, traits.caddy, airC)
        course.lastFedDay = one.day
      }
      else if (one.kind === 'seen') see(state, one, looks!, volumeOf(state, day, traits.settling))
      else doTo(state, one, volumeOf(state, day, traits.settling))
      changed = true
    }
    if (changed) volumeL = volumeOf(state, day, traits.settling)
    const { weekly, fromDay } = what.feeding
    if (weekly && day >= fromDay && course.fullDay === Infinity && day % WEEK_DAYS === 0) {
      put(state, weekly, day, traits.caddy * traits.feeding, airC)
      course.lastFedDay = day
      volumeL = volumeOf(state, day, traits.settling)
    }
    if (volumeL >= SLOW.fullShare * roomL && course.fullDay === Infinity) course.fullDay = day
    const space = airSpaceOf(state, volumeL)
    while (nextTime < days.length && days[nextTime]! < day + 1) note(course, nextTime++, state, { volumeL, space }, traits)
    if (state.cohorts.length === 0) continue
    const dryKg = dryKgOf(state)
    const comfort = atCelsius(warmth, state.celsius) * moistureShare(state.waterKg / (state.waterKg + dryKg + 1e-12)) * airSpaceShare(space)
    const gone = rotDay(state, comfort, traits)
    waterDay(state, what, airC, what.rainMm[Math.min(what.rainMm.length - 1, day)] ?? 0, gone, traits)
    warmDay(state, what, volumeL, airC, gone)
  }
  return course
}

/** The day from which on it is ripe: so little left to respire, and nothing fed for so long. The last day where it never comes so far. */
export function ripeDay({ days, rawness, lastFedDay }: SlowCourse, limitMgG: number, restDays: number): number {
  const raw = rawness.findLastIndex(value => value > limitMgG)
  const end = days.at(-1) ?? 0
  return raw === days.length - 1 ? end : Math.min(end, Math.max(days[raw + 1] ?? 0, lastFedDay + restDays))
}
