import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { BANDS, must } from '../../test/builders/bands'
import { findMaterial } from '../materials/book'
import { LIBRARY } from '../materials/library'
import { material } from '../materials/material'
import { seededRandom } from '../random/random'
import { mixBalance, typicalTotals } from './balance'
import { SAMPLES, standing, standingsTable, valueAt } from './draws'
import { UNCERTAIN, UNCERTAIN_NAMES } from './drivers'
import { measuresOf } from './measures'
import type { Portion } from './portion'
import { middlePart } from './quantile'
import { mixRanges, RANGED } from './ranges'
import { sampledMeasures } from './sampling'
import { addToTotals, emptyTotals, typicalValues } from './totals'
import { waterNeed, waterToAddL } from './water'

/** Two made-up materials with round numbers, so that the working below can be followed on paper. */
const ROUND = { worms: 'yes', keepsDays: 10, months: [], cautions: [] } as const
const brown = material({
  ...ROUND,
  id: 'brown',
  name: 'Brown',
  short: 'brown',
  family: 'leaf',
  nitrogenPct: [0.8, 0.8, 0.8],
  carbonToNitrogen: [50, 60, 70],
  moisturePct: [10, 20, 30],
  bulkKgM3: [80, 100, 120],
  ligninPctVs: 20,
  ashPct: 10,
  structure: 3,
})
const green = material({
  ...ROUND,
  id: 'green',
  name: 'Green',
  short: 'green',
  family: 'grass',
  nitrogenPct: [3, 3, 3],
  carbonToNitrogen: [12, 15, 18],
  moisturePct: [70, 80, 90],
  bulkKgM3: [300, 400, 500],
  ligninPctVs: 5,
  ashPct: 10,
  structure: 0,
})

/** What is mixed in; what stays apart is tested by itself. */
const MIXED = LIBRARY.filter(({ part }) => part === 'mix')
const portion = fc.record({ material: fc.constantFrom(...MIXED), looseVolumeL: fc.double({ min: 0.5, max: 2000, noNaN: true }) })
const portions = fc.array(portion, { minLength: 1, maxLength: 12 })

function balanceOf(given: readonly Portion[], water = 0) {
  const outcome = mixBalance(given, water)
  if (!outcome.ok) throw new Error(outcome.error.kind)
  return outcome.value
}

describe('a mix worked by hand', () => {
  /*
   * 300 L brown at 100 kg/m³ = 30 kg wet, 20 % water → 6 kg water, 24 kg dry
   *   nitrogen 0.8 % of dry = 0.192 kg; carbon = 60 × 0.192 = 11.52 kg
   * 100 L green at 400 kg/m³ = 40 kg wet, 80 % water → 32 kg water, 8 kg dry
   *   nitrogen 3 % of dry = 0.24 kg; carbon = 15 × 0.24 = 3.6 kg
   * C:N = (11.52 + 3.6) / (0.192 + 0.24) = 15.12 / 0.432 = 35
   * moisture = 38 / 70 = 0.542857…
   * takes part: brown (0.830 − 0.028 × 20) / 0.4 = 0.675, green 0.69 / 0.4 above 1, so all of it
   *   (11.52 × 0.675 + 3.6) / (0.192 × 0.675 + 0.24) = 11.376 / 0.3696 = 30.7792
   * still works: brown is a leaf that stands open, 0.70 + 3 × 0.03 = 0.79, capped at 0.72; green 0.55, at least 0.65
   *   water 24 × 72/28 + 8 × 65/35 = 61.714 + 14.857 = 76.571; moisture 76.571 / (32 + 76.571) = 0.705263
   * coarseness 1 and 0 at 3 : 1 → variance 0.75 × 0.25 = 0.1875; volume 400 × 0.8125 = 325 L
   * bulk density 70 / 0.325 = 215.3846 kg/m³; dry fraction 32/70, organic 0.9
   *   solid = 0.542857/1000 + 0.457143 × 0.9/1600 + 0.457143 × 0.1/2500 = 0.000818286
   *   free air = 1 − 215.3846 × 0.000818286 = 0.823754
   */
  const mix = [{ material: brown, looseVolumeL: 300 }, { material: green, looseVolumeL: 100 }]

  it('gives the same numbers as on paper', () => {
    const balance = balanceOf(mix)
    expect(balance.wetMassKg).toBeCloseTo(70, 9)
    expect(balance.carbonToNitrogen).toBeCloseTo(35, 9)
    expect(balance.availableCarbonToNitrogen).toBeCloseTo(30.7792, 4)
    expect(balance.workableMoisture).toBeCloseTo(0.705263, 6)
    expect(balance.moistureFraction).toBeCloseTo(38 / 70, 12)
    expect(balance.volumeL).toBeCloseTo(325, 9)
    expect(balance.freeAirSpace).toBeCloseTo(0.823754, 5)
    expect(balance.mattingShare).toBeCloseTo(0.25, 12)
  })

  it('needs (0.6 × 70 − 38) / 0.4 = 10 L of water to reach 60 %', () => {
    const need = waterNeed(typicalTotals(mix), 0.6)
    expect(need.kind).toBe('add')
    expect(waterToAddL(need)).toBeCloseTo(10, 9)
    expect(balanceOf(mix, 10).moistureFraction).toBeCloseTo(0.6, 12)
  })

  it('is too wet for 50 % by 38 − 35 = 3 L, and never asks for less than no water', () => {
    const need = waterNeed(typicalTotals(mix), 0.5)
    expect(need.kind).toBe('too-wet')
    expect(need.kind === 'too-wet' && need.excessL).toBeCloseTo(3, 9)
    expect(waterToAddL(need)).toBe(0)
  })
})

describe('any mix', () => {
  it('does not care about the order of ingredients', () => {
    fc.assert(fc.property(portions, fc.integer(), (given, seed) => {
      const other = [...given].sort(() => seededRandom(seed)() - 0.5).reverse()
      expect(balanceOf(other).carbonToNitrogen).toBeCloseTo(balanceOf(given).carbonToNitrogen, 6)
      expect(balanceOf(other).volumeL / balanceOf(given).volumeL).toBeCloseTo(1, 9)
    }))
  })

  it('keeps its ratios when every amount is scaled', () => {
    fc.assert(fc.property(portions, fc.double({ min: 0.1, max: 50, noNaN: true }), (given, factor) => {
      const one = balanceOf(given)
      const many = balanceOf(given.map(p => ({ ...p, looseVolumeL: p.looseVolumeL * factor })))
      for (const name of ['carbonToNitrogen', 'availableCarbonToNitrogen', 'moistureFraction', 'freeAirSpace', 'mattingShare'] as const)
        expect(Math.abs(many[name] - one[name])).toBeLessThan(1e-9 * Math.max(1, one[name]))
      expect(many.wetMassKg / one.wetMassKg / factor).toBeCloseTo(1, 9)
    }))
  })

  it('reaches the target exactly with the water asked for, or is too wet and asks for none', () => {
    fc.assert(fc.property(portions, fc.double({ min: 0.3, max: 0.8, noNaN: true }), (given, target) => {
      const need = waterNeed(typicalTotals(given), target)
      const litres = waterToAddL(need)
      expect(litres).toBeGreaterThanOrEqual(0)
      const moisture = balanceOf(given, litres).moistureFraction
      if (need.kind === 'add') expect(moisture).toBeCloseTo(target, 9)
      else expect(moisture).toBeGreaterThan(target)
    }))
  })

  it('lies between the ratios of its ingredients and has only finite, possible values', () => {
    fc.assert(fc.property(portions, (given) => {
      const balance = balanceOf(given)
      const ratios = given.map(p => p.material.carbonToNitrogen.typical)
      expect(balance.carbonToNitrogen).toBeGreaterThanOrEqual(Math.min(...ratios) - 1e-9)
      expect(balance.carbonToNitrogen).toBeLessThanOrEqual(Math.max(...ratios) + 1e-9)
      for (const value of Object.values(balance)) expect(Number.isFinite(value)).toBe(true)
      expect(balance.freeAirSpace).toBeGreaterThanOrEqual(0)
      expect(balance.freeAirSpace).toBeLessThan(1)
    }))
  })

  it('takes an ingredient out again without a trace', () => {
    fc.assert(fc.property(portions, portion, (given, extra) => {
      const totals = typicalTotals(given)
      addToTotals(totals, extra.material, extra.looseVolumeL, typicalValues(extra.material))
      addToTotals(totals, extra.material, extra.looseVolumeL, typicalValues(extra.material), -1)
      expect(must(measuresOf(totals, 0)).carbonToNitrogen).toBeCloseTo(balanceOf(given).carbonToNitrogen, 5)
    }))
  })
})

describe('bad input', () => {
  const leaves = findMaterial('leaves-mixed')!
  it.each([NaN, Infinity, -1])('an amount of %s is refused by name', (looseVolumeL) => {
    expect(mixBalance([{ material: leaves, looseVolumeL }])).toEqual({
      ok: false, error: { kind: 'bad-amount', materialId: 'leaves-mixed' },
    })
    expect(mixRanges([{ material: leaves, looseVolumeL }], 0, BANDS).ok).toBe(false)
  })

  it('nothing at all has no balance, nor has water below nothing', () => {
    expect(mixBalance([])).toEqual({ ok: false, error: { kind: 'empty' } })
    expect(mixBalance([{ material: leaves, looseVolumeL: 0 }])).toEqual({ ok: false, error: { kind: 'empty' } })
    expect(mixBalance([{ material: leaves, looseVolumeL: 5 }], -1)).toEqual({ ok: false, error: { kind: 'bad-water' } })
  })

  it.each(['biochar-crushed', 'wood-ash', 'garden-soil', 'eggshells', 'twigs', 'molasses', 'turf'])(
    '%s alone is no mix: nothing of it decays',
    (id) => {
      const alone = [{ material: findMaterial(id)!, looseVolumeL: 50 }]
      expect(mixBalance(alone)).toEqual({ ok: false, error: { kind: 'nothing-decays' } })
      expect(mixRanges(alone, 0, BANDS)).toEqual({ ok: false, error: { kind: 'nothing-decays' } })
    })
})

describe('what is not mixed in', () => {
  it('leaves the ratio as it was, however much of it there is, and still weighs and takes room', () => {
    fc.assert(
      fc.property(
        portions, fc.constantFrom(...LIBRARY.filter(({ part }) => part !== 'mix')), fc.double({ min: 1, max: 900, noNaN: true }),
        (given, apart, looseVolumeL) => {
          const [before, after] = [balanceOf(given), balanceOf([...given, { material: apart, looseVolumeL }])]
          expect(after.carbonToNitrogen).toBeCloseTo(before.carbonToNitrogen, 6)
          expect(after.availableCarbonToNitrogen).toBeCloseTo(before.availableCarbonToNitrogen, 6)
          expect(after.wetMassKg).toBeGreaterThan(before.wetMassKg)
        }))
  })
})

describe('the middle part', () => {
  it('lies between the same quantiles as those of the sorted values, whatever their shape', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: -1e6, max: 1e6, noNaN: true }), { minLength: 1, maxLength: 300 }),
        fc.double({ min: 0, max: 0.5, noNaN: true }),
        (values, share) => {
          const sorted = [...values].sort((a, b) => a - b)
          const at = (wanted: number) => {
            const position = Math.min(sorted.length - 1, Math.max(0, wanted * sorted.length - 0.5))
            const lower = sorted[Math.floor(position)]!
            const upper = sorted[Math.min(sorted.length - 1, Math.floor(position) + 1)]!
            return lower + (upper - lower) * (position - Math.floor(position))
          }
          const { low, high } = middlePart(Float64Array.from(values), share)
          expect(Math.abs(low - at(share))).toBeLessThan(1e-6)
          expect(Math.abs(high - at(1 - share))).toBeLessThan(1e-6)
        }))
  })
})

describe('ranges', () => {
  const mix = [{ material: brown, looseVolumeL: 300 }, { material: green, looseVolumeL: 100 }]

  it('hold four fifths of freshly sampled mixes, and none of them less than 77 or more than 83 %', () => {
    const random = seededRandom(7)
    const held: number[] = []
    for (let trial = 0; trial < 50; trial++) {
      const given = Array.from({ length: 2 + (trial % 6) }, () => ({
        material: MIXED[Math.floor(random() * MIXED.length)]!, looseVolumeL: 20 + 200 * random(),
      }))
      const shown = mixRanges(given, 0, BANDS)
      if (!shown.ok) throw new Error('no ranges')
      const inside = { carbonToNitrogen: 0, moistureFraction: 0, volumeL: 0 }
      const draws = 10_000
      for (let draw = 0; draw < draws; draw++) {
        const totals = emptyTotals()
        for (const p of given) {
          const values = Object.fromEntries(UNCERTAIN_NAMES.map(name => [name, valueAt(UNCERTAIN[name](p), standing(random()))]))
          addToTotals(totals, p.material, p.looseVolumeL, { ...typicalValues(p.material), ...values })
        }
        const one = must(measuresOf(totals, 0))
        for (const name of ['carbonToNitrogen', 'moistureFraction', 'volumeL'] as const)
          if (one[name] >= shown.value.of[name].low && one[name] <= shown.value.of[name].high) inside[name]++
      }
      for (const count of Object.values(inside)) {
        // Two thousand samples know the ends of a range to a point: three of them either way.
        expect(count / draws).toBeGreaterThan(0.77)
        expect(count / draws).toBeLessThan(0.83)
        held.push(count / draws)
      }
    }
    expect(Math.abs(held.reduce((sum, one) => sum + one / held.length, 0) - 0.8)).toBeLessThan(0.004)
  })

  it('come from the same arithmetic as the plain balance', () => {
    fc.assert(fc.property(portions, (given) => {
      const columns = sampledMeasures(given, 10, 0.55)
      for (let sample = 0; sample < SAMPLES; sample += 400) {
        const totals = emptyTotals()
        given.forEach((p, index) => {
          const values = UNCERTAIN_NAMES.map((name, offset) => [
            name, valueAt(UNCERTAIN[name](p), standingsTable(index * 4 + offset)[sample]!),
          ])
          addToTotals(totals, p.material, p.looseVolumeL, { ...typicalValues(p.material), ...Object.fromEntries(values) })
        })
        const plain = must(measuresOf(totals, 10))
        for (const name of RANGED)
          expect(Math.abs(columns[name][sample]! - plain[name]), name).toBeLessThan(1e-5 * Math.max(1, plain[name]))
      }
    }), { numRuns: 30 })
  })

  it('hold the typical value, repeat exactly and never ask for less than no water', () => {
    fc.assert(fc.property(portions, (given) => {
      const first = mixRanges(given, 0, BANDS)
      if (!first.ok) throw new Error('no ranges')
      expect(mixRanges(given, 0, BANDS)).toEqual(first)
      for (const name of RANGED) {
        const { low, typical, high } = first.value.of[name]
        expect(low).toBeLessThanOrEqual(typical)
        expect(typical).toBeLessThanOrEqual(high)
      }
      expect(first.value.waterToTargetL.low).toBeGreaterThanOrEqual(0)
    }), { numRuns: 30 })
  })

  it('name the ingredient that drives them: the wet green decides how moist this mix is', () => {
    const shown = mixRanges(mix, 0, BANDS)
    expect(shown.ok && shown.value.of.moistureFraction.driver).toEqual({ portionIndex: 1, value: 'moistureFraction' })
  })

  it('shrink when an ingredient is known better', () => {
    const measured = material({
      ...ROUND,
      id: 'green',
      name: 'Green',
      short: 'green',
      family: 'grass',
      nitrogenPct: [3, 3, 3],
      carbonToNitrogen: [12, 15, 18],
      moisturePct: [79, 80, 81],
      bulkKgM3: [395, 400, 405],
      ligninPctVs: 5,
      ashPct: 10,
      structure: 0,
    })
    const width = (green: typeof measured) => {
      const shown = mixRanges([mix[0]!, { material: green, looseVolumeL: 100 }], 0, BANDS)
      return shown.ok ? shown.value.of.moistureFraction.high - shown.value.of.moistureFraction.low : NaN
    }
    expect(width(measured)).toBeLessThan(0.7 * width(green))
  })
})
