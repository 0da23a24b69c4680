import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { thinned } from './thinned'

describe('dots of a chart', () => {
  const reading = fc.record({ value: fc.integer({ min: -20, max: 80 }), odd: fc.constant(false) })
  const row = fc.array(reading, { minLength: 0, maxLength: 3000 }).map(all => all.map((one, at) => ({ ...one, at: at * 1800_000 })))

  it('are as many as can be told apart, in order, with both ends, every peak and every trough', () => {
    fc.assert(fc.property(row, (points) => {
      const few = thinned(points, 100)
      expect(few.length).toBeLessThanOrEqual(Math.max(104, Math.min(points.length, 100)))
      expect(few).toEqual([...few].sort((a, b) => a.at - b.at))
      if (points.length === 0) return
      const values = (all: readonly { readonly value: number }[]) => all.map(({ value }) => value)
      expect([Math.min(...values(few)), Math.max(...values(few))]).toEqual([Math.min(...values(points)), Math.max(...values(points))])
      expect([few[0], few.at(-1)]).toEqual([points[0], points.at(-1)])
    }), { numRuns: 60 })
  })

  it('are the very same where they are few, and an odd one is never hidden', () => {
    const few = [{ at: 0, value: 1 }, { at: 1, value: 2 }]
    expect(thinned(few)).toBe(few)
    const many = Array.from({ length: 2000 }, (_, at) => ({ at, value: 50, ...(at === 1234 ? { odd: true } : {}) }))
    expect(thinned(many, 100).filter(({ odd }) => odd)).toHaveLength(1)
  })
})
