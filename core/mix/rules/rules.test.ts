import { balancedOf } from '../../methods/contract'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { BUCKET, SACK } from '../../../test/builders/heaps'
import { sideOf } from '../../materials/colour'
import { findMaterial } from '../../materials/book'
import { LIBRARY } from '../../materials/library'
import { amountMassKg } from '../../materials/packing'
import { hotHeap } from '../../methods/hot-heap'
import type { Packing } from '../../units/container'
import { portionOf, type Ingredient } from '../portion'
import { bestRule, mixByRule, mixesByRule, RULES, type RuleMix } from './index'

const comfort = balancedOf(hotHeap)!.mixing.comfort('by-thermometer')
const of = (id: string, count: number, container = BUCKET, packing: Packing = 'loose'): Ingredient => ({
  material: findMaterial(id)!, amount: { count, container, packing },
})
const rule = (id: string) => RULES.find(one => one.id === id)!
const byRule = (id: string, ingredients: readonly Ingredient[]): RuleMix => {
  const mix = mixByRule(rule(id), ingredients, comfort)
  if (!mix.ok) throw new Error(mix.error)
  return mix.value
}
const counts = ({ ingredients }: RuleMix) => ingredients.map(({ amount }) => amount.count)

describe('a rule of thumb', () => {
  it('keeps the litres and sets the parts: twelve loose buckets become eight of leaves and four of grass', () => {
    expect(counts(byRule('two-thirds-brown', [of('leaves-mixed', 3), of('grass-clippings', 9)]))).toEqual([8, 4])
    expect(counts(byRule('half-and-half', [of('leaves-mixed', 3), of('grass-clippings', 9)]))).toEqual([6, 6])
    expect(counts(byRule('two-greens', [of('leaves-mixed', 3), of('grass-clippings', 9)]))).toEqual([4, 8])
  })

  it('keeps browns in proportion among themselves, and greens too', () => {
    // 6 brown and 6 green buckets; two thirds brown is 8 and 4: leaves 4 of 6, straw 2 of 6, grass and scraps half each.
    expect(
      counts(byRule('two-thirds-brown', [of('leaves-mixed', 4), of('straw-wheat', 2), of('grass-clippings', 3), of('kitchen-veg', 3)])),
    ).toEqual([5.25, 2.75, 2, 2])
  })

  it('by volume counts the containers as they are filled, by thickness as it lies', () => {
    // Packed leaves lie 2.4 times as thick. 5 packed + 10 green buckets: 12 + 10 = 22 loose parts.
    const packed = [of('leaves-mixed', 5, BUCKET, 'packed'), of('grass-clippings', 10)]
    // Twice as thick: 2.4 b = 2 g and 2.4 b + g = 22 → g = 7⅓, b = 6.11.
    expect(counts(byRule('thick-browns', packed))).toEqual([6, 7.25])
    // Two containers to one: b = 2 g and 2.4 b + g = 22 → g = 3.79, b = 7.59.
    expect(counts(byRule('two-thirds-brown', packed))).toEqual([7.5, 3.75])
  })

  it('taken by weight turns nearly everything brown', () => {
    const mix = byRule('thirty-by-weight', [of('leaves-mixed', 10, SACK), of('grass-clippings', 60)])
    const [leaves, grass] = mix.ingredients.map(({ material, amount }) => amountMassKg(material, amount))
    expect(leaves! / grass!).toBeGreaterThan(20)
    expect(leaves! / grass!).toBeLessThan(45)
    expect(mix.judgement.measures.carbonToNitrogen).toBeGreaterThan(45)
  })

  it('leaves alone what is neither, and says what is missing', () => {
    expect(counts(byRule('half-and-half', [of('leaves-mixed', 4), of('grass-clippings', 4), of('wood-ash', 0.5)]))).toEqual([4, 4, 0.5])
    expect(mixByRule(rule('half-and-half'), [of('grass-clippings', 4)], comfort)).toEqual({ ok: false, error: 'no-browns' })
    expect(mixByRule(rule('half-and-half'), [of('leaves-mixed', 4), of('grass-clippings', 0)], comfort)).toEqual({
      ok: false, error: 'no-greens',
    })
    expect(mixesByRule([], comfort)).toEqual([])
  })

  it('holds its parts and the litres for any browns and greens', () => {
    const decaying = LIBRARY.filter(material => sideOf(material) !== undefined)
    const some = fc.array(fc.record({ material: fc.constantFrom(...decaying), count: fc.integer({ min: 20, max: 90 }) }), {
      minLength: 2, maxLength: 6,
    })
    fc.assert(fc.property(some, fc.constantFrom(...RULES.filter(({ browns }) => browns < 30)), (given, chosen) => {
      const ingredients = given.map(({ material, count }) => ({
        material, amount: { count, container: BUCKET, packing: 'loose' as const },
      }))
      const mix = mixByRule(chosen, ingredients, comfort)
      if (!mix.ok) return
      const total = (side?: string) =>
        mix.value.ingredients
          .filter(({ material }) => !side || sideOf(material) === side)
          .reduce((sum, one) => sum + portionOf(one).looseVolumeL, 0)
      const before = ingredients.reduce((sum, one) => sum + portionOf(one).looseVolumeL, 0)
      expect(total() / before).toBeCloseTo(1, 1)
      expect(Math.abs(Math.log(total('brown') / total('green') / (chosen.browns / chosen.greens)))).toBeLessThan(0.15)
    }))
  })
})

describe('the best rule', () => {
  it('differs with the materials', () => {
    const best = (ingredients: readonly Ingredient[]) => bestRule(mixesByRule(ingredients, comfort), comfort)?.rule.id
    // Leaves and grass at 2 : 1 stand at 35 to 1; chips hold 400 parts of carbon, so little of them is plenty.
    expect(best([of('leaves-mixed', 20), of('grass-clippings', 20)])).toBe('two-thirds-brown')
    expect(best([of('leaves-shredded', 20), of('grass-clippings', 20)])).toBe('half-and-half')
    expect(best([of('wood-chips', 20), of('horse-manure-straw', 20)])).toBe('two-greens')
    expect(best([])).toBeUndefined()
  })

  it('is never worse than another', () => {
    const mixes = mixesByRule([of('straw-wheat', 5, SACK), of('horse-manure-straw', 20), of('grass-clippings', 8)], comfort)
    const found = bestRule(mixes, comfort)!
    for (const { judgement } of mixes) expect(found.judgement.distance).toBeLessThanOrEqual(judgement.distance)
  })
})
