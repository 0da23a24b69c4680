import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { BUCKET, GOOD_HEAP, heap, onDay, reading, RICH_HEAP, SACK, surroundingsOn, turned } from '../../../test/builders/heaps'
import { APPROACHES } from './approaches'
import { readyWindow } from './ready'

const DAY_MS = 86_400_000
const dayOf = (date: Date) => (date.getTime() - Date.parse(onDay(0))) / DAY_MS

describe('the ready window of a fresh heap', () => {
  it.each(APPROACHES.map(({ id }) => id))('%s: some weeks at the least, and it says what ripe means', (approachId) => {
    const window = readyWindow(heap({ ...RICH_HEAP, approachId }), surroundingsOn(0))
    expect(dayOf(window.from)).toBeGreaterThan(30)
    expect(dayOf(window.to)).toBeGreaterThan(dayOf(window.from) + 7)
    expect(window.reasons[0]).toMatch(/hardly anything left to rot/)
  })

  it('is later for slow stuff, and sooner the more it is turned', () => {
    const from = (recipe: Parameters<typeof heap>[0]) => dayOf(readyWindow(heap(recipe), surroundingsOn(0)).from)
    expect(
      from({
        waterL: 120,
        ingredients: [
          ['leaves-oak', 10, SACK], ['twigs', 2, SACK], ['grass-clippings', 20, BUCKET],
        ],
      }),
    ).toBeGreaterThan(from(RICH_HEAP))
    expect(from({ ...RICH_HEAP, approachId: 'weekly' })).toBeLessThan(from({ ...RICH_HEAP, approachId: 'seldom' }) - 7)
  })

  it('of a heap that nobody has turned says that its outside stays raw', () => {
    expect(readyWindow(heap(RICH_HEAP), surroundingsOn(0)).reasons[0]).toMatch(/outside/)
    expect(readyWindow(heap(RICH_HEAP, [turned(7)]), surroundingsOn(8)).reasons[0]).not.toMatch(/outside/)
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

  it('moves out while it was read to be hot', () => {
    const expected = readyWindow(heap(RICH_HEAP), surroundingsOn(110))
    const stillHot = readyWindow(heap(RICH_HEAP, [reading(3, 60), reading(109.5, 56)]), surroundingsOn(110))
    expect(stillHot.from.getTime()).toBeGreaterThan(expected.from.getTime())
    expect(stillHot.reasons.join(' ')).toMatch(/still hot/)
  })

  it('does not hear of a frost, nor of a day that goes by', () => {
    const batch = heap(RICH_HEAP, [7, 13, 20, 27].map(turned))
    const dayly = Array.from({ length: 30 }, (_, day) => {
      const frost = (at: Date) => Math.floor((at.getTime() - Date.parse(onDay(0))) / DAY_MS) === 50 ? -6 : 15
      return dayOf(
        readyWindow(batch, { ...surroundingsOn(35 + day), weather: { ...surroundingsOn(35 + day).weather, ambientC: frost } }).to,
      )
    })
    const moves = dayly.slice(1).map((day, index) => Math.abs(day - dayly[index]!))
    expect(Math.max(...moves)).toBeLessThan(7)
  })

  it('is always in order, whatever was read', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: 1, max: 200 }), fc.integer({ min: -5, max: 80 })), { maxLength: 10 }),
        fc.integer({ min: 0, max: 400 }),
        (pairs, today) => {
          const sorted = pairs.filter(([day]) => day <= today).sort(([a], [b]) => a - b)
          const window = readyWindow(heap(GOOD_HEAP, sorted.map(([day, core]) => reading(day, core))), surroundingsOn(today))
          expect(window.to.getTime()).toBeGreaterThan(window.from.getTime())
        }), { numRuns: 40 })
  })
})
