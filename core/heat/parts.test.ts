import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { cardinalShare } from './cardinal'
import { solveLinked } from './conduction'
import { airSpaceShare, moistureShare, nitrogenShare, oxygenShare, steadyOxygenPct } from './limits'
import { traitsAt, TRAIT_NAMES, USUAL_TRAITS } from './traits'
import { saturatedWaterKgPerKg } from './vapour'
import { surfaceOf } from './walls'

describe('the cardinal temperatures', () => {
  const hot = { minC: 0, optimumC: 59, maxC: 82 }
  it('are 0 at the ends, 1 at the best and in between by hand', () => {
    expect(cardinalShare(0, hot)).toBe(0)
    expect(cardinalShare(82, hot)).toBe(0)
    expect(cardinalShare(59, hot)).toBeCloseTo(1, 12)
    // 30 °C: (30−82)·30² / (59·(59·(30−59) − (59−82)·(59+0−60))) = −46800 / (59·(−1711 − 23)) = 0.45745
    expect(cardinalShare(30, hot)).toBeCloseTo(0.45745, 4)
  })

  it('never leave 0 to 1', () => {
    fc.assert(fc.property(fc.double({ min: -60, max: 150, noNaN: true }), (celsius) => {
      expect(cardinalShare(celsius, hot)).toBeGreaterThanOrEqual(0)
      expect(cardinalShare(celsius, hot)).toBeLessThanOrEqual(1 + 1e-12)
    }))
  })
})

describe('what holds decay back', () => {
  it('by hand', () => {
    // 1/(e^(−17.684·0.4 + 7.0622) + 1) = 1/(e^(−0.0114) + 1)
    expect(moistureShare(0.4)).toBeCloseTo(0.50285, 4)
    // 1/(e^(−23.675·0.3 + 3.4945) + 1) = 1/(e^(−3.608) + 1)
    expect(airSpaceShare(0.3)).toBeCloseTo(0.97361, 4)
    expect(oxygenShare(2, 2)).toBe(0.5)
    expect(nitrogenShare(25, 1)).toBe(1)
    expect(nitrogenShare(60, 1)).toBe(0.5)
    // Without any nitrogen there is nothing to eat with; without any carbon nothing is short.
    expect([nitrogenShare(1, 0), nitrogenShare(0, 0)]).toEqual([0, 1])
  })

  it('oxygen is where supply and use meet', () => {
    fc.assert(
      fc.property(fc.double({ min: 1e-6, max: 1e4, noNaN: true }), fc.double({ min: 0, max: 1e4, noNaN: true }), (supply, demand) => {
        const oxygen = steadyOxygenPct(supply, demand, 2)
        expect(oxygen).toBeGreaterThanOrEqual(0)
        expect(oxygen).toBeLessThanOrEqual(20.9 + 1e-9)
        const comes = supply * (1 - oxygen / 20.9)
        const goes = demand * oxygenShare(oxygen, 2)
        expect(Math.abs(comes - goes)).toBeLessThan(1e-6 * (supply + demand))
      }))
    expect(steadyOxygenPct(5, 0, 2)).toBeCloseTo(20.9, 9)
  })
})

describe('moist air and surfaces', () => {
  it('saturated air holds 7.6 g at 10 °C and 153 g at 60 °C for each kilogram', () => {
    expect(saturatedWaterKgPerKg(10)).toBeCloseTo(0.0076, 4)
    expect(saturatedWaterKgPerKg(60)).toBeCloseTo(0.153, 3)
  })

  it('a board cube of 1 m has 6 m² that let (4·4 + 2.5 + 1)/6 W pass', () => {
    const surface = { areaM2: 0, meanW_M2K: 0, bareM2: 0 }
    surfaceOf({ wall: 'boards', footprintM2: 1, perimeterM: 4 }, 1, { topW: 2.5, groundW: 1 }, surface)
    expect(surface.areaM2).toBeCloseTo(6, 12)
    expect(surface.meanW_M2K).toBeCloseTo(19.5 / 6, 12)
    // Four sides with gaps between the boards, and a top that is covered: 4·0.35 + 0.3.
    expect(surface.bareM2).toBeCloseTo(1.7, 12)
  })
})

describe('linked temperatures', () => {
  it('solve the row they were made from', () => {
    const row = fc.array(fc.double({ min: -50, max: 90, noNaN: true }), { minLength: 6, maxLength: 6 })
    const links = fc.array(fc.double({ min: 0, max: 1e3, noNaN: true }), { minLength: 5, maxLength: 5 })
    fc.assert(fc.property(row, links, (wanted, given) => {
      const link = Float64Array.from([...given, 0])
      const diagonal = Float64Array.from(wanted, (_, i) => 1 + (i > 0 ? link[i - 1]! : 0) + link[i]!)
      const right = Float64Array.from(
        wanted, (x, i) => diagonal[i]! * x - (i > 0 ? link[i - 1]! * wanted[i - 1]! : 0) - (i < 5 ? link[i]! * wanted[i + 1]! : 0),
      )
      solveLinked(6, diagonal, link, right)
      right.forEach((x, i) => expect(Math.abs(x - wanted[i]!)).toBeLessThan(1e-6 * (1 + Math.abs(wanted[i]!)) + 1e-7))
    }))
  })
})

describe('traits', () => {
  it('are usual at 0 and one standard deviation away at 1', () => {
    expect(USUAL_TRAITS.medium).toBe(1)
    const first = TRAIT_NAMES.indexOf('medium')
    expect(traitsAt(TRAIT_NAMES.map((_, index) => index === first ? 1 : 0)).medium).toBeCloseTo(Math.exp(0.26), 12)
    // Beyond four standard deviations nothing is met: e^(4·0.3) for the rapid pool.
    expect(traitsAt([50]).rapid).toBeCloseTo(Math.exp(1.2), 12)
  })
})
