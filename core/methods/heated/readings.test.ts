import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Reading } from './heap-log'
import { coreReadings, fallenFrom } from './readings'

const read = (temperatures: readonly (number | undefined)[]): { readings: Reading[] } => ({
  readings: temperatures.map((coreC, day) => ({
    eventId: `e${day}`, at: new Date(Date.UTC(2026, 4, 1 + day)).toISOString(), coreC, edgeC: 20, source: 'hand',
  })),
})
const odd = (temperatures: readonly number[]) => coreReadings(read(temperatures)).map(one => one.odd)
const fallen = (temperatures: readonly number[]) => fallenFrom(coreReadings(read(temperatures)))

describe('odd readings', () => {
  it('are lone spikes and holes of more than 20 K', () => {
    expect(odd([60, 16, 58])).toEqual([false, true, false])
    expect(odd([20, 65, 22])).toEqual([false, true, false])
  })

  it('are not steep rises, small dips or what stands at the end', () => {
    expect(odd([15, 40, 62])).toEqual([false, false, false])
    expect(odd([60, 45, 58])).toEqual([false, false, false])
    expect(odd([60, 58, 12])).toEqual([false, false, false])
  })

  it('are kept: every core reading is there, in order, and one without a core is not made up', () => {
    fc.assert(fc.property(fc.array(fc.option(fc.integer({ min: -10, max: 90 }), { nil: undefined }), { maxLength: 40 }), (temperatures) => {
      expect(coreReadings(read(temperatures)).map(({ coreC }) => coreC)).toEqual(temperatures.filter(one => one !== undefined))
    }))
  })
})

describe('falling', () => {
  it('takes three readings and tells the peak with its day', () => {
    expect(fallen([30, 55, 62, 58, 54])).toEqual({ peakC: 62, at: '2026-05-03T00:00:00.000Z', perDayK: -4 })
    expect(fallen([62, 58])).toBeUndefined()
    expect(fallen([30, 55, 62, 58, 60])).toBeUndefined()
    expect(fallen([30, 55, 62])).toBeUndefined()
  })

  it('is not feigned by one wrong reading', () => {
    expect(fallen([50, 58, 60, 61, 12])).toBeUndefined()
    expect(fallen([58, 64, 15, 60, 56])).toMatchObject({ peakC: 64 })
  })
})

describe('edges of the rules', () => {
  it('odd is more than 20 K from both neighbours, on the same side of them', () => {
    expect(odd([60, 39, 60])).toEqual([false, true, false])
    expect(odd([60, 40, 60])).toEqual([false, false, false])
    expect(odd([60, 35, 54])).toEqual([false, false, false])
    expect(odd([0, 21, 0])).toEqual([false, true, false])
    expect(odd([10, 40, 70])).toEqual([false, false, false])
  })

  it('falling is more than 0.7 K a day and 3 K in all, over two days', () => {
    expect(fallen([60, 58.5, 57])).toMatchObject({ perDayK: -1.5 })
    expect(fallen([60, 59, 58])).toBeUndefined()
    expect(fallen([60, 59.2, 58.4, 57.6, 56.8])).toMatchObject({ peakC: 60 })
    expect(fallen([60, 59.4, 58.8, 58.2, 57.6, 57, 56.4])).toBeUndefined()
    const hourly = [60, 57, 54, 51].map((coreC, hour) => ({
      eventId: `h${hour}`, at: new Date(Date.UTC(2026, 4, 1, hour * 12)).toISOString(), coreC, odd: false,
    }))
    expect(fallenFrom(hourly.slice(0, 3))).toBeUndefined()
    expect(fallenFrom([...hourly, { ...hourly[3]!, at: new Date(Date.UTC(2026, 4, 3)).toISOString(), coreC: 48 }])).toMatchObject({
      peakC: 60,
    })
  })

  it('many readings tell the same fall as few: pooled by half days, one wrong hour in six has no say', () => {
    const every = (minutes: number, days: number) => Array.from({ length: days * 1440 / minutes }, (_, index) => {
      const day = index * minutes / 1440
      return {
        eventId: `m${index}`, at: new Date(Date.UTC(2026, 4, 1) + day * 86_400_000).toISOString(),
        coreC: 62 - 2 * day - (index % 6 === 5 ? 15 : 0), odd: false,
      }
    })
    expect(fallenFrom(every(10, 5))!.perDayK).toBeCloseTo(-2, 1)
    expect(fallenFrom(every(1, 5))!.perDayK).toBeCloseTo(-2, 1)
    expect(fallenFrom(every(720, 5))).toBeDefined()
  })
})
