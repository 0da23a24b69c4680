import { fail, ok, type Outcome } from '../outcome/outcome'
import { add, turn, water } from './happenings'
import {
  coreC, dryMassKg, edgeC, moistureOf, newHeap, restore, SHELLS, snapshotOf, total, usedShare, type Heap, type Snapshot,
} from './heap'
import { pack, volumeL } from './packing'
import { breathOf, rawnessOf, type Breath } from './respiration'
import { spellsAt, type Spells } from './spells'
import { step, strideOf, type Outside } from './step'
import type { Traits } from './traits'
import { type Course, type Deed, type HabitMemory, type HeapCase, type HeapTrouble, emptyCourse, troubleOf } from './case'

/** A run as far as it has come: what is needed to go on from there. */
export interface Halt {
  readonly heap: Snapshot
  readonly nextDeed: number
  readonly turns: number
  readonly asksOn: number
  readonly memory: HabitMemory
}

function note(course: Course, at: number, heap: Heap, builtL: number, breath: Breath): void {
  course.coreC[at] = coreC(heap)
  course.edgeC[at] = edgeC(heap)
  course.volumeShare[at] = volumeL(heap) / builtL
  course.moisture[at] = moistureOf(heap)
  course.used[at] = usedShare(heap)
  course.coreOxygenPct[at] = heap.parts.oxygenPct[0]!
  course.rawness[at] = rawnessOf(heap, breath)
  for (let i = 0; i < SHELLS; i++) course.shellsC[at * SHELLS + i] = heap.parts.celsius[i]!
}

function between(course: Course, at: number, before: Course, after: Course, share: number): void {
  const mixed = (from: Float32Array, to: Float32Array) => from[0]! + (to[0]! - from[0]!) * share
  course.coreC[at] = mixed(before.coreC, after.coreC)
  course.edgeC[at] = mixed(before.edgeC, after.edgeC)
  course.volumeShare[at] = mixed(before.volumeShare, after.volumeShare)
  course.moisture[at] = mixed(before.moisture, after.moisture)
  course.used[at] = mixed(before.used, after.used)
  course.coreOxygenPct[at] = mixed(before.coreOxygenPct, after.coreOxygenPct)
  course.rawness[at] = mixed(before.rawness, after.rawness)
  for (let i = 0; i < SHELLS; i++) course.shellsC[at * SHELLS + i] = before.shellsC[i]! + (after.shellsC[i]! - before.shellsC[i]!) * share
}

const NEVER = Number.POSITIVE_INFINITY
const SOON = 1e-9
/** Who makes fewer of the turns has another approach. */
const LEAST_MADE = 0.4
const MOST_ALIVE = 0.9
const MOST_LIVELY = 1.6

/** One heap on its way through its weather and everything that is done to it. */
export class Run {
  readonly heap: Heap
  private nextDeed = 0
  private turns = 0
  private asksOn = 1
  private memory: HabitMemory = { lastDay: 0, turnsSeen: 0, peakC: 0, asked: 0 }
  private readonly spells: Spells | undefined
  private readonly outside: Outside
  private before = emptyCourse(Float64Array.of(0))
  private after = emptyCourse(Float64Array.of(0))
  /** When `after` was noted, if nothing happened since. */
  private afterDay = -1
  private breath: Breath

  /** A run of a sound case (see `troubleOf`) from its beginning, or from where another one of the same heap halted. */
  constructor(private readonly what: HeapCase, traits: Traits, from?: Halt) {
    const { charge, standing, weather, startsAboveK, starter, constants, iceMJ } = what
    this.spells = spellsAt(traits.spells)
    this.outside = { airC: 0, rainMmDay: 0, openShare: weather.openShare }
    // What is livelier than usual is so by its life and its warmth.
    this.heap = newHeap(charge, standing, traits, 0, Math.min(MOST_ALIVE, starter * traits.lively), constants, iceMJ)
    this.heap.parts.celsius.fill(this.airOn(0) + startsAboveK * (startsAboveK > 0 ? Math.min(MOST_LIVELY, traits.lively) : 1))
    if (from) {
      restore(this.heap, from.heap)
      ;({ nextDeed: this.nextDeed, turns: this.turns, asksOn: this.asksOn } = from)
      this.memory = { ...from.memory }
    }
    this.breath = breathOf(this.heap)
    pack(this.heap)
  }

  /** Where it stands, to go on from. */
  halt(): Halt {
    return { heap: snapshotOf(this.heap), nextDeed: this.nextDeed, turns: this.turns, asksOn: this.asksOn, memory: { ...this.memory } }
  }

  private placeOf(day: number): number {
    return Math.min(this.what.weather.airC.length - 1, Math.max(0, Math.floor(day)))
  }

  private airOn(day: number): number {
    const place = this.placeOf(day)
    const { airC, measured } = this.what.weather
    if (measured?.[place]) return airC[place]!
    return airC[place]! + this.heapWeather() + (this.spells ? this.spells.airK[Math.floor(day) % this.spells.airK.length]! : 0)
  }

  private heapWeather(): number {
    return this.heap ? this.heap.traits.weather : 0
  }

  private rainOn(day: number): number {
    const { rainMm, measured } = this.what.weather
    const place = Math.min(rainMm.length - 1, Math.max(0, Math.floor(day)))
    return this.spells && !measured?.[place]
      ? rainMm[place]! * this.spells.rainTimes[Math.floor(day) % this.spells.rainTimes.length]!
      : rainMm[place]!
  }

  private apply(deed: Deed, airC: number): void {
    if (deed.kind === 'turn') {
      turn(this.heap, airC)
      this.turns++
    }
    else if (deed.kind === 'water') water(this.heap, deed.litres, airC)
    else {
      add(this.heap, deed.charge, airC)
      this.breath = breathOf(this.heap)
    }
  }

  private askHabit(into: Course): void {
    const day = this.asksOn++
    const airC = this.airOn(day)
    // Asked every day, so that it knows the heap; heard only from its day on.
    const turns = this.what.habit.turnsToday(this.heap, airC, this.turns, this.memory)
    if (day < this.what.habitFromDay) return
    if (turns && this.isMade()) {
      turn(this.heap, airC)
      into.habitTurns.push(day)
      this.turns++
    }
    else if (turns) {
      // Left out: it is asked again when it is due again.
      this.memory.lastDay = day
      this.memory.peakC = 0
    }
    const { watered } = this.what.habit
    if (watered && (turns || day % watered.everyDays === 0))
      this.waterIfDry(turns ? watered.belowWhenTurned : watered.below, watered.to, airC, into)
  }

  /** Whether its gardener makes the turn that is asked for: evenly so many of all. */
  private isMade(): boolean {
    const share = Math.min(1, Math.max(LEAST_MADE, this.heap.traits.tends))
    const { asked } = this.memory
    this.memory.asked++
    return Math.floor((asked + 1) * share + SOON) > Math.floor(asked * share + SOON)
  }

  private waterIfDry(below: number, to: number, airC: number, into: Course): void {
    const waterKg = total(this.heap.parts.waterKg)
    const dryKg = dryMassKg(this.heap)
    if (waterKg >= below * (waterKg + dryKg)) return
    const litres = dryKg * to / (1 - to) - waterKg
    water(this.heap, litres, airC)
    into.habitWaterings.push({ day: this.heap.whole.day, litres })
  }

  /** Deeds and questions that are due by now, in order. */
  private due(into: Course): boolean {
    const now = this.heap.whole.day + SOON
    const deed = this.what.deeds[this.nextDeed]
    if (deed && deed.day <= now) {
      this.nextDeed++
      this.apply(deed, this.airOn(now))
      return true
    }
    if (this.asksOn > now) return false
    this.askHabit(into)
    return true
  }

  /** How it stands before a step: as it stood after the last one, if that was noted and nothing happened since. */
  private noteBefore(builtL: number): void {
    if (this.afterDay === this.heap.whole.day) [this.before, this.after] = [this.after, this.before]
    else note(this.before, 0, this.heap, builtL, this.breath)
  }

  /** Lets the heap go on and notes it at the times of `into` that lie ahead. Whatever is noted, the heap takes the same steps. */
  goOn(into: Course): void {
    const { heap, what } = this
    const { whole } = heap
    const { days } = into
    const last = days.at(-1) ?? 0
    const builtL = what.charge.volumeL
    let at = 0
    while (at < days.length) {
      if (this.due(into)) {
        this.afterDay = -1
        continue
      }
      if (days[at]! <= whole.day + SOON) {
        note(into, at++, heap, builtL, this.breath)
        continue
      }
      const deedDay = what.deeds[this.nextDeed]?.day ?? NEVER
      const stop = Math.min(last, deedDay, this.asksOn, Math.floor(whole.day + SOON) + 1)
      const from = whole.day
      const length = strideOf(heap, stop - from)
      const noted = days[at]! < from + length - SOON
      if (noted) this.noteBefore(builtL)
      this.outside.airC = this.airOn(from + SOON)
      this.outside.rainMmDay = this.rainOn(from + SOON)
      step(heap, this.outside, length)
      if (stop - whole.day < SOON) whole.day = stop
      if (!noted) continue
      note(this.after, 0, heap, builtL, this.breath)
      this.afterDay = whole.day
      while (at < days.length && days[at]! < whole.day - SOON)
        between(into, at, this.before, this.after, (days[at++]! - from) / (whole.day - from))
    }
  }
}

/**
 * Runs one heap of these traits through its weather and everything done to it, and notes it at the times of `into`.
 * Deterministic. Gives the heap as it stands at the last time, or why it cannot be run.
 */
export function runCourse(what: HeapCase, traits: Traits, into: Course): Outcome<Heap, HeapTrouble> {
  const trouble = troubleOf(what, into.days)
  if (trouble) return fail(trouble)
  into.habitTurns.length = 0
  into.habitWaterings.length = 0
  const run = new Run(what, traits)
  run.goOn(into)
  pack(run.heap)
  return ok(run.heap)
}
