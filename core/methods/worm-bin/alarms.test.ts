import { addDays } from 'date-fns'
import { describe, expect, it } from 'vitest'
import { bin } from '../../../test/builders/fed'
import { aroundOn, did } from '../../../test/builders/batches'
import type { Surroundings } from '../contract'
import { alarmOf } from './alarms'
import { kindOf } from './kinds'
import { binOn } from './now'

const WORMS = kindOf('common')
const MILD = { meanC: 18, minC: 12, maxC: 22 }

/** The fortieth day, with another weather on the day so many days ahead. */
function ahead(days: number, other: { readonly meanC: number, readonly minC: number, readonly maxC: number }): Surroundings {
  const base = aroundOn(40, { meanC: new Array<number>(12).fill(MILD.meanC) })
  const on = (at: Date) => at.getTime() === addDays(base.now, days).getTime() ? other : MILD
  return { ...base, weather: { ...base.weather, ambientC: at => on(at).meanC, extremesC: on } }
}

describe('an alarm of a bin in the shade', () => {
  const shade = bin(40, { where: 'shade' })

  it.each([0, 1, 2])('is of the hot day that is %i days ahead, and of today as well', (days) => {
    const around = ahead(days, { meanC: 31, minC: 24, maxC: 38 })
    // Outside and bin alike: air of 31 + 0.45·(38 − 31)·2 = 37.3 °C at its worst, of which half comes through; the mean of 31 °C
    // is within two kelvin of the 33 at which they suffer.
    const half = (binOn(shade, around)!.binC + 37.3) / 2
    expect(alarmOf(shade, around, WORMS)).toEqual({
      kind: 'heat', day: addDays(around.now, days), outsideC: 38, binC: expect.closeTo(Math.max(half, 31), 9) as number,
    })
  })

  it('is of the frost that is here today', () => {
    const around = ahead(0, { meanC: -3, minC: -8, maxC: 1 })
    // −3 + 0.45·(−8 + 3)·2 = −7.5 °C at its worst, half of the way down from the bin.
    expect(alarmOf(shade, around, WORMS)).toEqual({
      kind: 'frost', day: around.now, outsideC: -8, binC: expect.closeTo((binOn(shade, around)!.binC - 7.5) / 2, 9) as number,
    })
  })

  it('is not told of a day three days ahead, nor of one that is just warm', () => {
    expect(alarmOf(shade, ahead(3, { meanC: 31, minC: 24, maxC: 38 }), WORMS)).toBeUndefined()
    // A mean of 30.9 °C stays under 31, and half of the way to 37.3 °C under 32.
    expect(alarmOf(shade, ahead(0, { meanC: 30.9, minC: 24, maxC: 38 }), WORMS)).toBeUndefined()
  })

  it('is that of the place where it stands now', () => {
    const moved = bin(40, { where: 'room' }, [did(39.9, 'sheltered', { where: 'shade' })])
    expect(alarmOf(moved, ahead(0, { meanC: 31, minC: 24, maxC: 38 }), WORMS)?.kind).toBe('heat')
    expect(alarmOf(bin(40, { where: 'room' }), ahead(0, { meanC: 31, minC: 24, maxC: 38 }), WORMS)).toBeUndefined()
  })
})
