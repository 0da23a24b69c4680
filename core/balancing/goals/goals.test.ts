import { describe, expect, it } from 'vitest'
import { BUCKET, SACK } from '../../../test/builders/heaps'
import { findMaterial } from '../../materials/book'
import { biodegradableFraction } from '../../materials/material'
import { unitOf, type Offer } from '../offer'
import { GOALS, goalOf } from './index'

const offer = (id: string, more: Partial<Offer> = {}): Offer => ({
  material: findMaterial(id)!, container: BUCKET, packing: 'loose', inStore: true, most: 5, daysLeft: 400,
  ...more,
})
const cost = (goalId: string, one: Offer) => goalOf(goalId).costPerContainer(one, unitOf(one))

describe('what matters most', () => {
  it('can be told apart, and an unknown one is the first', () => {
    for (const pick of ['id', 'name', 'title'] as const) expect(new Set(GOALS.map(goal => goal[pick])).size).toBe(GOALS.length)
    expect(goalOf('no such goal')).toBe(GOALS[0])
  })

  it('use what spoils: 12 L that spoil in four days count 12 / (2 + 4) = 2, what keeps counts nothing, what is fetched 12 / 60', () => {
    expect(cost('spoils-first', offer('grass-clippings', { daysLeft: 4 }))).toBeCloseTo(-2, 9)
    // Past its best it is as pressing as on its last day.
    expect(cost('spoils-first', offer('grass-clippings', { daysLeft: -3 }))).toBeCloseTo(-6, 9)
    expect(cost('spoils-first', offer('twigs'))).toBe(0)
    expect(cost('spoils-first', offer('grass-clippings', { daysLeft: 1, inStore: false }))).toBeCloseTo(0.2, 9)
  })

  it('fewest trips: a container is one, a fetched one is carried twice over half the way', () => {
    expect([cost('fewest-trips', offer('twigs')), cost('fewest-trips', offer('twigs', { inStore: false }))]).toEqual([1, 1.5])
  })

  it('least to fetch: litres that are not there', () => {
    expect([
      cost('least-bought', offer('leaves-mixed', { container: SACK })),
      cost('least-bought', offer('leaves-mixed', { container: SACK, inStore: false })),
    ]).toEqual([0, 80])
  })

  it('most compost: a bucket of woody stuff leaves more than the same dry mass of grass', () => {
    const perDryKg = (id: string) => {
      const { totals } = unitOf(offer(id))
      return cost('most-product', offer(id)) / (totals.wetMassKg - totals.waterKg)
    }
    expect(perDryKg('wood-chips')).toBeLessThan(perDryKg('grass-clippings'))
    for (const id of ['wood-chips', 'grass-clippings', 'garden-soil']) {
      expect(perDryKg(id)).toBeLessThan(0)
      expect(perDryKg(id)).toBeGreaterThanOrEqual(-1)
    }
  })

  it('quickest: what decays helps, what hardly does is in the way, shredding helps', () => {
    expect(cost('fastest', offer('kitchen-veg'))).toBeLessThan(0)
    expect(cost('fastest', offer('bark'))).toBeGreaterThan(cost('fastest', offer('straw-wheat')))
    const [whole, shredded] = [offer('leaves-mixed', { container: SACK }), offer('leaves-mixed', { container: SACK, prepared: 'shredded' })]
    expect(cost('fastest', shredded)).toBeLessThan(cost('fastest', whole))
  })

  it('quickest, by hand: 0.83 − 0.028 per percent of lignin of the organic matter decays; what does not weighs half against it', () => {
    const one = offer('kitchen-veg')
    const { totals } = unitOf(one)
    const usable = biodegradableFraction(one.material)
    expect(cost('fastest', one)).toBeCloseTo(-totals.organicKg * (usable * one.material.pace - 0.5 * (1 - usable)), 12)
    expect(usable).toBeGreaterThan(0.4)
  })

  it('most compost, by hand: of what decays a fifth stays, of the rest all', () => {
    const one = offer('leaves-mixed', { container: SACK })
    const { totals } = unitOf(one)
    const dryKg = totals.wetMassKg - totals.waterKg
    expect(cost('most-product', one)).toBeCloseTo(-(dryKg - 0.8 * biodegradableFraction(one.material) * totals.organicKg), 9)
  })
})
