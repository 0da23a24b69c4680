import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { CUBE, some } from '../../test/builders/benches'
import { portionOf } from '../mix/portion'
import { layersInstead, layersToFill, oneLayer } from './recipe'

const mix = [some('leaves-mixed', 8, 'sack'), some('grass-clippings', 24, 'bucket'), some('twigs', 2, 'sack')]

describe('a recipe by the layer', () => {
  it('is one of so many layers, in containers and as it falls', () => {
    // 8 sacks in 4 layers are 2 each: 160 L on 1.44 m² are 11.1 cm. 6 buckets are 72 L: 5 cm. The base lies once.
    const [leaves, grass, ...rest] = oneLayer(mix, 4, CUBE)
    expect([leaves!.count, grass!.count]).toEqual([2, 6])
    expect(leaves!.thicknessM).toBeCloseTo(0.160 / 1.44, 9)
    expect(grass!.thicknessM).toBeCloseTo(0.072 / 1.44, 9)
    expect(rest).toEqual([])
  })

  it('with more layers is more of everything but the base, in the same mix', () => {
    fc.assert(fc.property(fc.integer({ min: 1, max: 12 }), fc.integer({ min: 1, max: 12 }), (from, to) => {
      const [leaves, grass, twigs] = layersInstead(mix, from, to)
      expect(leaves!.amount.count).toBeCloseTo(8 * to / from, 1)
      expect(portionOf(leaves!).looseVolumeL / portionOf(grass!).looseVolumeL).toBeCloseTo(640 / 288, 1)
      expect(twigs!.amount.count).toBe(2)
    }))
  })

  it('says how many fill the place, as it stands', () => {
    // Four layers of 1000 L are 250 L each; 1728 L hold 1728 / 0.78 = 2215 loosely mixed: eight.
    expect(layersToFill(1000, 4, 1728, 0.78)).toBe(8)
    expect(layersToFill(9000, 2, 1728, 0.78)).toBe(1)
    expect(layersToFill(0, 3, 1728, 0.78)).toBe(3)
  })
})
