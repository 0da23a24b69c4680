import type { Charge } from './charge'
import type { Constants } from './constants'
import { dryKgOf, SHELLS, type Heap } from './heap'
import type { Standing } from './walls'

/** The air and the rain of each day from the day of building on; the last day stands for all after it. */
export interface Weather {
  readonly airC: Float64Array
  readonly rainMm: Float64Array
  /** Share of the rain that gets past the cover. */
  readonly openShare: number
  /** 1 for each day whose weather was measured: there nothing strays. None when left out. */
  readonly measured?: Uint8Array
}

/** Something that was, or will be, done to a heap, on a day since its building. */
export type Deed
  = | { readonly day: number, readonly kind: 'turn' }
    | { readonly day: number, readonly kind: 'water', readonly litres: number }
    | { readonly day: number, readonly kind: 'add', readonly charge: Charge }

/** What a habit remembers of a heap from one day to the next. */
export interface HabitMemory {
  lastDay: number
  turnsSeen: number
  peakC: number
  /** Turns that were asked for so far, made or not. */
  asked: number
}

/** Decides, from the heap as it stands, whether it is turned today. Asked once a day, in order. */
export interface TurningHabit {
  turnsToday(heap: Heap, airC: number, turnsSoFar: number, memory: HabitMemory): boolean
  /** How it is felt and watered, if at all. */
  readonly watered?: Watering
}

/**
 * Felt every so many days and found drier than this, it is watered by whoever looks after it, up to the other; when it is
 * turned, somewhat sooner. Shares of wet mass.
 */
export interface Watering {
  readonly everyDays: number
  readonly below: number
  readonly belowWhenTurned: number
  readonly to: number
}

/** All that a course needs beside the traits of the heap. */
export interface HeapCase {
  readonly charge: Charge
  readonly standing: Standing
  readonly weather: Weather
  /** In order of their days. */
  readonly deeds: readonly Deed[]
  /** What stuff brings of its own warmth when built, K above the air. */
  readonly startsAboveK: number
  readonly starter: number
  /** Heat that what came frozen takes before it warms, MJ; none where nothing is said. */
  readonly iceMJ?: number
  /** From this day on it is turned as the habit says; before it only as the deeds tell. */
  readonly habitFromDay: number
  readonly habit: TurningHabit
  /** The constants of the model, where they are not the usual ones. */
  readonly constants?: Constants
}

/** What is noted of a heap at each of the times. One place a time in every list. */
export interface Course {
  readonly days: Float64Array
  readonly coreC: Float32Array
  readonly edgeC: Float32Array
  /** Share of the loose volume that it was built of. */
  readonly volumeShare: Float32Array
  readonly moisture: Float32Array
  /** Share of the usable stuff that is used up. */
  readonly used: Float32Array
  readonly coreOxygenPct: Float32Array
  /** How raw it is: 1 and less is ripe (see `respiration.ts`). */
  readonly rawness: Float32Array
  /** Temperatures by shell, core first, one row a time. */
  readonly shellsC: Float32Array
  /** Days on which the habit turned it. */
  readonly habitTurns: number[]
  /** What was poured on by habit, and when. */
  readonly habitWaterings: { readonly day: number, readonly litres: number }[]
}

export const COURSE_ROWS = ['coreC', 'edgeC', 'volumeShare', 'moisture', 'used', 'coreOxygenPct', 'rawness'] as const
export type CourseRow = typeof COURSE_ROWS[number]

/** Room for a course at these times, days ascending, none before 0. */
export function emptyCourse(days: Float64Array): Course {
  const row = () => new Float32Array(days.length)
  return {
    days, coreC: row(), edgeC: row(), volumeShare: row(), moisture: row(), used: row(), coreOxygenPct: row(), rawness: row(),
    shellsC: new Float32Array(days.length * SHELLS), habitTurns: [], habitWaterings: [],
  }
}

/** Four times a day for the first month, then daily. */
export function courseDays(lastDay: number): Float64Array {
  const days: number[] = []
  for (let day = 0; day <= lastDay + 1e-9; day += day < 30 ? 0.25 : 1) days.push(day)
  return Float64Array.from(days)
}

/** Why a case cannot be run. */
export type HeapTrouble
  = | { readonly kind: 'nothing-in-it' }
    | { readonly kind: 'no-volume' }
    | { readonly kind: 'no-ground' }
    | { readonly kind: 'bad-number', readonly what: 'charge' | 'weather' | 'deed' | 'times' }

export const sound = (values: ArrayLike<number>) => {
  for (let i = 0; i < values.length; i++) if (!Number.isFinite(values[i]!)) return false
  return true
}
const numbersOf = (charge: Charge) => Object.values(charge)
const notBelow = (charge: Charge) => numbersOf(charge).every(value => Number.isFinite(value) && value >= -1e-9)

function deedTrouble(deed: Deed): boolean {
  if (!Number.isFinite(deed.day)) return true
  return deed.kind === 'water'
    ? !(deed.litres >= 0 && deed.litres < 1e6)
    : deed.kind === 'add'
      ? !notBelow(deed.charge) || !(dryKgOf(deed.charge) > 0) || !(deed.charge.volumeL > 0)
      : false
}

/** What is wrong with a case, if anything: what is run afterwards stays finite. */
export function troubleOf({ charge, standing, weather, deeds }: HeapCase, days: Float64Array): HeapTrouble | undefined {
  if (!notBelow(charge)) return { kind: 'bad-number', what: 'charge' }
  if (!(dryKgOf(charge) > 1e-6)) return { kind: 'nothing-in-it' }
  if (!(charge.volumeL > 1e-6)) return { kind: 'no-volume' }
  if (!(standing.footprintM2 > 1e-6) || !(standing.perimeterM > 0) || !Number.isFinite(standing.footprintM2 + standing.perimeterM))
    return { kind: 'no-ground' }
  if (
    weather.airC.length === 0
    || weather.rainMm.length === 0
    || !sound(weather.airC)
    || !sound(weather.rainMm)
    || !Number.isFinite(weather.openShare)
  )
    return { kind: 'bad-number', what: 'weather' }
  if (deeds.some(deedTrouble)) return { kind: 'bad-number', what: 'deed' }
  return sound(days) ? undefined : { kind: 'bad-number', what: 'times' }
}
