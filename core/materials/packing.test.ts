import { describe, expect, it } from 'vitest'
import { BUCKET, SACK } from '../../test/builders/heaps'
import { findMaterial } from './book'
import type { Material } from './material'
import { amountMassKg, looseVolumeL, packingFactor } from './packing'

const of = (typical: number, packsLikeKgM3?: number): Material => ({
  ...findMaterial('leaves-mixed')!,
  bulkDensityKgM3: { low: typical, typical, high: typical },
  ...(packsLikeKgM3 ? { packsLikeKgM3 } : {}),
})

describe('a filled container', () => {
  it.each<readonly [number, number, number]>([
    // Loose kg/m³, times shaken down, times packed tight.
    [20, 1.4, 2.4], [159, 1.4, 2.4], [160, 1.2, 1.6], [349, 1.2, 1.6], [350, 1.05, 1.15], [899, 1.05, 1.15], [900, 1, 1], [1400, 1, 1],
  ])('of %d kg/m³ holds %d times as much shaken, %d times packed', (density, shaken, packed) => {
    expect((['loose', 'shaken', 'packed'] as const).map(packing => packingFactor(of(density), packing))).toEqual([1, shaken, packed])
  })

  it('packs like what it is, also when it was weighed heavier', () => {
    expect(packingFactor(of(200, 90), 'packed')).toBe(2.4)
  })

  it('of trodden leaves: 2 sacks of 80 L are 384 loose litres and 34.56 kg', () => {
    const leaves = findMaterial('leaves-mixed')!
    const amount = { count: 2, container: SACK, packing: 'packed' as const }
    expect(looseVolumeL(leaves, amount)).toBeCloseTo(160 * 2.4, 9)
    // 90 kg/m³ × 0.384 m³.
    expect(amountMassKg(leaves, amount)).toBeCloseTo(34.56, 9)
    expect(looseVolumeL(leaves, { count: 0.5, container: BUCKET, packing: 'loose' })).toBe(6)
  })
})
