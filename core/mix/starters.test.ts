import { describe, expect, it } from 'vitest'
import { BUCKET, SACK } from '../../test/builders/heaps'
import { findMaterial, LIBRARY_BOOK } from '../materials/book'
import { STARTERS, starterFor } from './starters'

const leaves = { material: findMaterial('leaves-mixed')!, amount: { count: 10, container: SACK, packing: 'loose' as const } }
const starter = (id: string) => STARTERS.find(one => one.id === id)!

describe('a starter', () => {
  it('is dosed by the heap: 6 % of 800 L of char is four buckets', () => {
    // 48 L / 12 L.
    expect(starterFor(starter('char'), [leaves], BUCKET, LIBRARY_BOOK)?.amount.count).toBe(4)
    // 2 % are 16 L: 1⅓ buckets, to the quarter.
    expect(starterFor(starter('compost'), [leaves], BUCKET, LIBRARY_BOOK)?.amount.count).toBe(1.25)
  })

  it('of sugar goes by the greens alone, in whole spoons: two to a hundred litres', () => {
    const grass = { material: findMaterial('grass-clippings')!, amount: { count: 25, container: BUCKET, packing: 'loose' as const } }
    // 300 L × 0.0003 = 0.09 L: six spoons of 15 mL.
    expect(starterFor(starter('sugar'), [leaves, grass], BUCKET, LIBRARY_BOOK)?.amount).toMatchObject({
      count: 6, container: { name: 'spoon' },
    })
    expect(starterFor(starter('sugar'), [leaves], BUCKET, LIBRARY_BOOK)).toBeUndefined()
  })

  it('under the heap is a tenth of it in twigs', () => {
    // 80 L / 12 L, in quarters.
    expect(starterFor(starter('base'), [leaves], BUCKET, LIBRARY_BOOK)?.amount.count).toBe(6.75)
  })

  it('does not count itself, and is none without a heap', () => {
    const char = starterFor(starter('char'), [leaves], BUCKET, LIBRARY_BOOK)!
    expect(starterFor(starter('char'), [leaves, char], BUCKET, LIBRARY_BOOK)).toEqual(char)
    expect(starterFor(starter('char'), [char], BUCKET, LIBRARY_BOOK)).toBeUndefined()
  })

  it('is known to the library and stays small', () => {
    for (const { materialId, share } of STARTERS) {
      expect(findMaterial(materialId)).toBeDefined()
      expect(share).toBeLessThanOrEqual(0.1)
    }
  })
})
