import { describe, expect, it } from 'vitest'
import { darkDayCounts, grownOverOf, GROWN_OVER, spentDay, spentShare } from './smothering'

const steady = (celsius: number, days = 900) => Float64Array.from({ length: days }, () => celsius)

describe('what dies in the dark', () => {
  it('counts by hand: at 12 °C a day is a day, at 22 °C two, in the cold none', () => {
    expect([darkDayCounts(12), darkDayCounts(22), darkDayCounts(4), darkDayCounts(-5)]).toEqual([1, 2, 0, 0])
    expect(darkDayCounts(40)).toBe(2.2)
    expect(spentDay(steady(12), 60)).toBeCloseTo(60, 9)
    expect(spentDay(steady(22), 60)).toBeCloseTo(30, 9)
    expect(spentDay(steady(2), 60)).toBeUndefined()
    // Ten frozen days first: they do not count.
    expect(spentDay([...steady(0, 10), ...steady(12, 100)], 60)).toBeCloseTo(70, 9)
  })

  it('is spent by shares, all of it at the day it is spent', () => {
    expect(spentShare(steady(12), 30, 60)).toBeCloseTo(0.5, 9)
    expect(spentShare(steady(12), spentDay(steady(12), 60)!, 60)).toBeCloseTo(1, 9)
    expect(spentShare(steady(12), 500, 60)).toBe(1)
  })

  it('takes soft weeds two to three months, turf a season, creeping roots two', () => {
    const summer = steady(13)
    const months = (id: string) => (['low', 'typical', 'high'] as const).map(end => spentDay(summer, grownOverOf(id).darkDays[end])! / 30.4)
    expect(months('soft')[0]).toBeGreaterThan(1)
    expect(months('soft')[2]).toBeLessThan(3.2)
    expect(months('turf')[1]).toBeGreaterThan(3)
    expect(months('turf')[2]).toBeLessThan(6)
    expect(months('creeping')[1]).toBeGreaterThan(8)
    for (const { darkDays } of GROWN_OVER) expect(darkDays.low < darkDays.typical && darkDays.typical < darkDays.high).toBe(true)
  })
})
