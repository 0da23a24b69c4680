import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Reading } from './heap-log'
import { coreReadings, fallenFrom } from './readings'

const read = (temperatures: readonly (number | undefined)[]): { readings: Reading[] } => ({
  readings: temperatures.map((coreC, day) => ({ eventId: `e${day}`, at: new Date(Date.UTC(2026, 4, 1 + day)).toISOString(), coreC, edgeC: 20, source: 'hand' })),
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
