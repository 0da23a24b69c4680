import type { Charge } from './charge'
import { add, turn, water } from './happenings'
import { coreC, edgeC, moistureOf, newHeap, SHELLS, usedShare, volumeL, type Heap } from './heap'
import { advance, type Outside } from './step'
import type { Traits } from './traits'
import type { Standing } from './walls'

/** The air and the rain of each day from the day of building on; the last day stands for all after it. */
export interface Weather {
  readonly airC: Float64Array
  readonly rainMm: Float64Array
  /** Share of the rain that gets past the cover. */
  readonly openShare: number
}

/** Something that was, or will be, done to a heap, on a day since its building. */
export type Deed
  = | { readonly day: number, readonly kind: 'turn' }
    | { readonly day: number, readonly kind: 'water', readonly litres: number }
    | { readonly day: number, readonly kind: 'add', readonly charge: Charge }

/** Decides, from the heap as it stands, whether it is turned today. Asked once a day, in order, with fresh memory each run. */
export interface TurningHabit {
  turnsToday(heap: Heap, airC: number, turnsSoFar: number): boolean
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
  /** From this day on it is turned as the habit says; before it only as the deeds tell. */
  readonly habitFromDay: number
  readonly habit: () => TurningHabit
}

/** What is noted of a heap at each of the times. One place a time in every list. */
export interface Course {
  readonly days: Float64Array
  readonly coreC: Float32Array
  readonly edgeC: Float32Array
  /** Share of the loose volume. */
  readonly volumeShare: Float32Array
  readonly moisture: Float32Array
  /** Share of the usable stuff that is used up. */
  readonly used: Float32Array
  readonly coreOxygenPct: Float32Array
  /** Temperatures by shell, core first, one row a time. */
  readonly shellsC: Float32Array
  /** Days on which the habit turned it. */
  readonly habitTurns: number[]
}

/** Room for a course at these times, days ascending from 0. */
export function emptyCourse(days: Float64Array): Course {
  const row = () => new Float32Array(days.length)
  return { days, coreC: row(), edgeC: row(), volumeShare: row(), moisture: row(), used: row(), coreOxygenPct: row(), shellsC: new Float32Array(days.length * SHELLS), habitTurns: [] }
}

/** Four times a day for the first month, then daily. */
export function courseDays(lastDay: number): Float64Array {
  const days: number[] = []
  for (let day = 0; day <= lastDay + 1e-9; day += day < 30 ? 0.25 : 1) days.push(day)
  return Float64Array.from(days)
}

function note(course: Course, at: number, heap: Heap): void {
  course.coreC[at] = coreC(heap)
  course.edgeC[at] = edgeC(heap)
  course.volumeShare[at] = volumeL(heap) / heap.looseL
  course.moisture[at] = moistureOf(heap)
  course.used[at] = usedShare(heap)
  course.coreOxygenPct[at] = heap.oxygenPct[0]!
  course.shellsC.set(heap.celsius, at * SHELLS)
}

function apply(heap: Heap, deed: Deed, airC: number): void {
  if (deed.kind === 'turn') turn(heap, airC)
  else if (deed.kind === 'water') water(heap, deed.litres, airC)
  else add(heap, deed.charge, airC)
}

const NEVER = Number.POSITIVE_INFINITY

/**
 * Runs one heap of these traits through its weather and everything done to it, and notes it at the times of `into`.
 * Deterministic; 180 days take a few thousandths of a second. Returns the heap as it stands at the last time.
 */
export function runCourse(what: HeapCase, traits: Traits, into: Course): Heap {
  const { charge, standing, weather, deeds, habitFromDay } = what
  const habit = what.habit()
  into.habitTurns.length = 0
  const lastWeather = weather.airC.length - 1
  const outside: Outside = { airC: 0, rainMmDay: 0, openShare: weather.openShare }
  const airOn = (day: number) => weather.airC[Math.min(lastWeather, Math.floor(day))]! + traits.weather
  const heap = newHeap(charge, standing, traits, airOn(0) + what.startsAboveK, what.starter)
  let nextDeed = 0
  let turns = 0
  let asksOn = 1
  for (let at = 0; at < into.days.length; at++) {
    const until = into.days[at]!
    for (;;) {
      const deedDay = nextDeed < deeds.length ? Math.max(heap.day, deeds[nextDeed]!.day) : NEVER
      const midnight = Math.floor(heap.day + 1e-9) + 1
      const stop = Math.min(until, deedDay, asksOn, midnight)
      if (stop > heap.day + 1e-9) {
        outside.airC = airOn(heap.day + 1e-9)
        outside.rainMmDay = weather.rainMm[Math.min(lastWeather, Math.floor(heap.day + 1e-9))]!
        advance(heap, outside, stop - heap.day)
        heap.day = stop
      }
      if (deedDay <= stop) {
        const deed = deeds[nextDeed++]!
        apply(heap, deed, airOn(stop))
        if (deed.kind === 'turn') turns++
      }
      else if (asksOn <= stop) {
        // Asked every day, so that it knows the heap; heard only from its day on.
        if (habit.turnsToday(heap, airOn(stop), turns) && stop >= habitFromDay) {
          turn(heap, airOn(stop))
          into.habitTurns.push(stop)
          turns++
        }
        asksOn++
      }
      else if (stop >= until) break
    }
    note(into, at, heap)
  }
  return heap
}
