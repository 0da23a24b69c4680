import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { besideOn } from './beside'

const BY = { keepsDays: 10, jump: 15 }

describe('what was found beside a course', () => {
  it('is so where it was found, goes straight between, and is forgotten by a factor e in ten days', () => {
    const beside = besideOn([{ day: 4, value: 6 }, { day: 8, value: -2 }], BY)
    expect([beside(4), beside(6), beside(8)]).toEqual([6, 2, -2])
    expect(beside(18)).toBeCloseTo(-2 / Math.E, 9)
    expect(beside(-6)).toBeCloseTo(6 / Math.E, 9)
    expect(besideOn([], BY)(3)).toBe(0)
  })

  it('leaves out one that stands apart from both its neighbours, and believes the last whatever it says', () => {
    const found = [{ day: 1, value: 0 }, { day: 2, value: 40 }, { day: 3, value: 1 }]
    expect(besideOn(found, BY)(2)).toBeCloseTo(0.5, 9)
    expect(besideOn(found.slice(0, 2), BY)(2)).toBe(40)
    // A rise that goes on is none.
    expect(besideOn([...found.slice(0, 2), { day: 3, value: 44 }], BY)(2)).toBe(40)
  })

  it('never lies outside of what was found and nothing', () => {
    fc.assert(fc.property(
      fc.uniqueArray(fc.tuple(fc.double({ min: 0, max: 90, noNaN: true }), fc.double({ min: -40, max: 40, noNaN: true })), {
        minLength: 1, maxLength: 9, selector: ([day]) => day,
      }),
      fc.double({ min: -20, max: 200, noNaN: true }),
      (pairs, day) => {
        const found = pairs.map(([at, value]) => ({ day: at, value })).sort((a, b) => a.day - b.day)
        const values = [0, ...found.map(({ value }) => value)]
        const here = besideOn(found, BY)(day)
        expect(here).toBeGreaterThanOrEqual(Math.min(...values) - 1e-9)
        expect(here).toBeLessThanOrEqual(Math.max(...values) + 1e-9)
      },
    ))
  })
})
