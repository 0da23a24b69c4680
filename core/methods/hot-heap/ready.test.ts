import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { GOOD_HEAP, heap, onDay, reading, RICH_HEAP, SACK, surroundingsOn } from '../../../test/builders/heaps'
import { APPROACHES } from './approaches'
import { readyWindow } from './ready'

const DAY_MS = 86_400_000
const dayOf = (date: Date) => (date.getTime() - Date.parse(onDay(0))) / DAY_MS

describe('the ready window of a fresh heap', () => {
  it.each(APPROACHES.map(approach => [approach.id, approach] as const))('%s: no sooner than some hot days and the shortest curing', (approachId, { curingDays }) => {
    const window = readyWindow(heap({ ...RICH_HEAP, approachId }), surroundingsOn(0))
    expect(dayOf(window.from)).toBeGreaterThan(8 + curingDays[0])
    expect(dayOf(window.to)).toBeGreaterThan(dayOf(window.from) + 7)
    expect(window.reasons[0]).toMatch(/weeks of curing\.$/)
  })

  it('is later for a poor mix, where what is raw decides, which is said', () => {
    const good = readyWindow(heap(RICH_HEAP), surroundingsOn(0))
    const poor = readyWindow(heap({ waterL: 120, ingredients: [['leaves-oak', 15, SACK]] }), surroundingsOn(0))
    expect(poor.from.getTime()).toBeGreaterThan(good.from.getTime())
    expect(poor.reasons[0]).toMatch(/decays so slowly/)
  })

  it('of stuff that nobody knows goes by the usual stages', () => {
    const unknown = heap({ ingredients: [['moon-dust', 1, SACK]] })
    const window = readyWindow(unknown, surroundingsOn(0))
    expect(window.reasons[0]).toMatch(/usual stages/)
    expect(window.to > window.from).toBe(true)
  })
})

describe('the ready window of a standing heap', () => {
  it('of one that does not heat says so', () => {
    expect(readyWindow(heap(RICH_HEAP, [reading(3, 16), reading(6, 17)]), surroundingsOn(6.5)).reasons.join(' ')).toMatch(/has not heated/)
  })

  it('moves out while it is still hot, and counts curing from the day it was read cool', () => {
    const expected = readyWindow(heap(GOOD_HEAP), surroundingsOn(60))
    const stillHot = readyWindow(heap(GOOD_HEAP, [reading(3, 60), reading(59.5, 56)]), surroundingsOn(60))
    const coolAlready = readyWindow(heap(GOOD_HEAP, [reading(3, 60), reading(15, 40), reading(20, 18)]), surroundingsOn(21))
    expect(stillHot.from.getTime()).toBeGreaterThan(expected.from.getTime())
    // Cool on day 20, 28 days of curing at the least.
    expect(dayOf(coolAlready.from)).toBeCloseTo(48, 0)
  })

  it('is always in order, whatever was read', () => {
    fc.assert(fc.property(fc.array(fc.tuple(fc.integer({ min: 1, max: 200 }), fc.integer({ min: -5, max: 80 })), { maxLength: 10 }), fc.integer({ min: 0, max: 400 }), (pairs, today) => {
      const sorted = pairs.filter(([day]) => day <= today).sort(([a], [b]) => a - b)
      const window = readyWindow(heap(GOOD_HEAP, sorted.map(([day, core]) => reading(day, core))), surroundingsOn(today))
      expect(window.to.getTime()).toBeGreaterThan(window.from.getTime())
    }), { numRuns: 40 })
  })
})
