import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { measurableNear, type Countable } from './rounding'

const whole = (high: number): Countable => ({ size: 1, low: 0, high })

describe('counts that can be measured out', () => {
  it('are the best corner: 2.4 and 3.6 that add up to at least six', () => {
    const fits = (counts: readonly number[]) => counts[0]! + counts[1]! >= 6
    // Corners: (2,3) too few, (3,3) costs 9, (2,4) costs 8 and (3,4) 10, at 1 and 1.5... counted as 1·a + 1.5·b: 7.5, 8, 9.
    expect(measurableNear([2.4, 3.6], [whole(9), whole(9)], { fits, costOf: ([a = 0, b = 0]) => a + 1.5 * b })).toEqual([6, 0])
    // With no more than three of the first there is no way on from (3, 3).
    expect(measurableNear([2.4, 3.6], [whole(3), whole(9)], { fits, costOf: ([a = 0, b = 0]) => a + 1.5 * b })).toEqual([3, 3])
  })

  it('are none when no corner fits', () => {
    expect(measurableNear([0.5], [whole(1)], { fits: () => false, costOf: () => 1 })).toBeUndefined()
  })

  it('leave alone what may come in any amount, and count in halves where halves are measured', () => {
    const found = measurableNear(
      [1.3, 2.3],
      [
        { size: 0, low: 0, high: 9 }, { size: 0.5, low: 0, high: 9 },
      ],
      { fits: ([, b = 0]) => b >= 2.3, costOf: ([, b = 0]) => b },
    )
    expect(found).toEqual([1.3, 2.5])
  })

  it('always fit and keep to their bounds', () => {
    const problem = fc.record({
      start: fc.array(fc.double({ min: 0, max: 8, noNaN: true }), { minLength: 1, maxLength: 5 }),
      least: fc.integer({ min: 0, max: 20 }),
    })
    fc.assert(fc.property(problem, ({ start, least }) => {
      const fits = (counts: readonly number[]) => counts.reduce((sum, one) => sum + one, 0) >= least
      const found = measurableNear(
        start, start.map(() => whole(8)), { fits, costOf: counts => counts.reduce((sum, one, index) => sum + one * (index + 1), 0) },
      )
      if (!found) return
      expect(fits(found)).toBe(true)
      for (const count of found) {
        expect(Number.isInteger(count)).toBe(true)
        expect(count).toBeGreaterThanOrEqual(0)
        expect(count).toBeLessThanOrEqual(8)
      }
    }))
  })
})
