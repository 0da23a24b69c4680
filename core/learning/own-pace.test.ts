import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { seededRandom } from '../random/random'
import { ownPace } from './own-pace'

const SPREAD = { between: 0.3, each: 0.2 }

describe('a pace of one\'s own', () => {
  it('with nothing to go by is the usual one with all its doubt: e^(±1.2816·√(0.3² + 0.2²))', () => {
    const one = ownPace([], SPREAD)
    expect(one.typical).toBe(1)
    expect(one.high).toBeCloseTo(Math.exp(1.2816 * Math.sqrt(0.13)), 4)
    expect(one.low).toBeCloseTo(1 / one.high, 6)
  })

  it('by hand: two times of 1.2 and 1.5', () => {
    // Precision 1/0.09 + 2/0.04 = 61.11; mean of logs (0.1823 + 0.4055)/0.04/61.11 = 0.2405; spread √(1/61.11 + 0.04) = 0.2374.
    const one = ownPace([1.2, 1.5], SPREAD)
    expect(one.from).toBe(2)
    expect(Math.log(one.typical)).toBeCloseTo(0.2405, 3)
    expect(Math.log(one.high / one.typical)).toBeCloseTo(1.2816 * 0.2374, 3)
  })

  it('comes to the own pace with many, and stays as wide as one time differs from the next', () => {
    const one = ownPace(
      Array.from({ length: 400 }, () => 1.8), SPREAD,
    )
    expect(one.typical).toBeCloseTo(1.8, 2)
    expect(Math.log(one.high / one.typical)).toBeCloseTo(1.2816 * 0.2, 2)
  })

  it('leaves out what is no pace, and does not mind the order', () => {
    expect(ownPace([0, -1, Number.NaN, Infinity], SPREAD)).toEqual(ownPace([], SPREAD))
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 0.2, max: 5, noNaN: true }), { maxLength: 8 }),
        ratios => Math.abs(ownPace(ratios, SPREAD).typical - ownPace([...ratios].reverse(), SPREAD).typical) < 1e-9,
      ),
    )
  })

  it('holds the next one eight times in ten, on a gardener who strays otherwise than thought', () => {
    const random = seededRandom(5)
    // Gardeners stray evenly between 0.6 and 1.6 and each time by an even ±30 %: another law than the one it reckons with.
    const held
      = Array.from({ length: 600 }, () => {
        const own = 0.6 + random()
        const once = () => own * (0.7 + 0.6 * random())
        const { low, high } = ownPace([once(), once()], { between: 0.33, each: 0.2 })
        const next = once()
        return next >= low && next <= high
      }).filter(Boolean).length / 600
    expect(held).toBeGreaterThan(0.72)
    expect(held).toBeLessThan(0.92)
  })
})
