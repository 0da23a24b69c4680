import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { countedAt, countedDays, dayCounts } from './day-counts'

const BY = { fromC: 0, atC: 15, q10: 2 }

describe('what a day counts for', () => {
  it('is one at its warmth, twice as much ten kelvin above, nothing in frost', () => {
    expect(dayCounts(15, BY)).toBe(1)
    expect(dayCounts(25, BY)).toBe(2)
    // Half of a doubling: the root of two.
    expect(dayCounts(20, BY)).toBeCloseTo(1.41421, 5)
    expect(dayCounts(5, BY)).toBe(0.5)
    expect([dayCounts(0, BY), dayCounts(-8, BY)]).toEqual([0, 0])
    expect(dayCounts(0.1, BY)).toBeGreaterThan(0.35)
    expect(dayCounts(40, { ...BY, most: 2.2 })).toBe(2.2)
  })

  it('never falls with warmth', () => {
    fc.assert(fc.property(
      fc.double({ min: -30, max: 60, noNaN: true }), fc.double({ min: 0, max: 20, noNaN: true }),
      (celsius, more) => dayCounts(celsius + more, BY) >= dayCounts(celsius, BY),
    ))
  })
})

describe('days that counted', () => {
  // 1, 2 and 4 in three days: 0, 1, 3, 7.
  const sums = countedDays(3, day => 2 ** day)

  it('add up, and lie between whole days in proportion', () => {
    expect([...sums]).toEqual([0, 1, 3, 7])
    expect([0, 0.5, 1.25, 2.75, 3].map(day => countedAt(sums, day))).toEqual([0, 0.5, 1.5, 6, 7])
    expect([countedAt(sums, -1), countedAt(sums, 9)]).toEqual([0, 7])
  })
})
