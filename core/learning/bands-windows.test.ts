import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { bandOf, drawnByWeight, meanOf } from './bands'
import { middleOf, movesOf, widened, windowBy } from './windows'

const even = (count: number) => new Float64Array(count).fill(1 / count)

describe('a window', () => {
  it('begins when a tenth of what is possible has come and ends when nine tenths have', () => {
    // Days 1 to 100, all alike: by day 10 ten of a hundred have come.
    expect(windowBy(Array.from({ length: 100 }, (_, index) => index + 1))(even(100))).toEqual({ low: 10, typical: 50, high: 90 })
  })

  it('goes by weight: a member that weighs as much as all others is half of what is possible', () => {
    const weights = Float64Array.from([0.5, ...Array.from({ length: 10 }, () => 0.05)])
    expect(windowBy([1000, ...Array.from({ length: 10 }, (_, index) => index + 1)])(weights)).toEqual({ low: 2, typical: 10, high: 1000 })
  })

  it('tells one move an event, and the moves add up', () => {
    const finding = (eventId: string) => ({
      eventId, at: '2026-05-01T10:00:00.000Z', finding: { kind: 'value' as const, row: 'x', day: 1, value: 1, spread: 1, trust: 1 },
    })
    const weighed = (count: number) =>
      windowBy([10, 20, 40])(Float64Array.from([0, 0, 0].map((_, index) => (index === Math.min(2, count) ? 1 : 0))))
    const moves = movesOf([finding('a'), finding('b'), finding('b')], weighed(0), weighed(3), weighed)
    expect(moves.map(({ eventId, movedDays }) => [eventId, movedDays])).toEqual([['a', 10], ['b', 20]])
  })
})

describe('a window that is told wider than possible heaps come', () => {
  const widening = { early: { start: 2, end: 1 }, late: { start: 3, end: 2 }, foundTimes: 5, endTimes: 1.5 }
  const window = { low: 80, typical: 100, high: 110 }

  it('goes out in proportion, each side by its own power, and its middle stays', () => {
    // 100·0.8² = 64; 100·1.1³ = 133.1.
    const { low, typical, high } = widened(window, 0, 500, widening)
    expect([low, typical, high].map(day => Math.round(10 * day) / 10)).toEqual([64, 100, 133.1])
  })

  it('narrows as things are found, a third of the difference being left after five', () => {
    // e^(−1) = 0.368: powers 1.368 and 2.368.
    const { low, high } = widened(window, 5, 500, widening)
    expect(low).toBeCloseTo(100 * 0.8 ** (1 + Math.exp(-1)), 6)
    expect(high).toBeCloseTo(100 * 1.1 ** (2 + Math.exp(-1)), 6)
    expect(widened(window, 1000, 500, widening).low).toBeCloseTo(80, 6)
  })

  it('tells no end beyond the horizon that lay within it, and leaves one that lay beyond', () => {
    expect(widened(window, 0, 120, widening).high).toBe(120)
    expect(widened({ ...window, high: 130 }, 0, 120, widening).high).toBe(130)
    // 100·1.3³ = 219.7, but no end is told wider than one and a half times the middle; one that comes there by itself is.
    expect(widened({ ...window, high: 130 }, 0, 500, widening).high).toBe(150)
    expect(widened({ ...window, high: 170 }, 0, 500, widening).high).toBe(170)
  })
})

describe('a window that courses carry on from what was found', () => {
  const finding = (eventId: string) => ({
    eventId, at: '2026-05-01T10:00:00.000Z', finding: { kind: 'value' as const, row: 'x', day: 1, value: 1, spread: 1, trust: 1 },
  })
  const window = (typical: number) => ({ low: typical - 4, typical, high: typical + 6 })

  it('begins at the first window, ends at that of now, and follows the course in the middle between', () => {
    // The course in the middle says 30, 50, 48: the first window lies 2 below it, the last 1 above; after one look of two the half of both.
    const moves = movesOf([finding('a'), finding('b')], window(28), window(49), () => window(99), count => [30, 50, 48][count]!)
    expect(moves.map(({ window: { typical }, movedDays }) => [typical, movedDays])).toEqual([[49.5, 21.5], [49, -0.5]])
    expect(moves[0]!.window).toEqual({ low: 45.5, typical: 49.5, high: 55.5 })
  })
})

describe('a band', () => {
  it('leaves out a tenth below and a tenth above: of 0 to 9 it is 1, 5 and 9', () => {
    const rows = Array.from({ length: 10 }, (_, index) => Float32Array.of(index))
    const { low, typical, high } = bandOf(Float64Array.of(0), rows, 1)
    expect([low[0], typical[0], high[0]]).toEqual([1, 5, 9])
  })

  it('holds eight in ten of many rows, whatever they are', () => {
    fc.assert(fc.property(fc.array(fc.float({ min: -50, max: 80, noNaN: true }), { minLength: 200, maxLength: 200 }), (values) => {
      const { low, high } = bandOf(Float64Array.of(0), values.map(value => Float32Array.of(value)), 1)
      const inside = values.filter(value => Math.fround(value) >= low[0]! && Math.fround(value) <= high[0]!).length
      expect(inside).toBeGreaterThanOrEqual(160)
    }), { numRuns: 30 })
  })

  it('is scaled by its factor, and means and middles are what they say', () => {
    expect(bandOf(Float64Array.of(0), [Float32Array.of(2)], 1.5).typical[0]).toBe(3)
    expect(Array.from(meanOf([Float32Array.of(1, 2), Float32Array.of(3, 6)]))).toEqual([2, 4])
    expect(Array.from(middleOf([Float64Array.of(0, 2), Float64Array.of(4, 0)], Float64Array.of(0.25, 0.75)))).toEqual([3, 0.5])
  })

  it('draws members as often as they weigh', () => {
    expect(drawnByWeight(Float64Array.of(0.5, 0.25, 0.25), 8)).toEqual([0, 0, 0, 0, 1, 1, 2, 2])
    expect(drawnByWeight(Float64Array.of(0, 1), 4)).toEqual([1, 1, 1, 1])
  })
})
