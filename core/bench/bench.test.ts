import { balancedOf } from '../methods/contract'
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
import type { Choosing } from '../methods/contract'
import { fittingMethods } from './choosing'
import { aroundHere, candidatesFor, problemOf, usualContainer } from './offered'
import { draftFor, worthyIngredient } from './planned'
import { STARTING_CONTAINERS } from '../units/container'
import { VESSEL_PRESETS } from '../vessel/presets'
import { vesselVolumeL } from '../vessel/vessel'

const containers = STARTING_CONTAINERS.metric
const lot = (materialId: string, litres: number): StoredLot => ({
  lot: {
    id: materialId, materialId, gatheredAt: '2026-04-20T10:00:00.000Z', initialL: litres, container: BUCKET, packing: 'loose',
    source: '',
  },
  material: findMaterial(materialId)!, leftL: litres, leftLooseL: litres, leftMassKg: 1, leftCount: litres / 12, ageDays: 1,
  keeping: { freshness: 'fresh', daysLeft: 9 },
})
const best = (choice: Parameters<typeof fittingMethods>[1], stored: readonly StoredLot[] = []) =>
  fittingMethods(METHODS, choice, { stored })[0]!

describe('choosing a method', () => {
  it('goes by what it is for: seeds want leaf mould, life for the soil a brew', () => {
    expect(best({ purpose: 'seeds' }).method.face.name).toBe('Leaf mould')
    expect(best({ purpose: 'microbes' }).method.face.name).toBe('Brew')
    expect(best({ purpose: 'beds' }, [lot('grass-clippings', 900)]).method.face.name).toBe('Hot heap')
  })

  it('goes by patience, work and what lies in the store, and says why', () => {
    const [first, , last] = fittingMethods(METHODS, { weeks: 2 }, { stored: [] })
    expect(first!.method.face.name).toBe('Brew')
    expect(last!.speaksAgainst.join()).toMatch(/to begin with/)
    const slow = fittingMethods(METHODS, { weeks: 2 }, { stored: [] }).find(({ method }) => method.face.name === 'Slow heap')!
    expect(slow.speaksAgainst.join()).toMatch(/takes about \d+ weeks/)
    const leafy = best({ minutesAWeek: 5 }, [lot('leaves-mixed', 400)])
    expect(leafy.method.face.name).toBe('Leaf mould')
    expect(leafy.speaksFor).toContain('there is enough for it')
  })
})

describe('what people know before they know the methods', () => {
  // Coming, standing, mostly, what is to come of it: and what a good composter would name first.
  it.each<readonly [Parameters<typeof fittingMethods>[1], string]>([
    [{ coming: 'by-and-by', standsIn: 'bin', mainly: 'kitchen' }, 'Slow heap'],
    [{ coming: 'by-and-by', standsIn: 'bin', mainly: 'grass' }, 'Slow heap'],
    [{ coming: 'by-and-by', standsIn: 'box', mainly: 'kitchen' }, 'Worms'],
    [{ coming: 'at-once', standsIn: 'bay', mainly: 'mixed' }, 'Hot heap'],
    [{ coming: 'at-once', standsIn: 'bay', mainly: 'dung' }, 'Hot heap'],
    [{ coming: 'at-once', standsIn: 'cage', mainly: 'leaves' }, 'Leaf mould'],
    [{ coming: 'at-once', standsIn: 'cage', mainly: 'wood' }, 'Static tower'],
    [{ coming: 'at-once', standsIn: 'bed', mainly: 'dung' }, 'Hotbed'],
    [{ coming: 'by-and-by', standsIn: 'bed', mainly: 'grass' }, 'Mulch'],
    [{ coming: 'at-once', standsIn: 'bed', mainly: 'leaves', weeks: 2 }, 'Mulch'],
    [{ coming: 'at-once', standsIn: 'bed', mainly: 'card' }, 'Sheet of card'],
    [{ coming: 'at-once', standsIn: 'bay', mainly: 'turf' }, 'Turf stack'],
    [{ coming: 'at-once', standsIn: 'box', mainly: 'char' }, 'Charged char'],
    [{ mainly: 'kitchen', minutesAWeek: 5 }, 'Slow heap'],
    [{ mainly: 'wood', purpose: 'lasting' }, 'Char'],
  ])('%o: %s', (choice, name) => {
    expect(best(choice).method.face.name).toBe(name)
  })

  it('is answered with why, and the next best with why not', () => {
    const [first, second] = fittingMethods(METHODS, { coming: 'by-and-by', standsIn: 'bin', mainly: 'kitchen' }, { stored: [] })
    expect(first!.speaksFor).toEqual(
      expect.arrayContaining(['is filled bit by bit', 'stands in a lidded bin', 'lives on kitchen scraps']),
    )
    expect(second!.speaksAgainst.join()).toMatch(/does not stand in a lidded bin/)
  })

  it('counts what lies on the bench with what lies in the store', () => {
    const bench = [{ material: findMaterial('leaves-mixed')!, amount: { count: 10, container: SACK, packing: 'loose' as const } }]
    const leaves = (lies: typeof bench) =>
      fittingMethods(METHODS, {}, { stored: [], bench: lies }).find(({ method }) => method.face.name === 'Leaf mould')!
    expect(leaves(bench).speaksFor).toContain('there is enough for it')
    expect(leaves([]).speaksAgainst.join()).toMatch(/there is 0/)
  })
})

describe('the points of a method', () => {
  const first = METHODS[0]!
  const choosing: Choosing = {
    ...first.face.choosing, purposes: ['beds'], minutesAWeek: { low: 10, typical: 30, high: 60 }, weeks: { low: 10, typical: 20, high: 30 },
    eats: ['leaf'], leastL: 100, heavy: true,
  }
  const points = (choice: Parameters<typeof fittingMethods>[1], leavesL = 0, otherwise: Partial<Choosing> = {}) =>
    fittingMethods(
      [{ ...first, face: { ...first.face, choosing: { ...choosing, ...otherwise } } }], choice,
      { stored: [lot('leaves-mixed', leavesL), lot('grass-clippings', 500)] },
    )[0]!.points
  it.each<readonly [string, Parameters<typeof fittingMethods>[1], number, number]>([
    ['nothing asked, store too small', {}, 99, -1],
    ['nothing asked, store just enough: grass is not eaten', {}, 100, 2],
    ['the right purpose', { purpose: 'beds' }, 100, 5],
    ['the wrong purpose', { purpose: 'seeds' }, 100, -4],
    ['as many minutes as it takes', { minutesAWeek: 30 }, 100, 3],
    ['fewer minutes', { minutesAWeek: 29 }, 100, 0],
    ['as many weeks as it takes', { weeks: 20 }, 100, 3],
    ['fewer weeks', { weeks: 19 }, 100, -1],
    ['no heavy lifting', { lifting: false }, 100, 0],
    ['lifting is fine', { lifting: true }, 100, 2],
  ])('are %s', (_, choice, leavesL, wanted) => {
    expect(points(choice, leavesL)).toBe(wanted)
  })

  it('leave the store out where a method hardly takes anything from it, and lifting where it is light', () => {
    expect(points({}, 0, { leastL: 5 })).toBe(0)
    expect(points({}, 0, { leastL: 6 })).toBe(-1)
    expect(points({}, 0, { eats: [] })).toBe(0)
    expect(points({ lifting: false }, 100, { heavy: false })).toBe(2)
  })
})

describe('the problem that is balanced', () => {
  const vessel = VESSEL_PRESETS[0]!
  const bench = {
    vessel, standsShare: 1, feeds: [], ingredients: [], pinned: [], capped: [], stored: [lot('leaves-mixed', 200)],
    around: aroundHere(LIBRARY_BOOK, containers, 10, []), comfort: balancedOf(METHODS[0]!)!.mixing.comfort('weekly'),
  }
  const wish = { goalId: 'hot', step: 0.5, fetching: true, fill: 'full' as const, oneMaterialMost: 0.6 }
  const whole = vesselVolumeL(vessel)

  it('is three quarters to all of the vessel, or a wish to a tenth, never more than it holds', () => {
    expect(problemOf(bench, wish, undefined).limits.volumeL).toEqual({ low: 0.75 * whole, high: whole })
    expect(problemOf(bench, { ...wish, fill: 'wish' }, 200).limits.volumeL).toEqual({ low: 180, high: expect.closeTo(220, 9) })
    expect(problemOf(bench, { ...wish, fill: 'wish' }, whole).limits.volumeL).toEqual({ low: 0.9 * whole, high: whole })
    expect(problemOf(bench, { ...wish, fill: 'wish' }, undefined).limits.volumeL.high).toBe(whole)
  })

  it('stays this pile when asked for this pile: six tenths to nine fifths of its litres, or 250 L more, within the vessel', () => {
    // A sack is 80 L, five buckets are 60 L.
    const pile = {
      ...bench,
      ingredients: [
        { material: findMaterial('leaves-mixed')!, amount: { count: 1, container: SACK, packing: 'loose' as const } },
        { material: findMaterial('grass-clippings')!, amount: { count: 5, container: BUCKET, packing: 'loose' as const } },
      ],
    }
    expect(problemOf(pile, { ...wish, fill: 'pile' }, undefined).limits.volumeL).toEqual({
      low: expect.closeTo(84, 9), high: expect.closeTo(390, 9),
    })
    expect(
      problemOf(
        { ...pile, ingredients: [{ ...pile.ingredients[0]!, amount: { ...pile.ingredients[0]!.amount, count: 100 } }] },
        { ...wish, fill: 'pile' }, undefined,
      ).limits.volumeL,
    ).toEqual({ low: whole * 0.6, high: whole })
    expect(problemOf(bench, { ...wish, fill: 'pile' }, undefined).limits.volumeL.high).toBe(whole)
  })

  it('takes a tenth of char at most, and fetches only when that is wished', () => {
    expect(problemOf(bench, wish, undefined).limits).toMatchObject({ charMost: 0.1, oneMaterialMost: 0.6 })
    const ids = (fetching: boolean) =>
      problemOf(bench, { ...wish, fetching }, undefined)
        .offers.filter(({ most }) => most > 0)
        .map(({ material }) => material.id)
    expect(ids(false)).toEqual(['leaves-mixed'])
    expect(ids(true)).toHaveLength(7)
  })

  it('offers what fills at least half a container, and sacks for what is lighter than 160 kg/m³', () => {
    const offered = (litres: number) => candidatesFor([], [lot('grass-clippings', litres)], []).map(({ count }) => count)
    expect(offered(5)).toEqual([])
    expect(offered(6)).toEqual([0.5])
    const of = (typical: number) => usualContainer({ bulkDensityKgM3: { low: typical, typical, high: typical } }, containers).id
    expect([of(159), of(160)]).toEqual(['sack', 'bucket'])
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
    expect(candidatesFor(planned, stored, aroundHere(LIBRARY_BOOK, containers, 10, [])).filter(({ inStore }) => !inStore)).toHaveLength(6)
  })
})

describe('a plan thought through', () => {
  it('is a proposal and a draft; nothing while a mix is empty', () => {
    const hot: Plan = { ...EMPTY_PLAN, methodId: METHODS[0]!.id, approachId: 'weekly' }
    expect(draftFor(hot, METHODS[0]!, surroundingsOn(0))).toBeUndefined()
    const filled = draftFor(
      {
        ...hot,
        ingredients: [
          { materialId: 'leaves-mixed', amount: { count: 9, container: SACK, packing: 'loose' } },
          { materialId: 'grass-clippings', amount: { count: 30, container: BUCKET, packing: 'loose' } },
        ],
      },
      METHODS[0]!, surroundingsOn(0),
    )!
    expect(filled.proposal.waterL).toBeCloseTo(filled.draft.waterL, 9)
    expect(filled.draft.steps.length).toBeGreaterThan(3)
    expect(
      draftFor({ ...EMPTY_PLAN, methodId: METHODS[1]!.id, approachId: 'alone' }, METHODS[1]!, surroundingsOn(0))!.draft.steps.length,
    ).toBeGreaterThan(2)
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
    expect(materialThen(grass.id, worthOf(grass), undefined)).toMatchObject({
      id: grass.id, short: grass.short, family: 'grass', keepsDays: 365,
    })
    expect(JSON.parse(JSON.stringify(worth))).toEqual(worth)
  })
})
