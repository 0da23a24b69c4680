import { balancedOf } from '../methods/contract'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { must } from '../../test/builders/bands'
import { BUCKET, SACK } from '../../test/builders/heaps'
import { findMaterial, LIBRARY_BOOK } from '../materials/book'
import { METHODS } from '../methods'
import { typicalTotals } from '../mix/balance'
import { judge } from '../mix/judgement'
import { leversFor } from '../mix/lever'
import { portionOf, type Ingredient } from '../mix/portion'
import { STARTING_CONTAINERS } from '../units/container'
import { aroundHere, candidatesFor } from './offered'
import { changedBy } from './one-change'

const comfort = balancedOf(METHODS[0]!)!.mixing.comfort('weekly')
const around = aroundHere(LIBRARY_BOOK, STARTING_CONTAINERS.metric, 10, [])
const of = (id: string, count: number, container = BUCKET): Ingredient => ({
  material: findMaterial(id)!, amount: { count, container, packing: 'loose' },
})
const leversOf = (mix: readonly Ingredient[]) => leversFor(mix, candidatesFor(mix, [], around), comfort, { pinned: [], roomL: 1e6 })!

describe('one change', () => {
  it('that is taken leaves the very mix that was promised', () => {
    const count = fc.integer({ min: 1, max: 20 })
    fc.assert(fc.property(count, count, count, (sacks, grass, scraps) => {
      const mix = [of('leaves-mixed', sacks, SACK), of('grass-clippings', grass), of('kitchen-veg', scraps)]
      const { add, takeOut, prepare } = leversOf(mix)
      for (const lever of [add, takeOut, ...prepare]) {
        if (!lever) continue
        const after = must(judge(typicalTotals(changedBy(lever, mix).map(portionOf)), comfort))
        expect(after.grade).toBe(lever.after.grade)
        expect(after.measures.carbonToNitrogen).toBeCloseTo(lever.after.measures.carbonToNitrogen, 6)
      }
    }), { numRuns: 60 })
  })

  it('adds to what lies there in the same container, and stands beside it in another', () => {
    const lever = leversOf([of('leaves-mixed', 4, SACK)]).add!
    if (lever.kind !== 'add') throw new Error('something was to be added')
    const { material, container } = lever.candidate
    const same = changedBy(lever, [of('leaves-mixed', 4, SACK), { material, amount: { count: 1, container, packing: 'loose' } }])
    expect(same.map(({ amount }) => amount.count)).toEqual([4, 1 + lever.count])
    expect(
      changedBy(lever, [
        of('leaves-mixed', 4, SACK), { material, amount: { count: 1, container: { ...container, id: 'other' }, packing: 'loose' } },
      ]),
    ).toHaveLength(3)
  })

  it('takes the whole of something off the bench', () => {
    const after = leversOf([of('leaves-mixed', 1, SACK)]).now
    expect(
      changedBy({ kind: 'take-out', ingredientIndex: 0, count: 2, all: true, half: false, after }, [
        of('grass-clippings', 2), of('leaves-mixed', 1, SACK),
      ]).map(({ material }) => material.id),
    ).toEqual(['leaves-mixed'])
  })
})
