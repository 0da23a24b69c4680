import { describe, expect, it } from 'vitest'
import { BUCKET, SACK, surroundingsOn } from '../../test/builders/heaps'
import type { StoredLot } from '../garden/store'
import { EMPTY_PLAN, type Plan } from '../garden/plan'
import { findMaterial, LIBRARY_BOOK } from '../materials/book'
import { measuredMaterial } from '../materials/measured'
import { materialThen, worthOf } from '../materials/worth'
import { METHODS } from '../methods'
import { ingredientsOf, portionOf } from '../mix/portion'
import { typicalTotals } from '../mix/balance'
import { fittingMethods } from './choosing'
import { aroundHere, candidatesFor, usualContainer } from './offered'
import { draftFor, worthyIngredient } from './planned'
import { STARTING_CONTAINERS } from '../units/container'

const containers = STARTING_CONTAINERS.metric
const lot = (materialId: string, litres: number): StoredLot => ({
  lot: { id: materialId, materialId, gatheredAt: '2026-04-20T10:00:00.000Z', initialL: litres, container: BUCKET, packing: 'loose', source: '' },
  material: findMaterial(materialId)!, leftL: litres, leftLooseL: litres, leftMassKg: 1, leftCount: litres / 12, ageDays: 1, keeping: { freshness: 'fresh', daysLeft: 9 },
})
const best = (choice: Parameters<typeof fittingMethods>[1], stored: readonly StoredLot[] = []) => fittingMethods(METHODS, choice, stored)[0]!

describe('choosing a method', () => {
  it('goes by what it is for: seeds want leaf mould, life for the soil a brew', () => {
    expect(best({ purpose: 'seeds' }).method.name).toBe('Leaf mould')
    expect(best({ purpose: 'microbes' }).method.name).toBe('Brew')
    expect(best({ purpose: 'beds' }, [lot('grass-clippings', 900)]).method.name).toBe('Hot heap')
  })

  it('goes by patience, work and what lies in the store, and says why', () => {
    const [first, , last] = fittingMethods(METHODS, { weeks: 2 }, [])
    expect(first!.method.name).toBe('Brew')
    expect(last!.speaksAgainst.join()).toMatch(/takes about \d+ weeks/)
    const leafy = best({ minutesAWeek: 5 }, [lot('leaves-mixed', 400)])
    expect(leafy.method.name).toBe('Leaf mould')
    expect(leafy.speaksFor).toContain('the store has enough for it')
  })
})

describe('what is offered on the bench', () => {
  it('comes by the sack when it is light, by the bucket when it is heavy', () => {
    expect(usualContainer(findMaterial('leaves-mixed')!, containers).id).toBe('sack')
    expect(usualContainer(findMaterial('grass-clippings')!, containers).id).toBe('bucket')
  })

  it('is what the store has left beyond what is planned, in halves, and what can be had anywhere', () => {
    const stored = [lot('grass-clippings', 60)]
    const planned = [{ material: findMaterial('grass-clippings')!, amount: { count: 2, container: BUCKET, packing: 'loose' as const } }]
    // 60 L less 24 L are 36 L: three buckets.
    expect(candidatesFor(planned, stored, [])[0]).toMatchObject({ count: 3, inStore: true })
    expect(candidatesFor(planned, stored, aroundHere(LIBRARY_BOOK, containers)).filter(({ inStore }) => !inStore)).toHaveLength(6)
  })
})

describe('a plan thought through', () => {
  it('is a proposal and a draft; nothing while a mix is empty', () => {
    const hot: Plan = { ...EMPTY_PLAN, methodId: METHODS[0]!.id, approachId: 'weekly' }
    expect(draftFor(hot, METHODS[0]!, surroundingsOn(0))).toBeUndefined()
    const filled = draftFor({ ...hot, ingredients: [{ materialId: 'leaves-mixed', amount: { count: 9, container: SACK, packing: 'loose' } }, { materialId: 'grass-clippings', amount: { count: 30, container: BUCKET, packing: 'loose' } }] }, METHODS[0]!, surroundingsOn(0))!
    expect(filled.proposal.waterL).toBeCloseTo(filled.draft.waterL, 9)
    expect(filled.draft.steps.length).toBeGreaterThan(3)
    expect(draftFor({ ...EMPTY_PLAN, methodId: METHODS[1]!.id, approachId: 'alone' }, METHODS[1]!, surroundingsOn(0))!.draft.steps.length).toBeGreaterThan(2)
  })
})

describe('what was written down', () => {
  const amount = { count: 2, container: BUCKET, packing: 'loose' as const }
  const grass = findMaterial('grass-clippings')!

  it('keeps what a material was worth: a later weighing changes what is to come and not what was', () => {
    const heavier = measuredMaterial(grass, { weighings: [{ at: '2026-05-02T10:00:00.000Z', amount, massKg: 12 }], dryings: [] })
    const book = { find: (id: string) => id === grass.id ? heavier : undefined, all: [heavier] }
    const written = worthyIngredient({ material: grass, amount })
    const massKg = (named: Parameters<typeof ingredientsOf>[0]) => typicalTotals(ingredientsOf(named, book).map(portionOf)).wetMassKg
    // 24 L at 200 kg/m³ are 4.8 kg; weighed, two buckets are 12 kg.
    expect(massKg([written])).toBeCloseTo(4.8, 9)
    expect(massKg([{ materialId: grass.id, amount }])).toBeCloseTo(12, 6)
  })

  it('is the same material each time, and known even when the book has lost it', () => {
    const worth = worthOf(grass)
    expect(materialThen('x', worth, undefined)).toBe(materialThen('x', worth, undefined))
    expect(materialThen(grass.id, worthOf(grass), undefined)).toMatchObject({ id: grass.id, short: grass.short, family: 'grass', keepsDays: 365 })
    expect(JSON.parse(JSON.stringify(worth))).toEqual(worth)
  })
})
