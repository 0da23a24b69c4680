import { balancedOf } from '../methods/contract'
import highsLoader from 'highs'
import { beforeAll, describe, expect, it } from 'vitest'
import { BUCKET, SACK } from '../../test/builders/heaps'
import type { StoredLot } from '../garden/store'
import { storedLots } from '../garden/store'
import type { GardenEvent } from '../journal/event'
import { foldGarden } from '../journal/journal'
import { findMaterial, LIBRARY_BOOK } from '../materials/book'
import { hotHeap } from '../methods/hot-heap'
import type { Ingredient } from '../mix/portion'
import type { ContainerThen } from '../units/container'
import { balanceAsked, type Asked } from './asked'
import { offersAtHand, type AtHand } from './at-hand'
import { rehearsal } from './rehearsal'
import { GARDEN_EFFORT, solverOf, type LpSolver, type Solver } from './program'

let solver: Solver
beforeAll(async () => { solver = solverOf(await highsLoader() as unknown as LpSolver, GARDEN_EFFORT) })

const of = (id: string, count: number, container: ContainerThen = BUCKET): Ingredient => ({
  material: findMaterial(id)!, amount: { count, container, packing: 'loose' },
})
const stock = (lots: readonly (readonly [string, number, ContainerThen, string])[]): StoredLot[] =>
  storedLots(
    foldGarden(
      lots.map(([materialId, count, container, day], index): GardenEvent => ({
        kind: 'stocked', id: `l${index}`, at: `${day}T08:00:00.000Z`, recordedAt: `${day}T08:00:00.000Z`, by: 'phone', materialId,
        source: '', amount: { count, container, packing: 'loose' },
      }))), new Date('2026-10-10T08:00:00.000Z'), LIBRARY_BOOK)
const AROUND = [{ material: findMaterial('straw-wheat')!, container: SACK }, { material: findMaterial('leaves-mixed')!, container: SACK }]
const hand = (more: Partial<AtHand>): AtHand => ({
  bench: [], pinned: [], capped: [], stored: [], around: AROUND, fetching: false,
  ...more,
})
const asked = (at: AtHand, litres: number, more: Partial<Asked> = {}): Asked => ({
  goalId: 'fewest-trips', asBigAsCan: false, ...more,
  problem: {
    offers: offersAtHand(at), step: 1,
    limits: {
      comfort: balancedOf(hotHeap)!.mixing.comfort('by-thermometer'), volumeL: { low: litres * 0.75, high: litres }, oneMaterialMost: 1,
      charMost: 0.1,
    },
  },
})

describe('what is at hand', () => {
  const stored = stock([
    ['leaves-mixed', 4, SACK, '2026-10-01'], ['leaves-mixed', 3, SACK, '2026-10-05'], ['grass-clippings', 10, BUCKET, '2026-10-09'],
    ['wood-ash', 1, BUCKET, '2026-10-01'],
  ])
  const summary = (at: AtHand) => offersAtHand(at).map(({ material, most, inStore, pinned }) => [material.id, most, inStore, pinned])

  it('is the store, lots of one kind together, and what could be fetched', () => {
    // Grass of yesterday spoils first. Ash is not balanced with.
    expect(summary(hand({ stored }))).toEqual([
      ['grass-clippings', 10, true, undefined], ['leaves-mixed', 7, true, undefined], ['straw-wheat', 0, false, undefined],
    ])
    // Fetching, more of the leaves may come as well.
    expect(summary(hand({ stored, fetching: true })).slice(-2)).toEqual([
      ['straw-wheat', Infinity, false, undefined], ['leaves-mixed', Infinity, false, undefined],
    ])
    expect(
      summary(hand({ stored, fetching: true, bench: [of('leaves-mixed', 2, SACK)], pinned: ['leaves-mixed'] })).filter(
        ([id]) => id === 'leaves-mixed',
      ),
    ).toEqual([['leaves-mixed', 7, true, 2]])
  })

  it('begins with the bench: as much as the store has or as was said', () => {
    // Seven sacks are 560 L: 46⅔ buckets.
    const bench = [of('leaves-mixed', 5), of('coffee-grounds', 3), of('wood-ash', 0.25)]
    const [leaves, coffee, ash] = summary(hand({ stored, bench, pinned: ['coffee-grounds'] }))
    expect(leaves![1]).toBeCloseTo(560 / 12, 9)
    expect(coffee).toEqual(['coffee-grounds', 3, true, 3])
    // Ash lies on the bench: it stays as it is.
    expect(ash![3]).toBe(0.25)
  })
})

describe('a cap', () => {
  it('holds against what the store has and what could be fetched', () => {
    const stored = stock([['leaves-mixed', 9, SACK, '2026-10-01'], ['grass-clippings', 40, BUCKET, '2026-10-09']])
    const at = hand({ stored, bench: [of('leaves-mixed', 5, SACK)], capped: ['leaves-mixed'], fetching: true })
    expect(offersAtHand(at).filter(({ material }) => material.id === 'leaves-mixed').map(({ most }) => most)).toEqual([5])
    const found = balanceAsked(asked(at, 700), solver)
    if (found.kind !== 'answers') throw new Error(found.kind)
    for (const { ingredients } of found.answers)
      expect(ingredients.find(({ material }) => material.id === 'leaves-mixed')?.amount.count ?? 0).toBeLessThanOrEqual(5)
  })
})

describe('what was asked', () => {
  const stored = stock([
    ['leaves-mixed', 9, SACK, '2026-10-01'], ['grass-clippings', 30, BUCKET, '2026-10-09'],
    ['horse-manure-straw', 10, BUCKET, '2026-10-01'],
  ])

  it('is answered step by step and ends with all of it', () => {
    const steps: number[] = []
    const found = balanceAsked(asked(hand({ stored }), 900), solver, answers => steps.push(answers.length))
    if (found.kind !== 'answers') throw new Error(found.kind)
    expect(steps.at(-1)).toBe(found.answers.length)
    expect(steps[0]).toBe(1)
  })

  it('as big as it can be takes nearly all there is', () => {
    const found = balanceAsked(asked(hand({ stored }), 3000, { asBigAsCan: true, goalId: 'most-product' }), solver)
    if (found.kind !== 'answers') throw new Error(found.kind)
    // 720 L of leaves, 360 of grass, 120 of manure at the very most.
    expect(found.answers[0]!.measures.volumeL).toBeGreaterThan(600)
    expect(found.answers[0]!.measures.volumeL).toBeLessThan(1200)
    expect(balanceAsked(asked(hand({ stored }), 3000), solver).kind).toBe('impossible')
  })

  it('with fetching puts what is there and what is fetched together', () => {
    const found = balanceAsked(
      asked(
        hand({ stored, fetching: true, around: [...AROUND, { material: findMaterial('grass-clippings')!, container: BUCKET }] }), 2400,
        { goalId: 'least-bought' },
      ),
      solver,
    )
    if (found.kind !== 'answers') throw new Error(found.kind)
    for (const { ingredients, fetchL } of found.answers) {
      expect(new Set(ingredients.map(({ material }) => material.id)).size).toBe(ingredients.length)
      expect(fetchL).toBeGreaterThan(0)
    }
    expect(
      found.answers.some(({ ingredients }) =>
        ingredients.some(({ material, amount }) => material.id === 'grass-clippings' && amount.count > 30),
      ),
    ).toBe(true)
  })

  it('that cannot be comes with the way out', () => {
    const found = balanceAsked(asked(hand({ bench: [of('grass-clippings', 17)], pinned: ['grass-clippings'] }), 700), solver)
    if (found.kind !== 'impossible') throw new Error(found.kind)
    expect(found.impossible.ways.length).toBeGreaterThan(0)
    for (const { measures } of found.impossible.ways) expect(measures.availableCarbonToNitrogen).toBeLessThanOrEqual(40 * 1.001)
  })

  it('before the first real question is one that has an answer', () => {
    expect(balanceAsked(rehearsal(), solver).kind).toBe('answers')
  })

  it('of nothing at all is impossible, with what to fetch', () => {
    const found = balanceAsked(
      asked(
        hand({
          around: [
            ...AROUND,
            { material: findMaterial('horse-manure-straw')!, container: BUCKET },
            { material: findMaterial('grass-clippings')!, container: BUCKET },
          ],
        }),
        700,
      ),
      solver,
    )
    if (found.kind !== 'impossible') throw new Error(found.kind)
    expect(found.impossible.ways[0]!.changes.every(({ kind }) => kind === 'fetch')).toBe(true)
  })
})
