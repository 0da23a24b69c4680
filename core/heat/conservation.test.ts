import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { atMoisture, BALANCED, chargeFrom, courseOf, cube, noted } from '../../test/builders/cubes'
import { emptyCourse, runCourse, type Deed } from './course'
import { dryMassKg, heldMJ, newHeap, total, type Heap } from './heap'
import { advance } from './step'
import { add, turn, water } from './happenings'
import { traitsAt, TRAIT_NAMES, USUAL_TRAITS } from './traits'

const charge = chargeFrom(BALANCED, 25)
const standings = fc.array(fc.double({ min: -2.5, max: 2.5, noNaN: true }), { minLength: TRAIT_NAMES.length, maxLength: TRAIT_NAMES.length })
const deeds = fc.array(fc.record({ day: fc.double({ min: 0, max: 40, noNaN: true }), what: fc.integer({ min: 0, max: 2 }), litres: fc.double({ min: 0, max: 120, noNaN: true }) }), { maxLength: 5 })
  .map(list => list.sort((a, b) => a.day - b.day).map(({ day, what, litres }): Deed => what === 0 ? { day, kind: 'turn' } : what === 1 ? { day, kind: 'water', litres } : { day, kind: 'add', charge: chargeFrom(BALANCED, 10, 0.1) }))
const air = fc.double({ min: -15, max: 35, noNaN: true })

function run(traits: number[], what: readonly Deed[], airC: number, rainMm: number, days = 50): Heap {
  return runCourse({ ...cube(charge, { airC, rainMm, openShare: 0.5, deeds: what }) }, traitsAt(traits), emptyCourse(Float64Array.of(0, days)))
}

describe('what goes in is what is there and what went out', () => {
  it('for dry matter and water', () => {
    fc.assert(fc.property(standings, deeds, air, fc.double({ min: 0, max: 20, noNaN: true }), (traits, what, airC, rainMm) => {
      const heap = run(traits, what, airC, rainMm)
      const start = newHeap(charge, heap.standing, traitsAt(traits), 10)
      const { ledger } = heap
      expect(dryMassKg(heap) + ledger.decayedKg).toBeCloseTo(heap.chargedDryKg, 6)
      const cameKg = total(start.waterKg) + ledger.pouredKg + ledger.waterMadeKg
      expect(total(heap.waterKg) + ledger.evaporatedKg + ledger.drainedKg).toBeCloseTo(cameKg, 6)
    }), { numRuns: 40 })
  })

  it('for heat', () => {
    fc.assert(fc.property(standings, deeds, air, (traits, what, airC) => {
      const weather = traitsAt(traits).weather
      const heap = run(traits, what, airC, 3)
      const startMJ = heldMJ(newHeap(charge, heap.standing, traitsAt(traits), airC + weather + 4))
      const { releasedMJ, lostMJ, carriedMJ } = heap.ledger
      expect(Math.abs(heldMJ(heap) - (startMJ + releasedMJ - lostMJ + carriedMJ))).toBeLessThan(1e-6 * (1 + releasedMJ))
    }), { numRuns: 40 })
  })
})

describe('the numbers stay possible', () => {
  it('whatever the heap, the weather and the deeds: finite, not negative, not hotter than microbes can make it', () => {
    fc.assert(fc.property(standings, deeds, air, fc.double({ min: 0.02, max: 0.9, noNaN: true }), (traits, what, airC, moisture) => {
      const course = courseOf(cube(atMoisture(charge, moisture), { airC, deeds: what }), 60, traitsAt(traits))
      for (const row of ['coreC', 'edgeC', 'moisture', 'used', 'volumeShare', 'coreOxygenPct'] as const) expect(course[row].every(Number.isFinite)).toBe(true)
      expect(course.coreC.every(core => core > airC - 12 && core < 88)).toBe(true)
      expect(course.moisture.every(share => share >= 0 && share < 0.95)).toBe(true)
      expect(course.used.every(share => share > -1e-6 && share <= 1)).toBe(true)
      expect(course.coreOxygenPct.every(oxygen => oxygen >= 0 && oxygen <= 20.95)).toBe(true)
    }), { numRuns: 40 })
  })

  it('a step of a week comes out near the same week in hours', () => {
    const outside = { airC: 15, rainMmDay: 0, openShare: 0 }
    const [coarse, fine] = [newHeap(charge, cube(charge).standing, USUAL_TRAITS, 19), newHeap(charge, cube(charge).standing, USUAL_TRAITS, 19)]
    for (let week = 0; week < 4; week++) advance(coarse, outside, 7)
    for (let hour = 0; hour < 28 * 24; hour++) advance(fine, outside, 1 / 24)
    expect(Math.abs(coarse.celsius[0]! - fine.celsius[0]!)).toBeLessThan(1.5)
    expect(coarse.ledger.decayedKg / fine.ledger.decayedKg).toBeCloseTo(1, 1)
  })

  it('a heap without any food is as warm as the air in the end, from above and from below', () => {
    const dead = { ...charge, restKg: charge.restKg + charge.rapidKg + charge.mediumKg + charge.slowKg, rapidKg: 0, mediumKg: 0, slowKg: 1e-9 }
    for (const startC of [2, 60]) {
      const heap = newHeap(dead, cube(charge).standing, USUAL_TRAITS, startC)
      advance(heap, { airC: 20, rainMmDay: 0, openShare: 0 }, 60)
      heap.celsius.forEach(celsius => expect(Math.abs(celsius - 20)).toBeLessThan(1))
    }
  })
})

describe('what is done to a heap', () => {
  it('a turn evens everything out and takes a fifth of the warmth above the air', () => {
    const heap = newHeap(charge, cube(charge).standing, USUAL_TRAITS, 15)
    heap.celsius.set([60, 55, 50, 45, 35, 25])
    // All shells hold alike: mean 45 °C; 45 − 0.2·(45 − 15) = 39.
    turn(heap, 15)
    for (const celsius of heap.celsius) expect(celsius).toBeCloseTo(39, 9)
  })

  it('water cools by its share of what holds heat', () => {
    const heap = newHeap(charge, cube(charge).standing, USUAL_TRAITS, 50)
    const capacity = heldMJ(heap) / 50
    water(heap, 40, 10)
    // (C·50 + 40·0.00418·10) / (C + 40·0.00418)
    expect(heap.celsius[0]).toBeCloseTo((capacity * 50 + 40 * 0.00418 * 10) / (capacity + 40 * 0.00418), 9)
  })

  it('more of the same leaves the ratio, the matting and the pace as they were', () => {
    const heap = newHeap(charge, cube(charge).standing, USUAL_TRAITS, 15)
    const ratio = heap.carbonKg / heap.nitrogenKg
    add(heap, charge, 15)
    expect(heap.carbonKg / heap.nitrogenKg).toBeCloseTo(ratio, 9)
    expect(heap.mattingShare).toBeCloseTo(charge.mattingShare, 9)
    expect(heap.pace).toBeCloseTo(charge.pace, 9)
    expect(dryMassKg(heap)).toBeCloseTo(heap.chargedDryKg, 9)
  })

  it('greens worked into a heap of browns wake it', () => {
    const brown = chargeFrom([['leaves-mixed', 1400]], 60)
    const greens = chargeFrom([['grass-clippings', 500], ['chicken-manure', 60]], 0)
    const alone = courseOf(cube(brown))
    const woken = courseOf(cube(brown, { deeds: [{ day: 7, kind: 'add', charge: greens }, { day: 7, kind: 'turn' }] }))
    expect(noted(alone, 'coreC', 10)).toBeLessThan(25)
    expect(noted(woken, 'coreC', 10)).toBeGreaterThan(noted(alone, 'coreC', 10) + 15)
  })

  it('rain through an open top makes it wetter and a cover keeps it out', () => {
    const open = courseOf(cube(charge, { rainMm: 6, openShare: 1 }))
    const covered = courseOf(cube(charge, { rainMm: 6, openShare: 0 }))
    expect(noted(open, 'moisture', 60)).toBeGreaterThan(noted(covered, 'moisture', 60) + 0.02)
  })
})
