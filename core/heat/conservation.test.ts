import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { atMoisture, BALANCED, chargeFrom, courseOf, cube, heapAfter, noted } from '../../test/builders/cubes'
import { emptyCourse, type Deed } from './case'
import { Run, runCourse } from './course'
import { dryMassKg, heldMJ, newHeap, SHELLS, TOP, total, type Heap } from './heap'
import { advance } from './step'
import { CONSTANTS } from './constants'
import { add, turn, water } from './happenings'
import { traitsAt, TRAIT_NAMES, USUAL_TRAITS } from './traits'

const charge = chargeFrom(BALANCED, 25)
const standings = fc.array(fc.double({ min: -2.5, max: 2.5, noNaN: true }), {
  minLength: TRAIT_NAMES.length, maxLength: TRAIT_NAMES.length,
})
const deeds = fc
  .array(
    fc.record({
      day: fc.double({ min: 0, max: 40, noNaN: true }), what: fc.integer({ min: 0, max: 2 }),
      litres: fc.double({ min: 0, max: 120, noNaN: true }),
    }),
    { maxLength: 5 },
  )
  .map(list =>
    list
      .sort((a, b) => a.day - b.day)
      .map(({ day, what, litres }): Deed =>
        what === 0
          ? { day, kind: 'turn' }
          : what === 1
            ? { day, kind: 'water', litres }
            : { day, kind: 'add', charge: chargeFrom(BALANCED, 10, 0.1) },
      ),
  )
const air = fc.double({ min: -15, max: 35, noNaN: true })

function run(traits: number[], what: readonly Deed[], airC: number, rainMm: number, days = 50): Heap {
  return heapAfter(cube(charge, { airC, rainMm, openShare: 0.5, deeds: what }), days, traitsAt(traits))
}

describe('what goes in is what is there and what went out', () => {
  it('for dry matter and water', () => {
    fc.assert(fc.property(standings, deeds, air, fc.double({ min: 0, max: 20, noNaN: true }), (traits, what, airC, rainMm) => {
      const heap = run(traits, what, airC, rainMm)
      const start = newHeap(charge, heap.standing, traitsAt(traits), 10)
      const { ledger } = heap
      expect(dryMassKg(heap) + ledger.decayedKg).toBeCloseTo(heap.whole.chargedDryKg, 6)
      const cameKg = total(start.parts.waterKg) + ledger.pouredKg + ledger.waterMadeKg
      expect(total(heap.parts.waterKg) + ledger.evaporatedKg + ledger.drainedKg).toBeCloseTo(cameKg, 6)
    }), { numRuns: 40 })
  })

  it('for heat', () => {
    fc.assert(fc.property(standings, deeds, air, (traits, what, airC) => {
      const heap = run(traits, what, airC, 3)
      const startC = heapAfter(cube(charge, { airC }), 0, traitsAt(traits)).parts.celsius[0]!
      const startMJ = heldMJ(newHeap(charge, heap.standing, traitsAt(traits), startC))
      const { releasedMJ, lostMJ, carriedMJ } = heap.ledger
      expect(Math.abs(heldMJ(heap) - (startMJ + releasedMJ - lostMJ + carriedMJ))).toBeLessThan(1e-6 * (1 + releasedMJ))
    }), { numRuns: 40 })
  })
})

describe('the numbers stay possible', () => {
  it('whatever the heap, the weather and the deeds: finite, not negative, not hotter than microbes can make it', () => {
    fc.assert(fc.property(standings, deeds, air, fc.double({ min: 0.02, max: 0.9, noNaN: true }), (traits, what, airC, moisture) => {
      const course = courseOf(cube(atMoisture(charge, moisture), { airC, deeds: what }), 60, traitsAt(traits))
      for (const row of ['coreC', 'edgeC', 'moisture', 'used', 'volumeShare', 'coreOxygenPct'] as const)
        expect(course[row].every(Number.isFinite)).toBe(true)
      expect(course.coreC.every(core => core > airC - 20 && core < 88)).toBe(true)
      expect(course.moisture.every(share => share >= 0 && share <= 0.951)).toBe(true)
      expect(course.used.every(share => share > -1e-6 && share <= 1)).toBe(true)
      expect(course.coreOxygenPct.every(oxygen => oxygen >= 0 && oxygen <= 20.95)).toBe(true)
    }), { numRuns: 40 })
  })

  it('a step of a week comes out near the same week in hours', () => {
    const outside = { airC: 15, rainMmDay: 0, openShare: 0 }
    const [coarse, fine] = [
      newHeap(charge, cube(charge).standing, USUAL_TRAITS, 19), newHeap(charge, cube(charge).standing, USUAL_TRAITS, 19),
    ]
    for (let week = 0; week < 4; week++) advance(coarse, outside, 7)
    for (let hour = 0; hour < 28 * 24; hour++) advance(fine, outside, 1 / 24)
    expect(Math.abs(coarse.parts.celsius[0]! - fine.parts.celsius[0]!)).toBeLessThan(1.5)
    expect(coarse.ledger.decayedKg / fine.ledger.decayedKg).toBeCloseTo(1, 1)
  })

  it('a heap without any food is as warm as the air in the end, from above and from below', () => {
    const dead = {
      ...charge,
      restKg: charge.restKg + charge.rapidKg + charge.mediumKg + charge.slowKg,
      rapidKg: 0,
      mediumKg: 0,
      slowKg: 1e-9,
    }
    for (const startC of [2, 60]) {
      const heap = newHeap(dead, cube(charge).standing, USUAL_TRAITS, startC)
      advance(heap, { airC: 20, rainMmDay: 0, openShare: 0 }, 60)
      heap.parts.celsius.subarray(0, SHELLS).forEach(celsius => expect(Math.abs(celsius - 20)).toBeLessThan(2))
    }
  })
})

describe('what is done to a heap', () => {
  it('a turn takes some of the warmth above the air, and what is left is as warm everywhere', () => {
    const heap = newHeap(charge, cube(charge).standing, USUAL_TRAITS, 15)
    heap.parts.celsius.set([60, 55, 50, 45, 35, 25])
    // All shells hold alike: mean 45 °C; with a fifth and a bit of the warmth above the air gone: 45 − turnCools·(45 − 15).
    turn(heap, 15)
    for (const celsius of heap.parts.celsius) expect(celsius).toBeCloseTo(45 - CONSTANTS.turnCools.value * 30, 9)
  })

  it('water cools by its share of what holds heat', () => {
    const heap = newHeap(charge, cube(charge).standing, USUAL_TRAITS, 50)
    const capacity = heldMJ(heap) / 50
    water(heap, 40, 10)
    // (C·50 + 40·0.00418·10) / (C + 40·0.00418)
    expect(heap.parts.celsius[0]).toBeCloseTo((capacity * 50 + 40 * 0.00418 * 10) / (capacity + 40 * 0.00418), 9)
  })

  it('a turn brings the outside in: most is mixed, the rest changes places', () => {
    const heap = newHeap(charge, cube(charge).standing, USUAL_TRAITS, 15)
    heap.parts.mediumKg.set([1, 1, 1, 1, 1, 7])
    turn(heap, 15)
    // Mean 2; 0.7·2 + 0.3·7 inside, 0.7·2 + 0.3·1 outside.
    expect(heap.parts.mediumKg[0]).toBeCloseTo(0.7 * 2 + 0.3 * 7, 9)
    expect(heap.parts.mediumKg[5]).toBeCloseTo(0.7 * 2 + 0.3 * 1, 9)
  })

  it('more of the same leaves matting, stiffness and pace as they were, and lies cool on top until it is turned in', () => {
    const heap = newHeap(charge, cube(charge).standing, USUAL_TRAITS, 50)
    const ratio = charge.carbonKg / charge.nitrogenKg
    add(heap, charge, 15)
    expect(heap.whole.mattingShare).toBeCloseTo(charge.mattingShare, 9)
    expect(heap.whole.stiffness).toBeCloseTo(charge.stiffness, 9)
    expect(heap.whole.pace).toBeCloseTo(charge.pace, 9)
    expect(dryMassKg(heap)).toBeCloseTo(heap.whole.chargedDryKg, 9)
    expect([heap.parts.celsius[0], heap.parts.celsius[TOP]]).toEqual([50, 15])
    turn(heap, 15)
    expect(heap.whole.carbonKg / heap.whole.nitrogenKg).toBeCloseTo(ratio, 9)
    expect(heap.parts.rapidKg[TOP]! + heap.whole.topL).toBe(0)
    expect(total(heap.parts.rapidKg)).toBeCloseTo(2 * charge.rapidKg, 9)
  })

  it('what lies on top stays cool while the core is hot', () => {
    const heap = heapAfter(cube(charge, { deeds: [{ day: 3, kind: 'add', charge: chargeFrom([['leaves-mixed', 200]], 5) }] }), 4)
    expect(heap.parts.celsius[0]! - heap.parts.celsius[TOP]!).toBeGreaterThan(20)
  })

  it('greens worked into a heap of browns wake it', () => {
    const brown = chargeFrom([['leaves-mixed', 1400]], 60)
    const greens = chargeFrom([['grass-clippings', 500], ['chicken-manure', 60]], 0)
    const alone = courseOf(cube(brown))
    const woken = courseOf(cube(brown, { deeds: [{ day: 7, kind: 'add', charge: greens }, { day: 7, kind: 'turn' }] }))
    expect(noted(alone, 'coreC', 10)).toBeLessThan(35)
    expect(noted(woken, 'coreC', 10)).toBeGreaterThan(noted(alone, 'coreC', 10) + 15)
  })

  it('rain through an open top makes it wetter and a cover keeps it out', () => {
    const open = courseOf(cube(charge, { rainMm: 6, openShare: 1 }))
    const covered = courseOf(cube(charge, { rainMm: 6, openShare: 0 }))
    expect(noted(open, 'moisture', 60)).toBeGreaterThan(noted(covered, 'moisture', 60) + 0.02)
  })
})

describe('however often a heap is looked at, it goes the same way', () => {
  const dense = { ...chargeFrom([['grass-clippings', 700], ['straw-wheat', 500], ['horse-manure-straw', 500]], 30) }

  it.each([2, 15, 30])('to 0.01 K at %i °C: noted every five minutes or every six hours', (airC) => {
    const [often, seldom] = [288, 4].map((aDay) => {
      const course = emptyCourse(Float64Array.from({ length: 10 * aDay + 1 }, (_, at) => at / aDay))
      expect(runCourse(cube(dense, { airC }), USUAL_TRAITS, course).ok).toBe(true)
      return Array.from({ length: 10 }, (_, day) => course.coreC[day * aDay]!)
    }) as [number[], number[]]
    often.forEach((celsius, day) => expect(Math.abs(celsius - seldom[day]!)).toBeLessThan(0.01))
  })

  it('to 1 K though a drop of water cuts its steps every few hours', () => {
    const cuts = Array.from({ length: 40 }, (_, index): Deed => ({ day: 0.1 + index * 0.2, kind: 'water', litres: 0.001 }))
    for (const airC of [2, 15]) {
      const [plain, cut] = [courseOf(cube(dense, { airC })), courseOf(cube(dense, { airC, deeds: cuts }))]
      for (const day of [1, 2, 3, 4, 6, 9]) expect(Math.abs(noted(plain, 'coreC', day) - noted(cut, 'coreC', day))).toBeLessThan(1)
    }
  })

  it('halted and gone on with it is the same heap to 0.1 K', () => {
    const what = cube(charge, { deeds: [{ day: 7, kind: 'turn' }] })
    const [first, second] = [emptyCourse(Float64Array.of(5)), emptyCourse(Float64Array.of(20))]
    const run = new Run(what, USUAL_TRAITS)
    run.goOn(first)
    const on = new Run(what, USUAL_TRAITS, run.halt())
    on.goOn(second)
    expect(Math.abs(second.coreC[0]! - noted(courseOf(what), 'coreC', 20))).toBeLessThan(0.1)
  })
})

describe('what cannot be run is refused by name', () => {
  const course = () => emptyCourse(Float64Array.of(0, 5))
  const refused = (what: Parameters<typeof runCourse>[0]) => {
    const ran = runCourse(what, USUAL_TRAITS, course())
    return ran.ok ? undefined : ran.error
  }

  it('a deed on no day, a charge with nothing in it or without volume, weather that is no number', () => {
    expect(refused(cube(charge, { deeds: [{ day: Number.NaN, kind: 'turn' }] }))).toEqual({ kind: 'bad-number', what: 'deed' })
    expect(refused(cube(charge, { deeds: [{ day: 1, kind: 'water', litres: Number.NaN }] }))).toEqual({ kind: 'bad-number', what: 'deed' })
    expect(refused(cube({ ...charge, rapidKg: 0, mediumKg: 0, slowKg: 0, restKg: 0 }))).toEqual({ kind: 'nothing-in-it' })
    expect(refused(cube({ ...charge, volumeL: 0 }))).toEqual({ kind: 'no-volume' })
    expect(refused(cube({ ...charge, waterKg: Number.NaN }))).toEqual({ kind: 'bad-number', what: 'charge' })
    expect(refused(cube(charge, { airC: Number.NaN }))).toEqual({ kind: 'bad-number', what: 'weather' })
    expect(refused({ ...cube(charge), standing: { wall: 'wire', footprintM2: 0, perimeterM: 0 } })).toEqual({ kind: 'no-ground' })
  })

  it('stuff of which nothing can be used stays as warm as the air, and finite', () => {
    const dead = courseOf(cube({ ...charge, restKg: 200, rapidKg: 0, mediumKg: 0, slowKg: 0, carbonKg: 0, nitrogenKg: 0 }))
    expect(dead.coreC.every(core => Number.isFinite(core) && core < 20)).toBe(true)
    expect(dead.used.every(share => share === 1)).toBe(true)
  })
})
