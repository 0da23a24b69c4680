import { fail, ok, type Outcome } from '../../outcome/outcome'
import { dryKgOf } from '../heap'
import { LAYERS, newSlab, NODES, slabM, type Slab, type SlabCase, type SlabTraits } from './bed'
import { topNow, type Top } from './frame'
import { newWork, pourOn, steadyOf, stepSlab } from './step'
import { airAtHour, sunWatts } from './sun'

/** What is noted of a hotbed at each of the times; by day means over the day before, so that noon and night do not matter. */
export interface SlabCourse {
  readonly days: Float64Array
  /** A finger deep in the soil, and in the middle of the stuff, at that moment, °C. */
  readonly soilC: Float32Array
  readonly coreC: Float32Array
  /** A finger deep in the soil, mean of the last day, °C. */
  readonly soilDayC: Float32Array
  readonly heightM: Float32Array
  readonly moisture: Float32Array
  /** Warmth by layer from the ground up, soil last, one row a time. */
  readonly nodesC: Float32Array
}

/** Why a bed cannot be run. */
export interface SlabTrouble { readonly kind: 'nothing-in-it' | 'no-ground' | 'bad-number' }

/** Room for a course at these times, in order. */
export function emptySlabCourse(days: Float64Array): SlabCourse {
  const row = () => new Float32Array(days.length)
  return {
    days, soilC: row(), coreC: row(), soilDayC: row(), heightM: row(), moisture: row(), nodesC: new Float32Array(days.length * NODES),
  }
}

/** Steps to a day. */
const STEPS = 4
/** Deep ground stays near the mean of the weeks, and never freezes. */
const GROUND = { days: 40, leastC: 3 }
/** Warmest of the middle layers. */
const coreOf = ({ celsius }: Slab) => Math.max(celsius[2]!, celsius[3]!, celsius[4]!, celsius[5]!)

/** What is wrong with a case, if anything. */
export function slabTroubleOf({ charge, footprintM2, perimeterM, soilM, weather }: SlabCase): SlabTrouble | undefined {
  const sound = (values: readonly number[]) => values.length > 0 && values.every(Number.isFinite)
  if (!Object.values(charge).every(value => Number.isFinite(value) && value >= -1e-9)) return { kind: 'bad-number' }
  if (!(dryKgOf(charge) > 1e-3) || !(charge.volumeL > 1e-3)) return { kind: 'nothing-in-it' }
  if (!(footprintM2 > 1e-3) || !(perimeterM > 0) || !(soilM > 0.005)) return { kind: 'no-ground' }
  return [weather.airC, weather.swingK, weather.sunMJ, weather.daylight].every(sound) ? undefined : { kind: 'bad-number' }
}

/** A finger deep in the soil, where seeds and roots are: between its middle and its top. */
function soilOf({ celsius }: Slab): number {
  return (celsius[NODES - 2]! + celsius[NODES - 1]!) / 2
}

/**
 * Runs one bed through its weather and notes it at the times of `into`. Deterministic. Gives the bed as it stands at the last
 * time, or why it cannot be run.
 */
export function runSlab(what: SlabCase, traits: SlabTraits, into: SlabCourse): Outcome<Slab, SlabTrouble> {
  const trouble = slabTroubleOf(what)
  if (trouble) return fail(trouble)
  const { weather, deeds, startHour } = what
  const pick = (values: readonly number[], day: number) => values[Math.min(values.length - 1, Math.max(0, Math.floor(day)))]!
  const shift = (day: number) => pick(weather.measured ?? [0], day) === 1 && weather.measured ? 0 : traits.weatherK
  const hourAt = (day: number) => (startHour + day * 24) % 24
  const airAt = (day: number) =>
    airAtHour(pick(weather.airC, day + startHour / 24), pick(weather.swingK, day + startHour / 24), hourAt(day))
    + shift(day + startHour / 24)
  const slab = newSlab(what, traits, pick(weather.airC, 0) + shift(0))
  const steady = steadyOf(what, traits)
  const work = newWork()
  const recent = new Float64Array(STEPS).fill(soilOf(slab))
  let top: Top = what.top
  let [at, nextDeed, groundC, stepNumber] = [0, 0, Math.max(GROUND.leastC, pick(weather.airC, 0)), 0]
  const { days } = into
  const note = (index: number) => {
    into.soilC[index] = soilOf(slab)
    into.coreC[index] = coreOf(slab)
    into.soilDayC[index] = recent.reduce((sum, one) => sum + one, 0) / STEPS
    into.heightM[index] = slabM(slab)
    let [water, dry] = [0, 0]
    for (let i = 0; i < LAYERS; i++) {
      water += slab.waterKg[i]!
      dry += slab.rapidKg[i]! + slab.mediumKg[i]! + slab.slowKg[i]! + slab.restKg[i]!
    }
    into.moisture[index] = water / (water + dry)
    into.nodesC.set(slab.celsius, index * NODES)
  }
  const last = days.at(-1) ?? 0
  while (at < days.length) {
    while (nextDeed < deeds.length && deeds[nextDeed]!.day <= slab.day + 1e-9) {
      const deed = deeds[nextDeed++]!
      if (deed.kind === 'water') pourOn(slab, deed.litres, airAt(slab.day))
      else top = deed.top
    }
    while (at < days.length && days[at]! <= slab.day + 1e-9) note(at++)
    if (at >= days.length) break
    const until = Math.min(
      (stepNumber + 1) / STEPS, last, nextDeed < deeds.length ? Math.max(slab.day + 1e-4, deeds[nextDeed]!.day) : Infinity, days[at]!,
    )
    const length = until - slab.day
    const middle = slab.day + length / 2
    const calendar = middle + startHour / 24
    const airC = airAt(middle)
    groundC += (Math.max(GROUND.leastC, pick(weather.airC, calendar) + shift(calendar)) - groundC) * length / GROUND.days
    const sunW = sunWatts(pick(weather.sunMJ, calendar), pick(weather.daylight, calendar), hourAt(middle))
    topNow(top, slab.celsius[NODES - 1]!, airC, sunW, sunW <= 0, work.top)
    stepSlab(slab, steady, airC, groundC, length, work)
    if (slab.day >= (stepNumber + 1) / STEPS - 1e-9) {
      recent[stepNumber % STEPS] = soilOf(slab)
      stepNumber++
    }
  }
  return ok(slab)
}
