import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { readableCaptions, type Box, type Caption } from './captions'

const caption = (key: string, xPx: number, yPx: number, rank = 0): Caption => ({ key, xPx, yPx, widthPx: 80, heightPx: 40, rank })
const NONE = new Map<string, Box>()

describe('names on the plan of the yard', () => {
  it('stand side by side to the pixel, and give way where they would lie on one another', () => {
    expect([...readableCaptions([caption('a', 0, 0), caption('b', 80, 0), caption('c', 0, 40)], NONE)]).toEqual(['a', 'b', 'c'])
    expect([...readableCaptions([caption('a', 0, 0, 1), caption('b', 79, 0, 0)], NONE)]).toEqual(['b'])
  })
  it('lie on no drawing but their own', () => {
    const drawings = new Map([['a', { xPx: 10, yPx: 10, widthPx: 30, heightPx: 30 }]])
    expect([...readableCaptions([caption('a', 0, 0), caption('b', 0, 0, -1)], drawings)]).toEqual(['a'])
  })
  it('never collide, whatever the yard, and one of them is always there', () => {
    const box = fc.record(
      { x: fc.integer({ min: 0, max: 400 }), y: fc.integer({ min: 0, max: 400 }), rank: fc.integer({ min: 0, max: 3 }) })
    fc.assert(fc.property(fc.array(box, { minLength: 1, maxLength: 30 }), (boxes) => {
      const all = boxes.map(({ x, y, rank }, at) => caption(`c${at}`, x, y, rank))
      const shown = readableCaptions(all, NONE)
      const kept = all.filter(({ key }) => shown.has(key))
      expect(kept.length).toBeGreaterThan(0)
      for (const [at, one] of kept.entries()) {
        for (const other of kept.slice(at + 1))
          expect(Math.abs(one.xPx - other.xPx) >= 80 || Math.abs(one.yPx - other.yPx) >= 40).toBe(true)
      }
      // Whoever is not shown lies on one that is and comes before it.
      for (const hidden of all.filter(({ key }) => !shown.has(key))) {
        expect(kept.some(one =>
          one.rank <= hidden.rank && Math.abs(one.xPx - hidden.xPx) < 80 && Math.abs(one.yPx - hidden.yPx) < 40)).toBe(true)
      }
    }))
  })
})
