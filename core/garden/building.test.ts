import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { BUCKET, SACK } from '../../test/builders/heaps'
import { writeDocument } from '../journal/document'
import { LIBRARY_BOOK } from '../materials/book'
import { ingredientsOf } from '../mix/portion'
import { BUILDING_ID, BUILDING_KIND, buildingValues, readBuilding, usedIngredients, withStep, withUsed, type Building } from './building'
import { asVessel } from '../vessel/site'
import { EMPTY_PLAN } from './plan'
import { strataOf } from '../methods/hot-heap/layers'

const at = '2026-10-01T08:00:00.000Z'
const building: Building = {
  startedAt: at, name: 'Bay', place: 'under the pear', waterL: 40, done: [], used: [],
  plan: { ...EMPTY_PLAN, ingredients: [
    { materialId: 'leaves-mixed', amount: { count: 6, container: SACK, packing: 'loose' } },
    { materialId: 'grass-clippings', amount: { count: 20, container: BUCKET, packing: 'loose' } },
  ] },
}
const write = (one: Building, extra = {}) =>
  writeDocument(undefined, BUILDING_ID, BUILDING_KIND, { ...buildingValues(one), ...extra }, at, 'phone')
const strata = strataOf({
  vessel: asVessel(building.plan.site), approachId: building.plan.approachId, answers: {},
  ingredients: ingredientsOf(building.plan.ingredients, LIBRARY_BOOK), waterL: 40, volumeL: 600,
})
const counts = (one: Building) => usedIngredients(one, strata, LIBRARY_BOOK).map(({ material, amount }) => [material.id, amount.count])

describe('a heap under way', () => {
  it('comes back as it was left', () => {
    const later = withUsed(withStep(withStep(building, 2, true), 0, true), 1, 3.5, 3)
    expect(later.done).toEqual([0, 2])
    expect(readBuilding([write(later)])).toEqual(later)
    expect(readBuilding([write({ ...later, usedWaterL: 33 })])?.usedWaterL).toBe(33)
    expect(readBuilding([write(later, { removed: true })])).toBeUndefined()
    expect(readBuilding([write(later, { startedAt: 'some day' })])).toBeUndefined()
    expect(readBuilding([])).toBeUndefined()
  })

  it('takes a tick back', () => {
    expect(withStep(withStep(building, 2, true), 2, false)).toEqual(building)
    expect(withStep(withStep(building, 2, true), 2, true).done).toEqual([2])
  })

  it('has used what was planned until something else is said', () => {
    expect(counts(building)).toEqual([['leaves-mixed', 6], ['grass-clippings', 20]])
    const grass = strata.findIndex(({ materialId }) => materialId === 'grass-clippings')
    const planned = strata[grass]!.amount.count
    const less = withUsed(building, grass, planned - 1, planned)
    expect(counts(less)).toEqual([['leaves-mixed', 6], ['grass-clippings', 19]])
    expect(withUsed(less, grass, planned, planned)).toEqual(building)
  })

  it('has used none of what was left out of every layer', () => {
    const without = strata.reduce(
      (one, { materialId, amount }, layer) => (materialId === 'grass-clippings' ? withUsed(one, layer, 0, amount.count) : one),
      building,
    )
    expect(counts(without)).toEqual([['leaves-mixed', 6]])
  })

  it('adds up what was said of each layer', () => {
    const said = fc.array(fc.record({ layer: fc.nat({ max: strata.length - 1 }), count: fc.double({ min: 0, max: 50, noNaN: true }) }), {
      maxLength: 12,
    })
    fc.assert(fc.property(said, (all) => {
      const changed = all.reduce((one, { layer, count }) => withUsed(one, layer, count, strata[layer]!.amount.count), building)
      const expected = strata.map(({ amount }, layer) => all.filter(one => one.layer === layer).at(-1)?.count ?? amount.count)
      const sum = counts(changed).reduce((total, [, count]) => total + (count as number), 0)
      expect(sum).toBeCloseTo(expected.reduce((total, count) => total + count, 0), 6)
    }))
  })
})
