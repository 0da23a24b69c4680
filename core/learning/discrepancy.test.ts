import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { normal, seededRandom } from '../random/random'
import { bandOfReadings } from './bands'
import { carried, fitsOf, type Discrepancy } from './discrepancy'

const WHAT: Discrepancy = { spread: () => 6, keepsDays: 15, noise: 2 }

describe('what is carried forward of a residual', () => {
  it('by hand: one reading 8 K above its course on day 3', () => {
    const { at, fits } = carried([{ day: 3, value: 8 }], WHAT)
    // Variance of the reading 36 + 4 = 40; likelihood 0.93·e^(−64/80)/√(80π) = 0.026362; a blunder 0.07/120 = 0.000583; sound 0.97836.
    expect(fits[0]).toBeCloseTo(Math.log(0.026362 + 0.000583), 3)
    // Gain 0.97836·36/40 = 0.88052, so 7.0442 then, and a factor e less 15 days on.
    expect(at(3).mean).toBeCloseTo(7.0442, 3)
    expect(at(18).mean).toBeCloseTo(7.0442 / Math.E, 3)
    // Far off nothing is known of it but its own spread and the noise: 36 + 4.
    expect(at(400).variance).toBeCloseTo(40, 3)
    expect(at(3).variance).toBeLessThan(36 * 0.25 + 4)
  })

  it('between two readings lies between them, and is surer there than after them', () => {
    const { at } = carried([{ day: 0, value: 6 }, { day: 10, value: 10 }], WHAT)
    expect(at(5).mean).toBeGreaterThan(at(0).mean)
    expect(at(5).mean).toBeLessThan(at(10).mean)
    expect(at(5).variance).toBeLessThan(at(15).variance)
  })

  it('hardly hears of a reading that is simply wrong', () => {
    const near = [{ day: 1, value: 3 }, { day: 2, value: 3 }, { day: 4, value: 3 }]
    const wrong = [...near.slice(0, 2), { day: 3, value: -45 }, near[2]!]
    expect(Math.abs(carried(wrong, WHAT).at(5).mean - carried(near, WHAT).at(5).mean)).toBeLessThan(0.5)
  })

  it('is finite whatever was read', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.double({ min: 0, max: 200, noNaN: true }), fc.double({ min: -300, max: 300, noNaN: true })), {
          maxLength: 20,
        }),
        (pairs) => {
          const residuals = pairs.sort(([a], [b]) => a - b).map(([day, value]) => ({ day, value }))
          const { at, fits } = carried(residuals, WHAT)
          expect(fits.every(Number.isFinite)).toBe(true)
          for (const day of [0, 3.3, 50, 300]) {
            expect(Number.isFinite(at(day).mean)).toBe(true)
            expect(at(day).variance).toBeGreaterThanOrEqual(0)
          }
        }))
  })

  it('likes a residual of its own kind better than one that jumps', () => {
    const sum = (values: readonly number[]) => fitsOf(values.map((value, day) => ({ day, value })), WHAT).reduce((all, one) => all + one, 0)
    expect(sum([5, 6, 5, 6, 5])).toBeGreaterThan(sum([5, -6, 5, -6, 5]))
  })
})

describe('a band of readings', () => {
  it('holds eight in ten readings of a residual that it was made for', () => {
    const random = seededRandom(9)
    const flat = Float32Array.from({ length: 41 }, () => 40)
    const times = Float64Array.from({ length: 41 }, (_, day) => day)
    let inside = 0
    const RUNS = 600
    for (let run = 0; run < RUNS; run++) {
      let stray = 6 * normal(random)
      const strays = times.map(() => (stray = Math.exp(-1 / 15) * stray + 6 * Math.sqrt(1 - Math.exp(-2 / 15)) * normal(random)))
      const read = (day: number) => strays[day]! + 2 * normal(random)
      const what = carried([2, 5, 9, 14].map(day => ({ day, value: read(day) })), WHAT)
      const band = bandOfReadings(times, Array.from({ length: 200 }, () => flat), Array.from({ length: 200 }, () => what))
      const later = 40 + read(18)
      if (later >= band.low[18]! && later <= band.high[18]!) inside++
    }
    expect(inside / RUNS).toBeGreaterThan(0.75)
    expect(inside / RUNS).toBeLessThan(0.85)
  })
})
