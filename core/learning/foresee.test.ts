import { describe, expect, it } from 'vitest'
import { finished } from '../../test/builders/batches'
import { foresee, timesEvery, type Foreseeing } from './foresee'
import type { StampedFinding } from './fit'

const BEGAN = '2025-11-01T10:00:00.000Z'
const reading = (day: number, value: number): StampedFinding<'soilC'> => ({
  eventId: `r${day}`, at: BEGAN, finding: { kind: 'value', row: 'soilC', day, value, spread: 1, trust: 1 },
})
const CARRIES = { soilC: { read: 'soilC', what: { spread: () => 3, keepsDays: 9, noise: 1 } } } as const

/** Something that stays at 20 °C whatever is drawn: all that moves a band is what is carried. */
function even(findings: readonly StampedFinding<'soilC'>[], carries: Foreseeing<Float32Array, 'soilC'>['carries']) {
  const horizonDay = 40
  const times = timesEvery(1, { horizonDay, nowDay: 10, findings })
  const forecast = finished(foresee<Float32Array, 'soilC'>({
    times,
    horizonDay,
    seed: 5,
    findings,
    dimensions: 1,
    members: 200,
    mostRounds: 1,
    run: () => new Float32Array(times.length).fill(20),
    row: course => course,
    bands: { soilC: 'soilC' }, bandsAtStart: { soilAtStartC: 'soilC' }, windows: {}, ...(carries ? { carries } : {}),
  }))
  return (series: 'soilC' | 'soilAtStartC', day: number) => {
    const band = forecast.series[series]!
    const at = times.indexOf(day)
    return { low: band.low[at]!, typical: band.typical[at]!, high: band.high[at]! }
  }
}

describe('what a reading carries forward', () => {
  it('moves the band to it and is forgotten by a factor e in nine days', () => {
    const at = even([reading(10, 26)], CARRIES)
    // Of 6 K the residual takes 9 / (9 + 1) times its soundness: 0.93 · 0.0209 against 0.07 / 120 is 0.971: 5.24 K.
    expect(at('soilC', 10).typical).toBeCloseTo(25.24, 1)
    expect(at('soilC', 19).typical).toBeCloseTo(20 + 5.24 * Math.exp(-1), 1)
    expect(at('soilC', 40).typical).toBeCloseTo(20 + 5.24 * Math.exp(-30 / 9), 1)
  })

  it('is narrow where it was read, as wide as at the start long after', () => {
    const at = even([reading(10, 21)], CARRIES)
    const width = (series: 'soilC' | 'soilAtStartC', day: number) => at(series, day).high - at(series, day).low
    // 1.2816 times the root of 9 + 1, either side.
    expect(width('soilAtStartC', 10)).toBeCloseTo(2 * 1.2816 * Math.sqrt(10), 0)
    // Read: 0.9 of its variance is left over from 9, and the noise of 1: the root of 1.9.
    expect(width('soilC', 10)).toBeGreaterThan(2 * 1.2816 * Math.sqrt(1.9) * 0.9)
    expect(width('soilC', 10)).toBeLessThan(2 * 1.2816 * Math.sqrt(1.9) * 1.2)
    expect(width('soilC', 40)).toBeGreaterThan(0.95 * width('soilAtStartC', 40))
  })

  it('leaves the band at the start as it was, and every band where nothing is carried', () => {
    expect(even([reading(10, 26)], CARRIES)('soilAtStartC', 10).typical).toBeCloseTo(20, 1)
    expect(even([reading(10, 26)], undefined)('soilC', 10)).toEqual({ low: 20, typical: 20, high: 20 })
  })
})
