import { describe, expect, it } from 'vitest'
import { goodMixes } from '../../../test/builders/good-mixes'
import { BUCKET, SACK, surroundingsOn } from '../../../test/builders/heaps'
import { findMaterial } from '../../materials/book'
import { typicalTotals } from '../../mix/balance'
import { judge } from '../../mix/judgement'
import { portionOf, type Ingredient } from '../../mix/portion'
import { VESSEL_PRESETS } from '../../vessel/presets'
import type { Proposal, Verdict } from '../contract'
import { APPROACHES } from './approaches'
import { fuelIllOf } from './fuel'
import { heatSpanOf } from './outlook'
import { standingL } from './stands'
import { verdictOf } from './verdict'

const { comfort } = APPROACHES[0]!
const BAY = VESSEL_PRESETS[1]!
const plan = (ingredients: readonly Ingredient[], answers: Proposal['answers'] = {}) => {
  const judged = judge(typicalTotals(ingredients.map(portionOf)), comfort)
  if (!judged.ok) throw new Error(judged.error.kind)
  const { waterL, measures } = judged.value
  return {
    judged: judged.value,
    proposal: {
      site: { kind: 'vessel', vessel: BAY }, approachId: 'by-thermometer', answers, ingredients, waterL, volumeL: measures.volumeL,
    } satisfies Proposal,
  }
}
const said = ({ judged, proposal }: ReturnType<typeof plan>, airC: number): Verdict =>
  verdictOf(proposal, judged, surroundingsOn(0, airC))
const of = (id: string, count: number, container = BUCKET): Ingredient => ({
  material: findMaterial(id)!, amount: { count, container, packing: 'loose' },
})

describe('what the bench calls good', () => {
  const full = goodMixes(40, 57).map(({ portions }) => {
    const sacks = (times: number) => portions.map(({ material, looseVolumeL }): Ingredient => ({
      material, amount: { count: times * looseVolumeL / SACK.volumeL, container: SACK, packing: 'loose' },
    }))
    // As much as stands 1.1 m high in the bay.
    const wantedL = BAY.shape === 'box' ? BAY.widthM * BAY.depthM * 1100 : 0
    return plan(sacks(wantedL / standingL(plan(sacks(1)).proposal.volumeL)))
  })

  it('heats, and to no more than the workers bear', () => {
    const good = full.filter(one => said(one, 14).grade === 'good')
    expect(good.length).toBeGreaterThan(full.length / 2)
    for (const { proposal } of good) {
      const { lowC, middleC, highC, chance, soon } = heatSpanOf(proposal, surroundingsOn(0, 14))!
      expect(chance).toBeGreaterThanOrEqual(0.85)
      expect(soon).toBe(true)
      expect(middleC).toBeGreaterThan(52)
      expect(middleC).toBeLessThan(72)
      expect(lowC <= middleC && middleC <= highC).toBe(true)
    }
  })

  it('is not called good where most such heaps stay cold', () => {
    for (const one of full) {
      const verdict = said(one, -6)
      const { chance } = heatSpanOf(one.proposal, surroundingsOn(0, -6))!
      if (chance < 0.5) expect(verdict.grade, verdict.text).not.toBe('good')
      if (chance < 0.85) expect(verdict.text).toMatch(/in ten such heaps|small/)
    }
  })
})

describe('fresh manure in the cold', () => {
  const ingredients = [of('horse-manure-straw', 80), of('leaves-mixed', 8, SACK)]
  const chance = (comes: string, airC: number) => heatSpanOf(plan(ingredients, { comes }).proposal, surroundingsOn(0, airC))!.chance

  it('heats at 3 °C as it comes from the stable, seldom from the open, hardly ever frozen', () => {
    expect(chance('fresh', 3)).toBeGreaterThanOrEqual(0.8)
    expect(chance('outside', 3)).toBeLessThan(chance('fresh', 3) - 0.1)
    expect(chance('frozen', 3)).toBeLessThan(0.2)
    expect(chance('fresh', -5)).toBeLessThan(chance('fresh', 3))
  })

  it('is told with its span, its chance, and what would help', () => {
    const cold = said(plan(ingredients, { comes: 'outside' }), 0)
    expect(cold).toMatchObject({ weakest: 'season', text: expect.stringMatching(/begun now .* in ten such heaps would heat; expect /) })
    expect(cold.advice).toMatch(/as fresh as they come: then (about \d+ in ten|nearly all) heat/)
    expect(said(plan(ingredients, { comes: 'frozen' }), 3).advice).toMatch(/[Ll]et it thaw under cover first/)
  })
})

describe('the fuel of a mix', () => {
  it.each([
    [{ share: 0.3, kgM3: 25 }, undefined], [{ share: 0.1, kgM3: 25 }, 'slow'], [{ share: 0.3, kgM3: 10 }, 'light'],
    [{ share: 0.5, kgM3: 25 }, 'rich'], [{ share: 0.3, kgM3: 45 }, 'rich'], [{ share: 0.1, kgM3: 60 }, 'slow'],
  ] as const)('%o is %s', (fuel, ill) => {
    expect(fuelIllOf(fuel)).toBe(ill)
  })

  it('too rich is told in the gardener\'s own degrees', () => {
    const rich = plan([of('bread-grains', 40), of('leaves-mixed', 20, SACK)])
    expect(said(rich, 14)).toMatchObject({ advice: expect.stringMatching(/passes 65 °C/) })
    expect(verdictOf(rich.proposal, rich.judged, { ...surroundingsOn(0, 14), units: 'us' }).advice).toMatch(/passes 149 °F/)
  })
})
