import { highest } from './ends'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { chanceAtLeast, checkedCount, ratioOf, wilson } from './counts'
import { robustSlope } from './slope'

const count = fc.integer({ min: 1, max: 200 }).chain(of => fc.record({ hits: fc.integer({ min: 0, max: of }), of: fc.constant(of) }))

describe('counts', () => {
  it('Wilson by hand: 8 of 10 at z = 1.96 is 0.490 to 0.943', () => {
    const { low, typical, high } = wilson({ hits: 8, of: 10 }, 1.959964)
    expect(low).toBeCloseTo(0.4902, 4)
    expect(typical).toBe(0.8)
    expect(high).toBeCloseTo(0.9433, 4)
  })

  it('intervals hold the plain share and stay within 0 and 1', () => {
    fc.assert(fc.property(count, (one) => {
      const { low, typical, high } = wilson(one)
      expect(low).toBeGreaterThanOrEqual(0)
      expect(high).toBeLessThanOrEqual(1)
      expect(low).toBeLessThanOrEqual(typical)
      expect(typical).toBeLessThanOrEqual(high)
    }))
  })

  it('of nonsense are refused', () => {
    for (const bad of [
      { hits: 11, of: 10 }, { hits: -1, of: 10 }, { hits: 1.5, of: 3 }, { hits: 0, of: 0 }, { hits: Number.NaN, of: 3 },
    ])
      expect(checkedCount(bad).ok).toBe(false)
    expect(checkedCount({ hits: 0, of: 3 }).ok).toBe(true)
  })

  it('the chance of being as good is a half for alike counts, and its turn-about adds up to 1', () => {
    expect(chanceAtLeast({ hits: 7, of: 10 }, { hits: 7, of: 10 }, 1)).toBeCloseTo(0.5, 2)
    fc.assert(fc.property(count, count, (one, other) => {
      expect(chanceAtLeast(one, other, 1) + chanceAtLeast(other, one, 1)).toBeCloseTo(1, 1)
      expect(chanceAtLeast(one, other, 0.8)).toBeGreaterThanOrEqual(chanceAtLeast(one, other, 1) - 1e-9)
    }))
  })

  it('by hand: nothing of one against all of one is better with chance 1/6', () => {
    // Beliefs 2(1 − p) and 2q: P(p ≥ q) = ∫ 2q (1 − q)² dq = 2·B(2, 3) = 1/6.
    expect(chanceAtLeast({ hits: 0, of: 1 }, { hits: 1, of: 1 }, 1)).toBeCloseTo(1 / 6, 2)
  })

  it('ratios are wide for few seeds and narrow for many', () => {
    const few = ratioOf({ hits: 8, of: 10 }, { hits: 9, of: 10 })
    const many = ratioOf({ hits: 160, of: 200 }, { hits: 180, of: 200 })
    expect(few.typical).toBeCloseTo(8 / 9, 9)
    expect(few.high).toBeGreaterThan(1)
    expect(few.low).toBeLessThan(0.8)
    expect(many.low).toBeGreaterThan(0.83)
    expect(Number.isFinite(ratioOf({ hits: 0, of: 5 }, { hits: 0, of: 5 }).high)).toBe(true)
  })
})

describe('the robust slope', () => {
  it('is the slope of a line, also with one point far off it', () => {
    const line = [0, 1, 2, 3, 4, 5].map(x => ({ x, y: 60 - 2 * x }))
    expect(robustSlope(line)).toBeCloseTo(-2, 12)
    expect(robustSlope([...line, { x: 2.5, y: 12 }])).toBeCloseTo(-2, 0)
    expect(robustSlope([{ x: 1, y: 2 }])).toBeUndefined()
    expect(robustSlope([{ x: 1, y: 2 }, { x: 1, y: 3 }])).toBeUndefined()
  })
})

describe('the highest of a list', () => {
  it('is found in one longer than a call has room for, and is its floor when it is empty', () => {
    const many = Array.from({ length: 300_000 }, (_, at) => at === 123_456 ? 1e6 : -at)
    expect(() => Math.max(...many)).toThrow(RangeError)
    expect([highest(many), highest([]), highest([], 0), highest([-3], 0)]).toEqual([1e6, -Infinity, 0, 0])
  })
})
