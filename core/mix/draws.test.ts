import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { findMaterial } from '../materials/book'
import { LIBRARY } from '../materials/library'
import { typicalTotals } from './balance'
import { SAMPLES, standing, standingsTable, valueAt } from './draws'
import { driversOf, UNCERTAIN, UNCERTAIN_NAMES } from './drivers'

describe('standings', () => {
  it('run from −1 over 0 to 1, evenly on both sides', () => {
    expect([0, 0.5, 1].map(standing)).toEqual([-1, 0, 1])
    // A quarter of the chance below: √0.5 − 1.
    expect(standing(0.25)).toBeCloseTo(Math.SQRT1_2 - 1, 12)
    fc.assert(fc.property(fc.double({ min: 0, max: 1, noNaN: true }), (chance) => {
      expect(standing(1 - chance)).toBeCloseTo(-standing(chance), 6)
    }))
  })

  it('of the lattice fill every hundredth of every dimension alike', () => {
    for (let dimension = 0; dimension < 48; dimension++) {
      const below = standingsTable(dimension).filter(at => at < standing(0.1)).length
      expect(Math.abs(below / SAMPLES - 0.1)).toBeLessThan(0.002)
    }
  })

  it('of two dimensions of one ingredient go separate ways', () => {
    for (let dimension = 0; dimension < 48; dimension += 4) {
      const [one, other] = [standingsTable(dimension), standingsTable(dimension + 1)]
      const together = one.reduce((sum, at, sample) => sum + at * other[sample]!, 0) / SAMPLES
      expect(Math.abs(together)).toBeLessThan(0.05)
    }
  })
})

describe('a value at a standing', () => {
  it('is low, typical and high at the ends and in the middle, and never outside', () => {
    fc.assert(fc.property(fc.constantFrom(...LIBRARY), fc.double({ min: -1, max: 1, noNaN: true }), (material, at) => {
      for (const name of UNCERTAIN_NAMES) {
        const range = UNCERTAIN[name]({ material, looseVolumeL: 1 })
        expect(valueAt(range, -1)).toBeCloseTo(range.low, 9)
        expect(valueAt(range, 0)).toBe(range.typical)
        expect(valueAt(range, 1)).toBeCloseTo(range.high, 9)
        expect(valueAt(range, at)).toBeGreaterThanOrEqual(range.low - 1e-9)
        expect(valueAt(range, at)).toBeLessThanOrEqual(range.high + 1e-9)
      }
    }))
  })
})

describe('drivers', () => {
  const driver = (ids: readonly (readonly [string, number])[]) => {
    const portions = ids.map(([id, looseVolumeL]) => ({ material: findMaterial(id)!, looseVolumeL }))
    return driversOf(['carbonToNitrogen', 'moistureFraction', 'volumeL'], portions, typicalTotals(portions), 0)
  }

  it('are the big ingredient for volume and the widely ranging one for the ratio', () => {
    const found = driver([['newsprint', 300], ['kitchen-veg', 5], ['coffee-grounds', 5]])
    expect(found.volumeL).toEqual({ portionIndex: 0, value: 'fill' })
    expect(found.carbonToNitrogen.portionIndex).toBe(0)
  })

  it('of one ingredient alone are its own values', () => {
    const found = driver([['leaves-mixed', 100]])
    expect(found.carbonToNitrogen).toEqual({ portionIndex: 0, value: 'carbonToNitrogen' })
    expect(found.moistureFraction).toEqual({ portionIndex: 0, value: 'moistureFraction' })
  })
})
