import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { BUCKET, SACK } from '../../test/builders/heaps'
import { findMaterial } from '../materials/book'
import { LIBRARY } from '../materials/library'
import { typicalTotals } from './balance'
import { BANDS, must } from '../../test/builders/bands'
import { ILLS, judge } from './judgement'
import { portionOf, type Ingredient } from './portion'
import { emptyTotals, type Totals } from './totals'
import { verdictText } from './words'

const comfort = BANDS
/** Sums that are comfortable in every way, to be spoilt one by one: 100 kg at 55 % water, 30 : 1, 300 L, works up to 70 %. */
const sound: Totals = {
  ...emptyTotals(),
  wetMassKg: 100,
  waterKg: 55,
  carbonKg: 18,
  nitrogenKg: 0.6,
  availableCarbonKg: 15,
  availableNitrogenKg: 0.5,
  workableWaterKg: 105,
  organicKg: 40,
  looseVolumeL: 300,
  coarseVolumeL: 100,
  coarseSquaredL: 100 / 3,
}
const judged = (totals: Totals) => must(judge(totals, comfort))

describe('judging a mix', () => {
  it('finds nothing wrong with a sound one', () => {
    expect(judged(sound)).toMatchObject({ grade: 'good', distance: 0, ills: [] })
  })

  it('goes by what takes part in the heat when it is brown: 35 is comfortable, 40 acceptable', () => {
    // 15 / N = 40 → N = 0.375: a severity of 1.
    const edge = judged({ ...sound, availableNitrogenKg: 15 / 40 })
    expect(edge.ills).toEqual([
      expect.objectContaining({
        ill: 'too-brown', is: expect.closeTo(40, 9), comfortable: 35, acceptable: 40, severity: expect.closeTo(1, 9),
      }),
    ])
    expect(edge.grade).toBe('workable')
    expect(judged({ ...sound, availableNitrogenKg: 15 / 41 }).grade).toBe('poor')
    // A hair beyond is not told apart by any bucket.
    expect(judged({ ...sound, availableNitrogenKg: 15 / 40.2 }).grade).toBe('workable')
    // Wood beside it that takes no part is no ill: 79 in all, 30 in what decays.
    expect(judged({ ...sound, carbonKg: 47.4 }).grade).toBe('good')
  })

  it('goes by all of it when it is green, and by what takes part where that lacks carbon', () => {
    // √(25·20) = 22.36 lies half way between the two on a ratio's own scale.
    expect(judged({ ...sound, nitrogenKg: 18 / Math.sqrt(500) }).ills[0]).toMatchObject({
      ill: 'too-green', severity: expect.closeTo(0.5, 9),
    })
    expect(judged({ ...sound, nitrogenKg: 18 / 19 }).grade).toBe('poor')
    expect(judged({ ...sound, availableNitrogenKg: 15 / 12 }).ills[0]).toMatchObject({
      ill: 'too-green', is: expect.closeTo(12, 9), acceptable: 11,
    })
    expect(judged({ ...sound, availableNitrogenKg: 15 / 10 }).grade).toBe('poor')
  })

  it('takes more water where the stuff stands open: 62 % is comfortable, up to what it works with acceptable', () => {
    // Works up to 105 / 150 = 70 %: 66 % is half way. 45 kg dry and 87.35 kg of water are 66 %.
    const wet = judged({ ...sound, wetMassKg: 45 / 0.34, waterKg: 45 / 0.34 - 45 })
    expect(wet.ills[0]).toMatchObject({
      ill: 'too-wet', is: expect.closeTo(0.66, 9), acceptable: expect.closeTo(0.7, 9), severity: expect.closeTo(0.5, 9),
    })
    // Dense stuff that works up to 65 % is past it.
    expect(judged({ ...sound, wetMassKg: 45 / 0.34, waterKg: 45 / 0.34 - 45, workableWaterKg: 45 * 65 / 35 }).grade).toBe('poor')
  })

  it('does not mind dryness: water cures it', () => {
    const dry = judged({ ...sound, wetMassKg: 60, waterKg: 15 })
    expect(dry.ills).toEqual([])
    // (0.55 × 60 − 15) / 0.45 = 40 L
    expect(dry.waterL).toBeCloseTo(40, 9)
  })

  it('names mats and want of air, from a little to too much', () => {
    // Half way between 50 and 65 %.
    expect(judged({ ...sound, mattingVolumeL: 172.5 }).ills[0]).toMatchObject({ ill: 'mats', severity: expect.closeTo(0.5, 9) })
    expect(judged({ ...sound, mattingVolumeL: 225 }).grade).toBe('poor')
    // 100 kg in 110 L is 909 kg/m³: hardly any pores left.
    expect(judged({ ...sound, looseVolumeL: 110, coarseVolumeL: 0, coarseSquaredL: 0 }).ills[0]!.ill).toBe('airless')
  })

  it('minds what is only taken sparingly: up to its share, half as much again works, then it is too much', () => {
    const { grade, ills } = judged({ ...sound, dosedVolumeL: 1.25 * sound.looseVolumeL })
    expect(grade).toBe('workable')
    expect(ills[0]).toMatchObject({ ill: 'overdone', severity: expect.closeTo(0.5, 9), is: expect.closeTo(1.25, 9) })
    expect(judged({ ...sound, dosedVolumeL: sound.looseVolumeL }).grade).toBe('good')
    expect(judged({ ...sound, dosedVolumeL: 1.7 * sound.looseVolumeL }).grade).toBe('poor')
  })

  it('names what is overdone: 60 L of coffee beside 80 L of card are 43 % where a fifth is plenty', () => {
    const ingredients: Ingredient[] = [['coffee-grounds', 5, BUCKET], ['cardboard', 1, SACK]].map(([id, count, container]) => ({
      material: findMaterial(id as string)!, amount: { count: count as number, container: container as typeof BUCKET, packing: 'loose' },
    }))
    const coffee = judged(typicalTotals(ingredients.map(portionOf)))
    expect(coffee.grade).toBe('poor')
    expect(verdictText({ ...coffee, ills: coffee.ills.filter(({ ill }) => ill === 'overdone') }, ingredients).replace(/\u00A0/g, ' '))
      .toBe('It holds 43 % coffee grounds, where 20 % is plenty: that holds a heap back.')
  })

  it('says nothing of nothing, nor of what does not decay', () => {
    expect(judge(emptyTotals(), comfort)).toEqual({ ok: false, error: { kind: 'empty' } })
    expect(judge({ ...emptyTotals(), wetMassKg: 10, waterKg: 10 }, comfort)).toEqual({ ok: false, error: { kind: 'empty' } })
    expect(judge({ ...sound, carbonKg: 0, nitrogenKg: 0, availableCarbonKg: 0, availableNitrogenKg: 0 }, comfort)).toEqual({
      ok: false, error: { kind: 'nothing-decays' },
    })
  })

  it('puts the worst ill first and adds them all up, whatever the mix', () => {
    const portion = fc.record({
      material: fc.constantFrom(...LIBRARY.filter(({ part }) => part === 'mix')),
      looseVolumeL: fc.double({ min: 1, max: 900, noNaN: true }),
    })
    fc.assert(fc.property(fc.array(portion, { minLength: 1, maxLength: 8 }), (portions) => {
      const { ills, distance, grade } = judged(typicalTotals(portions))
      expect(ills.map(({ severity }) => severity)).toEqual([...ills].map(({ severity }) => severity).sort((a, b) => b - a))
      expect(distance).toBeCloseTo(ills.reduce((sum, { severity }) => sum + severity, 0), 9)
      expect(Number.isFinite(distance)).toBe(true)
      expect(grade === 'good').toBe(ills.length === 0)
    }))
  })

  it('has a sentence of its own for every ill, mild and bad', () => {
    const sentences = ILLS.flatMap(ill =>
      (['workable', 'poor'] as const).map(grade =>
        verdictText({ grade, ills: [{ ill, severity: 1, is: 0.71, comfortable: 0.6, acceptable: 0.66 }] }),
      ),
    )
    expect(new Set(sentences).size).toBe(ILLS.length * 2)
  })
})
