import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { BUCKET, GOOD_HEAP, heap, onDay, SACK, surroundingsOn } from '../../test/builders/heaps'
import { batchProposal } from '../methods/contract'
import { bandsOf } from '../methods/hot-heap/look'
import { LIBRARY_BOOK } from '../materials/book'
import { inAndOut } from './batch'

const grassAdded = (count: number) => ({
  kind: 'added' as const,
  at: onDay(3),
  batchId: 'heap',
  ingredient: { materialId: 'grass-clippings', amount: { count, container: BUCKET, packing: 'loose' as const }, draws: [] },
})

describe('a batch as it was built', () => {
  it('is the proposal it came from: volume from its own ingredients', () => {
    const proposal = batchProposal(heap(GOOD_HEAP), LIBRARY_BOOK)
    // 14 sacks = 1,120 L of structure 1 and 50 buckets = 600 L of structure 0: coarseness 1/3 and 0.
    // mean = 1120/3/1720 = 0.21705; variance = 1120/9/1720 − 0.21705² = 0.07235 − 0.04711 = 0.02524 → 1720 × 0.97476 = 1676.6 L
    expect(proposal.volumeL).toBeCloseTo(1676.6, 0)
    expect(proposal.ingredients).toHaveLength(2)
    expect(proposal.waterL).toBe(40)
  })

  it('leaves out what this version does not know and goes on', () => {
    const strange = heap({ ...GOOD_HEAP, ingredients: [...GOOD_HEAP.ingredients, ['moon-dust', 3, SACK]] })
    expect(batchProposal(strange, LIBRARY_BOOK).ingredients.map(({ material }) => material.id)).toEqual(['leaves-mixed', 'grass-clippings'])
    expect(bandsOf(strange, surroundingsOn(5)).length).toBeGreaterThan(3)
  })
})

describe('the layers of a standing batch', () => {
  it('carry what was added since on top, by its volume', () => {
    const plain = bandsOf(heap(GOOD_HEAP), surroundingsOn(5))
    const added = bandsOf(heap(GOOD_HEAP, [grassAdded(10)]), surroundingsOn(5))
    expect(added).toHaveLength(plain.length + 1)
    expect(added.at(-1)).toMatchObject({ family: 'grass', short: 'grass' })
    // 120 of 1,840 loose litres.
    expect(added.at(-1)!.heightShare).toBeCloseTo(120 / 1840, 9)
  })

  it('always make up the whole height', () => {
    fc.assert(fc.property(fc.array(fc.double({ min: 0.25, max: 40, noNaN: true }), { maxLength: 5 }), (counts) => {
      const strata = bandsOf(heap(GOOD_HEAP, counts.map(grassAdded)), surroundingsOn(5))
      expect(strata.reduce((sum, { heightShare }) => sum + heightShare, 0)).toBeCloseTo(1, 9)
    }))
  })
})

describe('in and out', () => {
  it('counts loose litres in, additions too, and containers out', () => {
    const finished = heap(GOOD_HEAP, [grassAdded(10), {
      kind: 'finished', at: onDay(90), batchId: 'heap',
      products: [
        { materialId: 'compost-finished', amount: { count: 50, container: BUCKET, packing: 'loose' } },
        { materialId: 'overs', amount: { count: 2, container: SACK, packing: 'loose' } },
      ],
    }])
    // 1,720 + 120 L in; 600 + 160 L out.
    expect(inAndOut(finished, LIBRARY_BOOK)).toEqual({ inL: 1840, outL: 760, share: 760 / 1840 })
  })

  it('is not there while the batch stands', () => {
    expect(inAndOut(heap(GOOD_HEAP), LIBRARY_BOOK)).toBeUndefined()
  })
})
