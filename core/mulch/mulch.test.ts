import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { findMaterial } from '../materials/book'
import { boundNitrogenGM2, makesUpKg } from './binding'
import { countedAt, countedDays } from '../warmth/day-counts'
import { depthsOf, pacedDays, paceOn, thinnedDay, type MulchTraits } from './depth'
import { CROPS, depthFor, MULCH_KINDS, mulchKindFor, mulchKindOf, REASONS } from './kinds'

const steady = (celsius: number, days = 800) => Float64Array.from({ length: days }, () => celsius)
const days = (...values: number[]) => Float64Array.from(values)
const traits = (id: string): MulchTraits => {
  const { settles, settlingDays, goesYear } = mulchKindOf(id)
  return { settles: settles.typical, settlingDays, goesYear: goesYear.typical, spread: 1, weatherK: 0 }
}

describe('how deep a mulch lies', () => {
  it('sinks as by hand: 30 cm of leaves to about 10 cm in their first winter', () => {
    // Settled to 0.34; a winter of 120 days at 5 °C counts half: 60 days of 0.95 a year take e^(−0.156) = 0.855: 0.3 × 0.34 ×
    // 0.855 = 8.7 cm.
    const [start, winter] = depthsOf([{ day: 0, depthM: 0.3 }], traits('leaves'), pacedDays(steady(5)), days(0, 120))
    expect(start).toBeCloseTo(0.3, 6)
    expect(winter).toBeCloseTo(0.3 * (0.34 + 0.66 * Math.exp(-120 / 18)) * Math.exp(-0.95 / 365.25 * 60), 4)
    expect(winter).toBeGreaterThan(0.08)
    expect(winter).toBeLessThan(0.11)
  })

  it('keeps chips for years, and green and dry for weeks', () => {
    const chips = depthsOf([{ day: 0, depthM: 0.08 }], traits('chips'), pacedDays(steady(10, 1500)), days(365, 1095))
    expect(chips[0]! / 0.08).toBeGreaterThan(0.6)
    expect(chips[1]! / 0.08).toBeLessThan(0.5)
    const kind = mulchKindOf('green-dry')
    const weeks = Float64Array.from({ length: 61 }, (_, day) => day)
    const depth = depthsOf([{ day: 0, depthM: 0.06 }], traits('green-dry'), pacedDays(steady(17)), weeks)
    const due = thinnedDay(weeks, depth, 0.06 * kind.settles.typical * kind.refreshedAt, 0)
    expect(due).toBeGreaterThan(14)
    expect(due).toBeLessThan(24)
  })

  it('stands still in frost, doubles its pace for ten kelvin', () => {
    expect([paceOn(-3), paceOn(0), paceOn(15), paceOn(25)]).toEqual([0, 0, 1, 2])
    expect(countedAt(countedDays(3, day => paceOn([15, 25, -2][day]!)), 1.5)).toBe(2)
    expect(countedAt(countedDays(3, day => paceOn([15, 25, -2][day]!)), 99)).toBe(3)
  })

  it('never grows by itself, and more spread is never less', () => {
    const spreads = fc.array(
      fc.record({ day: fc.double({ min: 0, max: 200, noNaN: true }), depthM: fc.double({ min: 0, max: 0.3, noNaN: true }) }),
      { minLength: 1, maxLength: 4 },
    )
    fc.assert(
      fc.property(spreads, fc.constantFrom(...MULCH_KINDS), fc.double({ min: -10, max: 25, noNaN: true }), (put, { id }, celsius) => {
        const times = Float64Array.from({ length: 30 }, (_, index) => 200 + index * 10)
        const depth = depthsOf(put, traits(id), pacedDays(steady(celsius)), times)
        expect(depth.every((one, at) => Number.isFinite(one) && (at === 0 || one <= depth[at - 1]! + 1e-7))).toBe(true)
        const more = depthsOf([...put, { day: 100, depthM: 0.05 }], traits(id), pacedDays(steady(celsius)), times)
        expect(more.every((one, at) => one >= depth[at]!)).toBe(true)
      }))
  })

  it('says a depth that every crop bears: seedlings least, never beyond what the kind allows', () => {
    for (const kind of MULCH_KINDS) {
      for (const crop of CROPS) {
        const [low, , high] = kind.depthsM[crop]
        for (const reason of REASONS) {
          const { typical } = depthFor(kind, crop, reason)
          expect(typical, `${kind.id} ${crop} ${reason}`).toBeGreaterThanOrEqual(Math.min(low, 0.005))
          expect(typical).toBeLessThanOrEqual(high + 0.0026)
        }
        expect(depthFor(kind, 'seedlings', 'weeds').typical).toBeLessThanOrEqual(depthFor(kind, crop, 'weeds').typical)
      }
      expect(depthFor(kind, 'trees', 'frost').typical).toBeGreaterThanOrEqual(depthFor(kind, 'trees', 'moist').typical)
    }
    expect(depthFor(mulchKindOf('leaves'), 'trees', 'weeds').typical).toBe(0.25)
    expect(depthFor(mulchKindOf('green-dry'), 'vegetables', 'weeds').typical).toBe(0.06)
  })

  it('knows as what a material lies', () => {
    const as = (id: string) => mulchKindFor(findMaterial(id)!).id
    expect(['leaves-oak', 'wood-chips', 'straw-wheat', 'hay-grass', 'grass-clippings', 'compost-finished', 'weeds-soft'].map(as)).toEqual([
      'leaves', 'chips', 'straw', 'straw', 'grass', 'compost', 'green-dry',
    ])
  })
})

describe('nitrogen that a layer takes from the soil', () => {
  const chips = findMaterial('wood-chips')!
  it('is by hand for 5 cm of chips dug in, and little where they lie on top', () => {
    // 0.05 m × 260 kg/m³ × 0.6 dry = 7.8 kg; carbon 0.13 % × 400 = 52 %: 4.056 kg; goes 0.3 × (1 − 0.13 − 1.15 × 0.25 = 0.5825): 0.709 kg.
    // Needs 0.35 ÷ 9 = 0.0389 and brings 1 ÷ 400 = 0.0025: 0.0364 × 709 g = 25.8 g.
    expect(boundNitrogenGM2(chips, 0.05, 'dug-in').typical).toBeCloseTo(25.8, 1)
    const onTop = boundNitrogenGM2(chips, 0.05, 'on-top')
    // Half a centimetre touches, half of its want: 25.8 × 0.1 × 0.5 = 1.3 g.
    expect(onTop.typical).toBeCloseTo(1.29, 2)
    expect(boundNitrogenGM2(chips, 0.1, 'on-top').typical).toBeCloseTo(onTop.typical, 6)
  })

  it('is none for what brings enough of its own', () => {
    expect(boundNitrogenGM2(findMaterial('grass-clippings')!, 0.05, 'dug-in').typical).toBe(0)
    expect(boundNitrogenGM2(findMaterial('compost-finished')!, 0.05, 'dug-in').typical).toBe(0)
    // 10 cm of straw: 5.28 kg dry, 48.5 % carbon: 2.56 kg; goes 0.8 × (1 − 0.13 − 1.15 × 0.18) = 0.53: 1.358 kg; × (0.0389 − 1 ÷
    // 97) = 38.8 g.
    expect(boundNitrogenGM2(findMaterial('straw-wheat')!, 0.1, 'dug-in').typical).toBeCloseTo(38.8, 0)
  })

  it('is made up by a weighed feed', () => {
    // Blood meal: 13 % nitrogen, 10 % water: 30 g ÷ 0.117 = 256 g.
    const meal = findMaterial('blood-meal')!
    expect(makesUpKg(meal, 30)).toBeCloseTo(0.03 / (meal.nitrogenFraction.typical * (1 - meal.moistureFraction.typical)), 9)
    expect(makesUpKg(meal, 30)).toBeGreaterThan(0.2)
    expect(makesUpKg(meal, 30)).toBeLessThan(0.32)
  })
})
