import fc from 'fast-check'
import { LIBRARY_BOOK } from '../../materials/book'
import { describe, expect, it } from 'vitest'
import { GOOD_HEAP, heap, onDay, reading, SACK, surroundingsOn } from '../../../test/builders/heaps'
import { APPROACHES } from './approaches'
import { batchMeasures, vigourOf } from './course'
import { readyWindow } from './ready'

const DAY_MS = 86_400_000
const dayOf = (date: Date) => (date.getTime() - Date.parse(onDay(0))) / DAY_MS

describe('the ready window of a fresh heap', () => {
  const slow = 1 / (0.35 + 0.65 * vigourOf(batchMeasures(heap(GOOD_HEAP), LIBRARY_BOOK)!).overall)

  it.each(APPROACHES.map(approach => [approach.id, approach] as const))('%s: hot and cooling stretched by the mix, then curing', (approachId, { hotDays, coolingDays, curingDays }) => {
    const window = readyWindow(heap({ ...GOOD_HEAP, approachId }), surroundingsOn(0))
    expect(dayOf(window.from)).toBeCloseTo(Math.round((hotDays[0] + coolingDays[0]) * slow + curingDays[0]), 0)
    expect(dayOf(window.to)).toBeCloseTo(Math.round((hotDays[1] + coolingDays[1]) * slow + curingDays[1]), 0)
  })

  it('is later for a poor mix, which is said, and at most 2.2 times as long', () => {
    const good = readyWindow(heap(GOOD_HEAP), surroundingsOn(0))
    const poor = readyWindow(heap({ waterL: 120, ingredients: [['leaves-oak', 15, SACK]] }), surroundingsOn(0))
    expect(poor.from.getTime()).toBeGreaterThan(good.from.getTime())
    expect(dayOf(poor.from)).toBeLessThanOrEqual((18 + 7) * 2.2 + 28 + 1)
    expect(poor.reasons[0]).toMatch(/slower than a good one/)
  })
})

describe('the ready window of a standing heap', () => {
  it('of one that does not heat is about twice as far away, which is said', () => {
    const window = readyWindow(heap(GOOD_HEAP, [reading(3, 16), reading(6, 17)]), surroundingsOn(6.5))
    expect(dayOf(window.from)).toBeGreaterThan(100)
    expect(window.reasons[0]).toMatch(/has not heated/)
  })

  it('moves on with the readings: hot later than expected moves it out, cool early brings it in', () => {
    const expected = readyWindow(heap(GOOD_HEAP), surroundingsOn(30))
    const stillHot = readyWindow(heap(GOOD_HEAP, [reading(3, 60), reading(29.5, 56)]), surroundingsOn(30))
    const coolAlready = readyWindow(heap(GOOD_HEAP, [reading(3, 60), reading(15, 40), reading(20, 18)]), surroundingsOn(21))
    expect(stillHot.from.getTime()).toBeGreaterThan(expected.from.getTime())
    expect(dayOf(coolAlready.from)).toBeCloseTo(48, 0)
    expect(coolAlready.from.getTime()).toBeLessThan(expected.from.getTime())
  })

  it('never opens before today and is at least a week wide, whatever was read', () => {
    fc.assert(fc.property(fc.array(fc.tuple(fc.integer({ min: 1, max: 200 }), fc.integer({ min: -5, max: 80 })), { maxLength: 10 }), fc.integer({ min: 0, max: 400 }), (pairs, today) => {
      const sorted = pairs.filter(([day]) => day <= today).sort(([a], [b]) => a - b)
      const window = readyWindow(heap(GOOD_HEAP, sorted.map(([day, core]) => reading(day, core))), surroundingsOn(today))
      expect(window.to.getTime() - window.from.getTime()).toBeGreaterThanOrEqual(6.9 * DAY_MS)
      expect(dayOf(window.from)).toBeGreaterThanOrEqual(Math.floor(today) - 0.01)
    }))
  })
})
