import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { atMoisture, BALANCED, chargeFrom, cube, heapAfter, times } from '../../test/builders/cubes'
import { findMaterial } from '../materials/book'
import { LIBRARY } from '../materials/library'
import { chargeOf, usableShares } from './charge'
import { CONSTANTS, CONSTANT_NAMES } from './constants'
import { dryKgOf, newHeap, poolsOf } from './heap'
import { byAirSpace, pack, wetness } from './packing'
import { temperatureShare } from './limits'
import { breathOf, rawnessOf, reheatsK, uptakeMmolKgH } from './respiration'
import { spellsAt } from './spells'
import { atCelsius, atShare, celsiusTable, greaterAtCelsius, shareTable } from './table'
import { traitsAt, USUAL_TRAITS } from './traits'

describe('what can be used of a material', () => {
  it('by hand: mixed leaves hold 20 % lignin', () => {
    const leaves = findMaterial('leaves-mixed')!
    // Within weeks 0.830 − 0.028·20 = 0.27; in the end 1 − 0.13 − 1.15·0.20 = 0.64.
    expect(usableShares(leaves).quick).toBeCloseTo(0.27, 9)
    expect(usableShares(leaves).inTheEnd).toBeCloseTo(0.64, 9)
  })

  it('is less within weeks of what stands like twigs, and never more than in the end', () => {
    for (const material of LIBRARY) {
      const { quick, inTheEnd } = usableShares(material)
      expect(quick).toBeGreaterThan(0)
      expect(quick).toBeLessThanOrEqual(inTheEnd)
    }
    const chips = findMaterial('wood-chips')!
    expect(usableShares(chips).quick).toBeLessThan(usableShares({ ...chips, structure: 1 }).quick / 3 + 1e-9)
  })

  it('adds up to the dry matter of the portions, whatever they are', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.constantFrom(...LIBRARY), fc.double({ min: 0.1, max: 900, noNaN: true })), { minLength: 1, maxLength: 5 }),
        (some) => {
          const charge = chargeOf(some.map(([material, looseVolumeL]) => ({ material, looseVolumeL })), 3)!
          const dryKg = some.reduce(
            (sum, [{ bulkDensityKgM3, moistureFraction }, litres]) =>
              sum + ((litres * bulkDensityKgM3.typical) / 1000) * (1 - moistureFraction.typical),
            0,
          )
          expect(dryKgOf(charge)).toBeCloseTo(dryKg, 6)
          expect(Object.values(charge).every(value => Number.isFinite(value) && value >= -1e-9)).toBe(true)
        }))
    expect(chargeOf([], 5)).toBeUndefined()
  })

  it('counts its nitrogen by what decays: chips and grass are nearly as rich as the grass', () => {
    const ratio = (recipe: readonly (readonly [string, number])[]) => {
      const { carbonKg, nitrogenKg } = chargeFrom(recipe, 0)
      return carbonKg / nitrogenKg
    }
    const [grass, both] = [ratio([['grass-clippings', 700]]), ratio([['grass-clippings', 700], ['wood-chips', 700]])]
    expect(grass).toBeCloseTo(findMaterial('grass-clippings')!.carbonToNitrogen.typical, 6)
    expect(both).toBeLessThan(30)
    expect(both).toBeGreaterThan(grass)
  })

  it('traits move the pools without making or losing anything', () => {
    const charge = chargeFrom(BALANCED, 10)
    fc.assert(fc.property(fc.array(fc.double({ min: -4, max: 4, noNaN: true }), { minLength: 18, maxLength: 18 }), (standings) => {
      const { rapidKg, mediumKg, slowKg, restKg } = poolsOf(charge, traitsAt(standings))
      expect(rapidKg + mediumKg + slowKg + restKg).toBeCloseTo(dryKgOf(charge), 6)
      expect(Math.min(rapidKg, mediumKg, slowKg, restKg)).toBeGreaterThanOrEqual(-1e-9)
    }))
  })
})

describe('constants', () => {
  it('lie within the range that they are said to lie in, and each says where it comes from', () => {
    for (const name of CONSTANT_NAMES) {
      const { value, low, high, source } = CONSTANTS[name]
      expect(value, name).toBeGreaterThanOrEqual(low)
      expect(value, name).toBeLessThanOrEqual(high)
      expect(source.length, name).toBeGreaterThan(6)
    }
  })
})

describe('weight', () => {
  const standing = cube(chargeFrom(BALANCED, 0)).standing

  it('a garden heap weighs 250 to 500 kg/m³ once it stands, and twice as much of it lies denser', () => {
    const density = (share: number) => {
      const charge = times(atMoisture(chargeFrom(BALANCED, 0), 0.58), share)
      const heap = newHeap(charge, standing, USUAL_TRAITS, 15)
      pack(heap)
      return (charge.waterKg + dryKgOf(charge)) / heap.work.volumeM3
    }
    expect(density(1)).toBeGreaterThan(250)
    expect(density(1)).toBeLessThan(500)
    expect(density(2)).toBeGreaterThan(density(1) * 1.05)
  })

  it('never presses anything below the room of its solids and its water', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.05, max: 0.94, noNaN: true }), fc.double({ min: 0.2, max: 8, noNaN: true }), (moisture, share) => {
        const charge = times(atMoisture(chargeFrom(BALANCED, 0), moisture), share)
        const heap = newHeap(charge, standing, USUAL_TRAITS, 15)
        pack(heap)
        expect(heap.work.volumeM3).toBeGreaterThan(charge.waterKg / 1000 + (dryKgOf(charge) - charge.ashKg) / 1600)
        expect(heap.work.layers[0]! + heap.work.layers[1]! + heap.work.layers[2]!).toBeCloseTo(3, 9)
      }))
  })

  it('crumbs hold more water once a fifth of the dry matter is gone: with 0.65 of it left 1 + 1.2·0.15', () => {
    const charge = atMoisture(chargeFrom(BALANCED, 0), 0.58)
    const heap = newHeap(charge, standing, USUAL_TRAITS, 15)
    pack(heap)
    expect(heap.work.holdsKgKg).toBeCloseTo(charge.holdsKgKg, 9)
    heap.whole.chargedDryKg /= 0.65
    pack(heap)
    expect(heap.work.holdsKgKg / charge.holdsKgKg).toBeCloseTo(1.18, 6)
  })

  it('wetness is 1 where stuff holds as much as it can work with', () => {
    expect(wetness(18, 10, 1.8)).toBeCloseTo(1, 6)
    // A layer at a tenth of air works at 1/(e^(−23.675·0.1 + 3.4945) + 1) of its pace.
    expect(byAirSpace(0.1)).toBeCloseTo(0.24475, 3)
  })
})

describe('breath', () => {
  const MEDIUM_ONLY = { ...chargeFrom(BALANCED, 0), rapidKg: 0, slowKg: 0, ashKg: 0, pace: 1 }

  it('by hand: a tenth of the organic matter of the medium pool, and nothing else', () => {
    const charge = { ...MEDIUM_ONLY, mediumKg: 10, restKg: 90 }
    const heap = newHeap(charge, cube(charge).standing, USUAL_TRAITS, 15)
    const breath = breathOf(heap)
    // At 30 °C the cool ones work at (30 − 50)·35² / (43·(43·(30 − 38) − (−12)·(38 − 5 − 60))) = −24500/−28724 of their best: 0.853.
    // So k·0.853 a day of a tenth, 1.2 g of oxygen a gram, 31,250 mmol a kilogram, over 24 hours.
    const share = temperatureShare(30, CONSTANTS.coolLater.value)
    expect(share).toBeCloseTo(0.853, 2)
    const perDay = CONSTANTS.mediumDay.value * share
    expect(breath.inSample.medium).toBeCloseTo(perDay, 9)
    expect(uptakeMmolKgH(heap, breath)).toBeCloseTo(0.1 * perDay * CONSTANTS.oxygenKgKg.value * 31_250 / 24, 6)
  })

  it('is counted by what is organic: ash beside it changes nothing', () => {
    const plain = { ...MEDIUM_ONLY, mediumKg: 10, restKg: 90 }
    const ashy = { ...plain, restKg: 190, ashKg: 100 }
    const [one, other] = [plain, ashy].map((charge) => {
      const heap = newHeap(charge, cube(charge).standing, USUAL_TRAITS, 15)
      return uptakeMmolKgH(heap, breathOf(heap))
    })
    expect(other).toBeCloseTo(one!, 9)
  })

  it('is that of the rawer fifth: one raw shell of six and a bit of the next', () => {
    const charge = { ...MEDIUM_ONLY, mediumKg: 60, restKg: 540 }
    const heap = newHeap(charge, cube(charge).standing, USUAL_TRAITS, 15)
    const even = uptakeMmolKgH(heap, breathOf(heap))
    heap.parts.mediumKg[5]! += 20
    heap.parts.restKg[5]! -= 20
    // The raw shell breathes three times as much and is a sixth of all; the fifth takes a thirtieth of the others: (5·3 + 1)/6.
    expect(uptakeMmolKgH(heap, breathOf(heap)) / even).toBeCloseTo(16 / 6, 2)
  })

  it('falls as a heap goes on, with what it would reheat by, and is ripe where neither is above its limit', () => {
    const charge = chargeFrom(BALANCED, 0)
    const on = (day: number) => {
      const heap = heapAfter(cube(charge), day)
      pack(heap)
      const breath = breathOf(heap)
      return [uptakeMmolKgH(heap, breath), reheatsK(heap, breath), rawnessOf(heap, breath)] as const
    }
    const seen = [5, 20, 60, 200, 400].map(on)
    for (const row of [0, 1, 2]) {
      const values = seen.map(one => one[row]!)
      expect(values).toEqual([...values].sort((a, b) => b - a))
    }
    for (const [uptake, reheats, rawness] of seen) expect(rawness).toBeCloseTo(Math.max(uptake / 8, reheats / 10), 9)
  })
})

describe('spells of weather', () => {
  it('are none at 0, the same when asked again, and as warm and as wet as usual on the whole', () => {
    expect(spellsAt(0)).toBeUndefined()
    expect(spellsAt(0.7)).toBe(spellsAt(0.7))
    const all = [-1.5, -1, -0.6, -0.3, 0.3, 0.6, 1, 1.5].map(at => spellsAt(at)!)
    const mean = (of: (one: (typeof all)[number]) => Float64Array) =>
      all.reduce((sum, one) => sum + of(one).reduce((total, value) => total + value, 0) / of(one).length, 0) / all.length
    expect(Math.abs(mean(({ airK }) => airK))).toBeLessThan(0.4)
    expect(mean(({ rainTimes }) => rainTimes)).toBeCloseTo(1, 0)
    expect(Math.abs(mean(({ rainTimes }) => rainTimes) - 1)).toBeLessThan(0.12)
  })
})

describe('tables', () => {
  it('are the function at their places, straight between, and hold at the ends', () => {
    const square = shareTable(share => share * share)
    expect(atShare(square, 0.5)).toBeCloseTo(0.25, 12)
    expect(atShare(square, 0.50125)).toBeCloseTo((0.25 + 0.5025 ** 2) / 2, 9)
    expect([atShare(square, -3), atShare(square, 7)]).toEqual([0, 1])
    const [same, other] = [celsiusTable(celsius => celsius), celsiusTable(celsius => 2 * celsius - 30)]
    expect(atCelsius(same, 21.3)).toBeCloseTo(21.3, 9)
    expect([atCelsius(same, -500), atCelsius(same, 500)]).toEqual([-60, 110])
    // 20 beside half of 10, 50 beside half of 70.
    expect([greaterAtCelsius(same, other, 0.5, 20), greaterAtCelsius(same, other, 1, 50)]).toEqual([20, 70])
  })
})
