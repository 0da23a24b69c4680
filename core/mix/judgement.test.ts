import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { LIBRARY } from '../materials/library'
import { typicalTotals } from './balance'
import { ILLS, judge, type Comfort } from './judgement'
import { emptyTotals, type Totals } from './totals'
import { verdictText } from './words'

const comfort: Comfort = { carbonToNitrogen: { low: 25, high: 35 }, availableCarbonToNitrogen: { low: 10, high: 16 }, moistureFraction: { low: 0.5, target: 0.55, high: 0.62 }, freeAirSpaceMin: 0.3, mattingShareMax: 0.5 }

/** Sums that are comfortable in every way, to be spoilt one by one: 100 kg at 55 % water, 30 : 1, 300 L. */
const sound: Totals = { ...emptyTotals(), wetMassKg: 100, waterKg: 55, carbonKg: 18, availableCarbonKg: 9, nitrogenKg: 0.6, organicKg: 40, looseVolumeL: 300, coarseVolumeL: 100, coarseSquaredL: 100 / 3 }

describe('judging a mix', () => {
  it('finds nothing wrong with a sound one', () => {
    expect(judge(sound, comfort)).toMatchObject({ grade: 'good', distance: 0, ills: [] })
  })

  it('gives a ratio half as high again as the band a severity of 1', () => {
    // 35 × 1.5 = 52.5 = 18 / N → N = 0.342857
    const judged = judge({ ...sound, nitrogenKg: 18 / 52.5 }, comfort)
    expect(judged.ills).toHaveLength(1)
    expect(judged.ills[0]).toMatchObject({ ill: 'too-brown' })
    expect(judged.ills[0]!.severity).toBeCloseTo(1, 9)
    expect(judged.grade).toBe('poor')
  })

  it('gives 8 points of moisture above the limit a severity of 1, and dryness none: water cures it', () => {
    const wet = judge({ ...sound, waterKg: 70 }, comfort)
    expect(wet.ills.find(({ ill }) => ill === 'too-wet')!.severity).toBeCloseTo(1, 9)
    expect(wet.waterL).toBe(0)
    const dry = judge({ ...sound, wetMassKg: 60, waterKg: 15 }, comfort)
    expect(dry.ills).toEqual([])
    // (0.55 × 60 − 15) / 0.45 = 40 L
    expect(dry.waterL).toBeCloseTo(40, 9)
  })

  it('names mats and want of air', () => {
    expect(judge({ ...sound, mattingVolumeL: 225 }, comfort).ills[0]).toMatchObject({ ill: 'mats' })
    // 100 kg in 110 L is 909 kg/m³: hardly any pores left.
    expect(judge({ ...sound, looseVolumeL: 110, coarseVolumeL: 0, coarseSquaredL: 0 }, comfort).ills[0]!.ill).toBe('airless')
  })

  it('puts the worst ill first and adds them all up, whatever the mix', () => {
    const portion = fc.record({ material: fc.constantFrom(...LIBRARY), looseVolumeL: fc.double({ min: 1, max: 900, noNaN: true }) })
    fc.assert(fc.property(fc.array(portion, { minLength: 1, maxLength: 8 }), (portions) => {
      const { ills, distance, grade } = judge(typicalTotals(portions), comfort)
      expect(ills.map(({ severity }) => severity)).toEqual([...ills].map(({ severity }) => severity).sort((a, b) => b - a))
      expect(distance).toBeCloseTo(ills.reduce((sum, { severity }) => sum + severity, 0), 9)
      expect(Number.isFinite(distance)).toBe(true)
      expect(grade === 'good').toBe(ills.length === 0)
    }))
  })

  it('has a sentence of its own for every ill, mild and bad', () => {
    const measures = judge(sound, comfort).measures
    const sentences = ILLS.flatMap(ill => (['workable', 'poor'] as const).map(grade => verdictText({ measures, waterL: 0, distance: 1, grade, ills: [{ ill, severity: 1 }] })))
    expect(new Set(sentences).size).toBe(ILLS.length * 2)
  })
})
