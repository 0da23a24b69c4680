import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { nearestCount, placeOf, pulledCount, pullStep, tickCounts } from './pull'

const path = [{ x: 0, y: 0, count: 0 }, { x: 10, y: 0, count: 2 }, { x: 10, y: 10, count: 6 }]

describe('dragging along a pull path', () => {
  it('finds the count nearest to where the finger is', () => {
    expect(nearestCount(path, 5, 3)).toBeCloseTo(1, 9)
    expect(nearestCount(path, 13, 5)).toBeCloseTo(4, 9)
    expect(nearestCount(path, -50, -50)).toBe(0)
    expect(nearestCount(path, 50, 50)).toBe(6)
    expect(nearestCount([path[1]!], 0, 0)).toBe(2)
  })

  it('and its place again', () => {
    fc.assert(fc.property(fc.double({ min: 0, max: 6, noNaN: true }), (count) => {
      const { x, y } = placeOf(path, count)!
      expect(nearestCount(path, x, y)).toBeCloseTo(count, 6)
    }))
    expect(placeOf([], 1)).toBeUndefined()
    expect(placeOf(path, 99)).toEqual({ x: 10, y: 10 })
  })

  it('stops at what can be measured out', () => {
    expect([0.3, 0.9, 2.8, 7.4, -1].map(pulledCount)).toEqual([0.25, 1, 3, 7, 0])
    expect([0.5, 2, 8].map(pullStep)).toEqual([0.25, 0.5, 1])
  })

  it('marks a handful of even counts', () => {
    expect(tickCounts(4)).toEqual([0, 0.5, 1, 1.5, 2, 2.5, 3, 3.5, 4])
    expect(tickCounts(80)).toEqual([0, 10, 20, 30, 40, 50, 60, 70, 80])
    fc.assert(fc.property(fc.integer({ min: 1, max: 3000 }), (end) => {
      const ticks = tickCounts(end)
      expect(ticks.length).toBeLessThanOrEqual(31)
      expect(ticks.at(-1)!).toBeLessThanOrEqual(end)
    }))
  })
})
