import fc from 'fast-check'
import { LIBRARY_BOOK } from '../../materials/book'
import { describe, expect, it } from 'vitest'
import { GOOD_HEAP, heap, onDay } from '../../../test/builders/heaps'
import type { Measures } from '../../mix/measures'
import { batchMeasures, fuelLeft, gainK, heightShare, vigourOf } from './course'

const sound: Measures = {
  wetMassKg: 500, dryMassKg: 210, carbonToNitrogen: 28, availableCarbonToNitrogen: 14, moistureFraction: 0.58, volumeL: 1728, bulkDensityKgM3: 290, freeAirSpace: 0.7, mattingShare: 0.3, pace: 1,
}
const day = fc.double({ min: 0, max: 200, noNaN: true })
const vigour = fc.double({ min: 0, max: 1, noNaN: true })
const turns = fc.array(fc.integer({ min: 1, max: 100 }), { maxLength: 6 }).map(days => [...days].sort((a, b) => a - b))

describe('vigour', () => {
  it('is nearly 1 for a sound heap of 1.2 m each way', () => {
    // size: 1 − e^(−(1.2/0.62)^2.5) = 1 − e^(−5.21) = 0.9945
    expect(vigourOf(sound).overall).toBeCloseTo(0.9945, 3)
  })

  it('suffers from each fault by its own part', () => {
    // C:N 50: e^(−(18/18)^1.2) = e^(−1)
    expect(vigourOf({ ...sound, carbonToNitrogen: 50 }).ratio).toBeCloseTo(Math.exp(-1), 9)
    expect(vigourOf({ ...sound, moistureFraction: 0.35 }).moisture).toBeLessThan(0.35)
    expect(vigourOf({ ...sound, moistureFraction: 0.78 }).moisture).toBeLessThan(0.2)
    expect(vigourOf({ ...sound, freeAirSpace: 0.1 }).air).toBeLessThan(0.3)
    expect(vigourOf({ ...sound, mattingShare: 0.8 }).air).toBeLessThan(0.75)
    // 0.6 m: 1 − e^(−(0.6/0.62)^2.5) = 1 − e^(−0.921) = 0.602
    expect(vigourOf({ ...sound, volumeL: 216 }).size).toBeCloseTo(0.602, 3)
  })
})

describe('the gain', () => {
  it('is nothing before it begins, later in the cold, and never below nothing', () => {
    expect(gainK(0.3, 1, [], 15)).toBe(0)
    expect(gainK(1, 1, [], 15)).toBeGreaterThan(5)
    expect(gainK(1, 1, [], 2)).toBe(0)
    fc.assert(fc.property(day, vigour, turns, fc.double({ min: -20, max: 35, noNaN: true }), (at, strength, turned, ambient) => {
      const gain = gainK(at, strength, turned, ambient)
      expect(Number.isFinite(gain)).toBe(true)
      expect(gain).toBeGreaterThanOrEqual(0)
      expect(gain).toBeLessThanOrEqual(74)
    }))
  })

  it('grows with vigour', () => {
    fc.assert(fc.property(day, vigour, vigour, turns, (at, one, other, turned) => {
      const [weak, strong] = one < other ? [one, other] : [other, one]
      expect(gainK(at, strong, turned, 15)).toBeGreaterThanOrEqual(gainK(at, weak, turned, 15))
    }))
  })
})

describe('fuel and height', () => {
  it('only ever fall, faster for a heap that is turned and works', () => {
    fc.assert(fc.property(day, day, vigour, fc.integer({ min: 0, max: 6 }), (one, other, strength, turned) => {
      const [early, late] = one < other ? [one, other] : [other, one]
      expect(fuelLeft(late, turned)).toBeLessThanOrEqual(fuelLeft(early, turned))
      expect(heightShare(late, strength, turned)).toBeLessThanOrEqual(heightShare(early, strength, turned) + 1e-12)
      expect(heightShare(late, strength, turned)).toBeGreaterThanOrEqual(0.5 - 1e-9)
      expect(heightShare(late, 1, turned)).toBeLessThanOrEqual(heightShare(late, 0, turned))
    }))
    expect(heightShare(0, 1, 0)).toBe(1)
  })
})

describe('the balance of a standing batch', () => {
  it('takes half of later water as kept and all of what was added', () => {
    const base = batchMeasures(heap(GOOD_HEAP), LIBRARY_BOOK)!
    const watered = batchMeasures(heap(GOOD_HEAP, [{ kind: 'watered', at: onDay(3), batchId: 'heap', litres: 30 }]), LIBRARY_BOOK)!
    expect(watered.wetMassKg - base.wetMassKg).toBeCloseTo(15, 9)
    expect(watered.dryMassKg).toBeCloseTo(base.dryMassKg, 9)
  })

  it('is not there when nothing in it is known', () => {
    expect(batchMeasures(heap({ ingredients: [['moon-dust', 1, { id: 'b', name: 'b', plural: 'b', volumeL: 1 }]] }), LIBRARY_BOOK)).toBeUndefined()
  })
})
