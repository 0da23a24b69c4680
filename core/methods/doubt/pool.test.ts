import { describe, expect, it } from 'vitest'
import type { Forecast } from '../contract'
import { pooled } from './pool'

const rows = (values: readonly number[]) => Float32Array.from(values)
const forecast = (low: readonly number[], high: readonly number[], window: readonly [number, number, number]): Forecast => {
  const [from, typical, to] = window
  const course = { low: from, typical, high: to }
  return {
    days: Float64Array.from([0, 10, 20]), rows: {}, horizonDay: 20, members: 10, effective: 9, rounds: 1,
    series: { coreC: { low: rows(low), typical: rows([1, 2, 3]), high: rows(high) } },
    windows: { ready: { start: course, now: course, moves: [{ eventId: 'e', at: 'a', window: course, movedDays: 1 }] } },
  }
}
const BASE = forecast([0, 10, 20], [5, 15, 25], [6, 8, 10])

describe('one forecast of all that might be', () => {
  it('reaches from the first to the last, by the days of the assumed one', () => {
    // The other began five days later: its day 5 is day 10 of the assumed one; half way from 0 to 4 its low is 2, its high 11.
    const other = forecast([0, 4, 8], [10, 12, 14], [2, 3, 9])
    const both = pooled(BASE, [{ forecast: other, laterDays: 5 }])
    expect([...both.series.coreC!.low]).toEqual([0, 2, 6])
    expect([...both.series.coreC!.high]).toEqual([5, 15, 25])
    expect([...both.series.coreC!.typical]).toEqual([1, 2, 3])
    // From 2 + 5 = 7 to 9 + 5 = 14: the assumed one's 6 stays the first, 14 becomes the last, and its middle stays.
    expect(both.windows.ready!.now).toEqual({ low: 6, typical: 8, high: 14 })
    expect(both.windows.ready!.moves[0]!.window).toEqual({ low: 6, typical: 8, high: 14 })
    expect(both.members).toBe(20)
  })

  it('looks no further than the assumed one, nor before its day', () => {
    const late = pooled(BASE, [{ forecast: forecast([0, 0, 0], [1, 1, 1], [15, 17, 19]), laterDays: 5 }])
    expect(late.windows.ready!.now.high).toBe(20)
    const early = pooled(BASE, [{ forecast: forecast([0, 0, 0], [1, 1, 1], [1, 2, 3]), laterDays: -5 }])
    expect(early.windows.ready!.now.low).toBe(0)
  })

  it('is the assumed one itself where nothing else can be', () => {
    expect(pooled(BASE, [])).toBe(BASE)
  })
})
