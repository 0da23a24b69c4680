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
