import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { BAY } from '../../test/builders/fed'
import { BUCKET, SACK } from '../../test/builders/heaps'
import type { KeptPlan } from '../garden/plan'
import { EMPTY_MIX, type KeptMix } from '../growing/plan'
import { writeDocument } from '../journal/document'
import { planFileName, planFileText, readPlanFile, recipeFileText } from './plan-file'

const AT = '2026-11-01T10:00:00.000Z'
const PLAN: KeptPlan = {
  id: 'plan.1', name: 'Autumn bay', keptAt: AT, methodId: 'hot-heap', approachId: 'by-thermometer', site: BAY, answers: {},
  ingredients: [
    { materialId: 'leaves-mixed', amount: { count: 6, container: SACK, packing: 'loose' } },
    { materialId: 'own-barley', amount: { count: 2, container: BUCKET, packing: 'loose' }, prepared: 'shredded' },
  ],
  pinned: ['leaves-mixed'], capped: [], wish: { litres: 200, by: '2027-05-01' }, likeBatchId: 'mine',
}
const BARLEY = writeDocument(
  undefined, 'material.own-barley', 'material', { basedOn: 'straw-wheat', name: 'Barley straw', short: 'barley straw' }, AT, 'phone',
)
const OTHER = writeDocument(undefined, 'material.own-hops', 'material', { basedOn: 'straw-wheat', name: 'Hops', short: 'hops' }, AT,
  'phone')
const read = (text: string) => readPlanFile(text, 'laptop', '2027-01-01T10:00:00.000Z')
const MIX: KeptMix = {
  ...EMPTY_MIX, id: 'growing-mix.1', called: 'Tomato tubs', parts: [{ lotId: 'lot-7', materialId: 'leaf-mould', litres: 12 }],
}

describe('a plan as a file of its own', () => {
  it('comes back as it was, with the materials that are the gardener\'s own and no others, and without what is this garden\'s alone',
    () => {
      const found = read(planFileText(PLAN, [OTHER, BARLEY]))
      expect(found).toMatchObject(
        { ok: true, value: { kind: 'plan', plan: { name: 'Autumn bay', ingredients: PLAN.ingredients, site: BAY } } })
      if (!found.ok || found.value.kind !== 'plan') throw new Error('no plan')
      expect(found.value.plan.wish).toBeUndefined()
      expect(found.value.plan.likeBatchId).toBeUndefined()
      expect(found.value.materials.map(({ id, fields }) => [id, fields.name?.value])).toEqual([['material.own-barley', 'Barley straw']])
    })
  it('is a recipe of what is in it, and not of which lot', () => {
    const text = recipeFileText(MIX, [])
    expect(text).not.toContain('lot-7')
    expect(read(text)).toMatchObject({
      ok: true, value: { kind: 'growing-mix', mix: { called: 'Tomato tubs', parts: [{ materialId: 'leaf-mould', litres: 12 }] } },
    })
  })
  it('says what it is that cannot be read', () => {
    const why = (text: string) => {
      const found = read(text)
      return found.ok ? 'read' : found.error
    }
    expect(why('')).toBe('other-file')
    expect(why('{"format":"something-else"}')).toBe('other-file')
    expect(why('x'.repeat(500_000))).toBe('other-file')
    expect(why(planFileText(PLAN, []).replace('"version": 1', '"version": 2'))).toBe('newer')
    expect(why(planFileText(PLAN, []).slice(0, 300))).toBe('broken')
    expect(why(planFileText(PLAN, []).replace('"count": 6', '"count": -6'))).toBe('broken')
    expect(why(planFileText(PLAN, [BARLEY]).replace('material.own-barley', 'settings'))).toBe('broken')
  })
  it('never throws and never brings half of it, however it is mangled', () => {
    const whole = planFileText(PLAN, [BARLEY])
    fc.assert(fc.property(fc.nat(whole.length - 1), fc.string({ maxLength: 3 }), (at, put) => {
      const found = read(whole.slice(0, at) + put + whole.slice(at + 1))
      if (found.ok && found.value.kind === 'plan') expect(found.value.plan.ingredients.length).toBe(2)
    }), { numRuns: 400 })
  })
  it('has a name that every disk takes', () => {
    expect([planFileName('Großer Haufen, 2/3!'), planFileName('///')]).toEqual(
      ['gro-er-haufen-2-3.wastrum-plan.json', 'plan.wastrum-plan.json'])
  })
})
