import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { burnt, yieldAt, type Burnt } from './burn'
import { charThatFits, PORES_L_L, slurryOf } from './pores'
import { pricePerUsableL, usableL } from './price'
import { boiledOffKg, quenchL } from './quench'
import { ascorbicAcidG, chlorineLeft, hoursUntilChlorine } from './tap-water'
import { woodMoisture } from './wood'

const burn = (kg: number, moisture: number, share: number): Burnt => {
  const one = burnt(kg, moisture, share)
  if (!one.ok) throw new Error(one.error)
  return one.value
}
const sum = ({ carbon, ash, water, rest }: Burnt['wood']) => carbon + ash + water + rest

describe('how dry wood is', () => {
  it('by a meter: 20 % of the dry wood are 16.7 % of the wet, and up to 2 points off', () => {
    const known = woodMoisture({ kind: 'meter', percentOfDry: 20 })
    // 0.20 / 1.20 = 0.1667; 0.18 / 1.18 = 0.1525; 0.22 / 1.22 = 0.1803
    expect(known).toMatchObject({
      ok: true, value: { typical: expect.closeTo(0.1667, 4), low: expect.closeTo(0.1525, 4), high: expect.closeTo(0.1803, 4) },
    })
  })

  it('by a split: 500 g that dry to 400 g held 20 % water', () => {
    expect(woodMoisture({ kind: 'weighed', before: 500, after: 400 })).toMatchObject({
      ok: true, value: { typical: expect.closeTo(0.2, 6) },
    })
    expect(woodMoisture({ kind: 'weighed', before: 400, after: 500 })).toEqual({ ok: false, error: 'heavier-dry' })
    expect(woodMoisture({ kind: 'weighed', before: 0, after: 0 })).toEqual({ ok: false, error: 'no-number' })
  })

  it('by months: green at first, near its rest after a year, thin wood soonest; more months never make it wetter', () => {
    const typical = (months: number, thickness: 'finger' | 'wrist' | 'split') => {
      const known = woodMoisture({ kind: 'months', months, thickness })
      return known.ok ? known.value.typical : Number.NaN
    }
    expect(typical(0, 'wrist')).toBeCloseTo(0.47, 3)
    // 0.16 + 0.31·e^(−4/4) = 0.274
    expect(typical(4, 'wrist')).toBeCloseTo(0.274, 3)
    expect(typical(12, 'finger')).toBeLessThan(0.17)
    expect(typical(3, 'finger')).toBeLessThan(typical(3, 'wrist'))
    expect(typical(3, 'wrist')).toBeLessThan(typical(3, 'split'))
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 60, noNaN: true }), fc.double({ min: 0, max: 12, noNaN: true }),
        (from, more) => typical(from + more, 'split') <= typical(from, 'split') + 1e-12,
      ),
    )
  })

  it('is refused where numbers make no sense', () => {
    expect(woodMoisture({ kind: 'meter', percentOfDry: Number.NaN })).toEqual({ ok: false, error: 'no-number' })
    expect(woodMoisture({ kind: 'months', months: -1, thickness: 'finger' })).toEqual({ ok: false, error: 'no-number' })
  })
})

describe('a burn by mass', () => {
  it('100 kg of wood at 15 % water and a yield of a fifth: 17 kg of char, 85 L crushed, 127.5 L in lumps', () => {
    const one = burn(100, 0.15, 0.2)
    expect(one.charKg).toBeCloseTo(85 * 0.2, 6)
    expect(one.crushedL).toBeCloseTo(17 / 0.2, 6)
    expect(one.lumpL).toBeCloseTo(17 / 0.2 * 1.5, 6)
    // Ash: 85 · 0.015 = 1.275 kg, three quarters of it in the pieces.
    expect(one.char.ash).toBeCloseTo(0.95625, 6)
    expect(one.looseAshKg).toBeCloseTo(0.31875, 6)
    // Carbon: (85 − 1.275)/2 in the wood; 0.87 of what is not ash in the char.
    expect(one.wood.carbon).toBeCloseTo(41.8625, 4)
    expect(one.char.carbon).toBeCloseTo((17 - 0.95625) * 0.87, 4)
  })

  it('a wet load (35 %) of the same dry wood gives about a sixth less: the heat for its water comes out of the char', () => {
    // Extra water a kg of dry wood: 0.35/0.65 − 0.15/0.85 = 0.362; × 2.61 / 30 = 0.0315 of the dry wood.
    expect(yieldAt(0.2, 0.35)).toBeCloseTo(0.2 - 0.0315, 4)
    const [dry, wet] = [burn(85 / 0.85, 0.15, 0.2), burn(85 / 0.65, 0.35, 0.2)]
    expect(wet.crushedL / dry.crushedL).toBeCloseTo(0.842, 2)
  })

  it('loses nothing: carbon, ash, water and the rest are in char, ash or air, whatever the load', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.1, max: 5000, noNaN: true }), fc.double({ min: 0, max: 0.449, noNaN: true }),
        fc.double({ min: 0.02, max: 0.4, noNaN: true }),
        (kg, moisture, share) => {
          const { wood, char, looseAsh, air } = burn(kg, moisture, share)
          expect(sum(wood)).toBeCloseTo(kg, 6)
          for (const part of ['carbon', 'ash', 'water', 'rest'] as const) {
            expect(char[part] + looseAsh[part] + air[part]).toBeCloseTo(wood[part], 6)
            expect(Math.min(char[part], looseAsh[part], air[part])).toBeGreaterThanOrEqual(-1e-9)
          }
        }))
  })

  it('refuses what will not burn, and nothing at all', () => {
    expect(burnt(100, 0.46, 0.2)).toEqual({ ok: false, error: 'too-wet' })
    expect(burnt(0, 0.1, 0.2)).toEqual({ ok: false, error: 'nothing' })
    expect(burnt(Number.NaN, 0.1, 0.2)).toEqual({ ok: false, error: 'nothing' })
  })

  it('quenching: 10 kg from 500 to 100 °C with water of 15 °C boils off 1.84 kg, and the bulk has to be drowned besides', () => {
    // 10 · 1.2 · 400 = 4800 kJ; a kilogram takes 4.19 · 85 + 2257 = 2613 kJ.
    expect(boiledOffKg(10)).toBeCloseTo(4800 / 2613.15, 3)
    expect(boiledOffKg(10)).toBeGreaterThan(1.8)
    expect(quenchL(75, 10)).toBeCloseTo(76.84, 1)
  })
})

describe('what a usable litre costs', () => {
  it('three offers by hand: 10 kg of lump for 15, 20 L of garden char for 18, 3 kg of lump for 6', () => {
    // 10 ÷ 0.2 = 50 L, a tenth sifted out: 45 L; 15 / 45 = 0.333. 18 / 20 = 0.9. 3 ÷ 0.2 · 0.9 = 13.5; 6 / 13.5 = 0.444.
    expect(pricePerUsableL({ sold: 'weight', kg: 10, price: 15 })).toEqual({ ok: true, value: expect.closeTo(0.3333, 4) })
    expect(pricePerUsableL({ sold: 'volume', litres: 20, price: 18 })).toEqual({ ok: true, value: expect.closeTo(0.9, 6) })
    expect(pricePerUsableL({ sold: 'weight', kg: 3, price: 6 })).toEqual({ ok: true, value: expect.closeTo(0.4444, 4) })
    expect(usableL({ sold: 'weight', kg: 10, price: 0 })).toBeCloseTo(45, 6)
  })

  it('is not made up where no price was said', () => {
    expect(pricePerUsableL({ sold: 'volume', litres: 20, price: 0 })).toEqual({ ok: false, error: 'not-said' })
    expect(pricePerUsableL({ sold: 'weight', kg: 0, price: 5 })).toEqual({ ok: false, error: 'not-said' })
  })
})

describe('a soak in its vessel', () => {
  it('20 L of char with 12 L of compost: 8 L drunk, 24.6 L of water, 32.4 L in the tub', () => {
    const one = slurryOf(20, 0.6)
    expect(PORES_L_L).toBeCloseTo(0.4, 6)
    // Water: 20 · (0.4 + 0.45 + 0.2) + 12 · 0.3 = 24.6; stands: 20 · 1.2 + 12 · 0.7 = 32.4.
    expect(one.waterL).toBeCloseTo(24.6, 6)
    expect(one.standsL).toBeCloseTo(32.4, 6)
    expect(one.drunkL).toBeCloseTo(8, 6)
  })

  it('leaves a third free in any vessel, whatever goes in beside the char', () => {
    fc.assert(fc.property(fc.double({ min: 5, max: 500, noNaN: true }), fc.double({ min: 0, max: 1, noNaN: true }), (vesselL, share) => {
      expect(slurryOf(charThatFits(vesselL, share), share).standsL).toBeCloseTo(vesselL * 2 / 3, 6)
    }))
  })

  it('chlorine is under a tenth after three and a third half-lives: 24 hours in an open tub, sooner stirred', () => {
    expect(chlorineLeft(7.2, false)).toBeCloseTo(0.5, 6)
    expect(chlorineLeft(24, false)).toBeLessThan(0.1)
    expect(chlorineLeft(23, false)).toBeGreaterThan(0.1)
    expect(hoursUntilChlorine(0.1, false)).toBeCloseTo(7.2 * Math.log2(10), 6)
    expect(hoursUntilChlorine(0.1, true)).toBeLessThan(12)
  })

  it('chloramine: 100 L with 2 mg a litre take 0.5 to 0.6 g of ascorbic acid', () => {
    expect(ascorbicAcidG(100, 2)).toEqual({ low: expect.closeTo(0.5, 6), high: expect.closeTo(0.6, 6) })
  })
})
