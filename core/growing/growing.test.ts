import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { PARTS, PURPOSES } from './constants'
import { mixOf, partsFor, shrinks, type GrowingMix, type MixPart } from './mix'
import { schoolsFor } from './schools'
import { verdictsOn } from './verdict'
import { airIn, filledL, litresForPots, rimL, waterAt } from './pot'

const mix = (parts: readonly MixPart[], handling?: number): GrowingMix => {
  const made = mixOf(parts, handling)
  if (!made.ok) throw new Error(made.error)
  return made.value
}
const part = (partId: MixPart['partId'], litres: number): MixPart => ({ partId, litres })
const anyPart = fc.record({ partId: fc.constantFrom(...PARTS.map(({ id }) => id)), litres: fc.double({ min: 0.1, max: 200, noNaN: true }) })
const anyParts = fc.array(anyPart, { minLength: 1, maxLength: 5 })

describe('a growing mix', () => {
  it('is by hand what leaf mould and sand make', () => {
    // 3 of fine leaf mould and 1 of sand. Stony ¼: shrinks by 0.5 · ¼ · ¾ + 0.03 = 0.12375, so 4 L come to 3.505.
    const made = mix([part('leaf-mould-fine', 3), part('sand', 1)])
    expect(made.litres).toBeCloseTo(4 * 0.87625, 6)
    // Air before shrinking (84 − 62)·¾ + (40 − 24)·¼ = 20.5 %; of it 12.375 % go, in 0.87625 of the room: 9.3 %.
    expect(made.airAt10).toBeCloseTo((0.205 - 0.12375) / 0.87625, 6)
    // Easily taken water 20·¾ + 16·¼ = 19 % of the parts, 21.7 % of the mix.
    expect(made.easyWater).toBeCloseTo(0.19 / 0.87625, 6)
    // Salts of 0.6 in the middle at most: 0.3·¾ + 0.1·¼ to 1.2·¾ + 0.1·¼.
    expect([made.salts.low, made.salts.high]).toEqual([expect.closeTo(0.25, 6), expect.closeTo(0.925, 6)])
    expect(made.kgL).toBeCloseTo((0.75 * 0.4 + 0.25 * 1.55) / 0.87625, 6)
  })

  it('takes 11.4 L of each of three equal parts for 30 L where it loses 12 in a hundred', () => {
    // Without stony parts only handling counts: 30 / 0.88 / 3.
    const thirds = partsFor([part('compost', 1), part('leaf-mould-fine', 1), part('loam', 1)], 30, 0.12)
    expect(thirds.ok && thirds.value.map(({ litres }) => litres)).toEqual([1, 2, 3].map(() => expect.closeTo(11.36, 2)))
  })

  it('shrinks most where half of it is stony', () => {
    expect([0, 0.25, 0.5, 0.75, 1].map(stony => shrinks(stony, 0))).toEqual([0, 0.09375, 0.125, 0.09375, 0])
  })

  it('never is more than its parts nor under four fifths of them, holds no water beyond its pores, and nothing below nothing', () => {
    fc.assert(fc.property(anyParts, fc.double({ min: 0, max: 0.07, noNaN: true }), (parts, handling) => {
      const made = mix(parts, handling)
      const sum = parts.reduce((total, { litres }) => total + litres, 0)
      expect(made.litres).toBeLessThanOrEqual(sum)
      expect(made.litres).toBeGreaterThan(0.8 * sum)
      for (const share of [made.pores, made.waterAt10, made.waterAt50, made.airAt10, made.easyWater]) {
        expect(share).toBeGreaterThanOrEqual(0)
        expect(share).toBeLessThanOrEqual(1)
      }
      expect(made.waterAt10).toBeLessThanOrEqual(made.pores)
      // Solids are what they were.
      const solidsL = parts.reduce((total, { partId, litres }) => total + litres * (1 - PARTS.find(({ id }) => id === partId)!.pores), 0)
      expect(made.litres * (1 - made.pores)).toBeCloseTo(solidsL, 6)
    }))
  })

  it('is never less salt for something salter put to it', () => {
    fc.assert(fc.property(anyParts, fc.double({ min: 0.1, max: 50, noNaN: true }), (parts, litres) => {
      const before = mix(parts)
      const after = mix([...parts, part('compost', litres)])
      expect(after.salts.high).toBeGreaterThanOrEqual(before.salts.high - 1e-9)
      expect(after.salts.low).toBeGreaterThanOrEqual(before.salts.low - 1e-9)
    }))
  })

  it('is known the better the more parts it has: a third of one, of two halves the third by the root of two', () => {
    const doubt = (...litres: readonly number[]) =>
      mix(litres.map((count, at) => part((['leaf-mould-fine', 'coir', 'bark'] as const)[at]!, count))).doubt
    expect(doubt(1)).toBeCloseTo(0.33, 9)
    expect(doubt(1, 1)).toBeCloseTo(0.33 / Math.SQRT2, 9)
    // √(3² + 1²) ÷ 4 of it.
    expect(doubt(3, 1)).toBeCloseTo(0.33 * Math.sqrt(10) / 4, 9)
  })

  it('is none of nothing, and none of less', () => {
    expect([mixOf([]), mixOf([part('loam', 0)]), mixOf([part('loam', -1), part('sand', 3)]), mixOf([part('loam', NaN)])].map(one => one.ok))
      .toEqual([false, false, false, false])
  })
})

describe('a pot', () => {
  const nine = { topM: 0.09, bottomM: 0.065, heightM: 0.09 }

  it('holds what water would measure: 0.43 L to the rim of a nine, about 0.36 filled', () => {
    // π · 9/12 · (81 + 58.5 + 42.25) = 428 cm³.
    expect(rimL(nine)).toBeCloseTo(0.4282, 4)
    expect(filledL(nine)).toBeCloseTo(0.36, 2)
    // 60 of them take 21.6 L, and a tenth.
    expect(litresForPots(nine, 60)).toBeCloseTo(60 * 0.3597 * 1.1, 1)
  })

  it('has water standing at its bottom: the same mix is airless in a tray and airy in a tub', () => {
    const seed = mix([part('leaf-mould-fine', 3), part('sand', 1)])
    expect([waterAt(seed, 0), waterAt(seed, 10), waterAt(seed, 50)]).toEqual([
      seed.pores, expect.closeTo(seed.waterAt10, 9), expect.closeTo(seed.waterAt50, 9),
    ])
    const [tray, pot, tub] = [0.04, 0.09, 0.3].map(heightM => airIn(seed, heightM))
    expect(tray).toBeLessThan(pot!)
    expect(pot).toBeLessThan(tub!)
    // By hand for the tray: pores less water falls by 0.0927 · ln(1 + z)/ln 11; its mean to 4 cm is ((5 ln 5 − 4)/4)/ln 11 of it, 0.4219.
    expect(tray).toBeCloseTo(seed.airAt10 * (5 * Math.log(5) - 4) / 4 / Math.log(11), 4)
  })

  it('is never less airy for being higher', () => {
    fc.assert(fc.property(anyParts, fc.double({ min: 0.02, max: 0.6, noNaN: true }), fc.double({ min: 0.01, max: 0.3, noNaN: true }),
      (parts, heightM, moreM) => {
        const made = mix(parts)
        const air = airIn(made, heightM)
        expect(air).toBeGreaterThanOrEqual(0)
        expect(air).toBeLessThanOrEqual(made.pores)
        expect(airIn(made, heightM + moreM)).toBeGreaterThanOrEqual(air - 1e-9)
      }))
  })
})

describe('what a mix is for', () => {
  const salts = (parts: readonly MixPart[], purpose: Parameters<typeof verdictsOn>[1]) =>
    verdictsOn(mix(parts), purpose).find(({ scale }) => scale === 'salts')!
  const half = [part('compost', 1), part('leaf-mould-fine', 1)]

  it('half compost is too salt for seeds and right for tubs, a fifth of it for small pots', () => {
    // 2 to 8 and 0.3 to 1.2 mS/cm, half and half: 1.15 to 4.6, in the middle of the two 2.3; seeds bear 1, tubs 3.5.
    expect(salts(half, 'seeds')).toMatchObject({ value: { low: 1.15, high: 4.6 }, to: 1, is: 'high' })
    expect(salts(half, 'seeds').value.typical).toBeCloseTo(2.3, 2)
    expect(salts(half, 'tubs').is).toBe('good')
    // A fifth: 0.64 to 2.56, the middle 1.28.
    const fifth = [part('compost', 1), part('leaf-mould-fine', 4)]
    expect([salts(fifth, 'small-pots').is, salts(fifth, 'seeds').is]).toEqual(['good', 'perhaps-high'])
    expect(salts([part('leaf-mould-fine', 1)], 'tubs').is).toBe('perhaps-low')
  })

  it('is airless in a tray and good in a pot of twice its height, of one and the same mix', () => {
    const airy = mix([part('leaf-mould-coarse', 2), part('perlite', 1), part('coir', 1)])
    const air = (heightM?: number) => verdictsOn(airy, 'seeds', heightM)[0]!
    expect(air().value.typical).toBeCloseTo(airy.airAt10, 9)
    expect([air(0.02).is, air(0.09).is, air(0.3).is]).toEqual(['low', 'good', 'perhaps-high'])
  })
})

describe('the schools of mixing', () => {
  it.each(PURPOSES.map(({ id }) => id))('each mix for %s nothing that is surely too salt', (purpose) => {
    expect(schoolsFor(purpose).length).toBeGreaterThan(0)
    for (const { id, shares } of schoolsFor(purpose))
      expect(verdictsOn(mix(shares), purpose).find(({ scale }) => scale === 'salts')!.is, id).not.toBe('high')
  })
})
