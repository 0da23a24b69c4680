import { LIBRARY_BOOK } from '../materials/book'
import { describe, expect, it } from 'vitest'
import { writeDocument } from '../journal/document'
import type { GardenEvent } from '../journal/event'
import { foldGarden } from '../journal/journal'
import { CLIMATES, checkedMeans, usualTemperatureC } from './climate'
import { BENCH_PLAN_ID, EMPTY_PLAN, planValues, readKeptPlans, readPlan } from './plan'
import { readContainers, readSettings } from './settings'
import { drawAll, drawFromStore, storedLots } from './store'

const NOW = new Date('2026-05-10T10:00:00.000Z')
const sack = { id: 'sack', name: 'sack', plural: 'sacks', volumeL: 80 }
const stocked = (id: string, day: string, count: number, packing: 'loose' | 'packed', materialId = 'leaves-mixed'): GardenEvent => ({
  kind: 'stocked',
  id,
  at: `${day}T10:00:00.000Z`,
  recordedAt: `${day}T10:00:00.000Z`,
  by: 'phone',
  materialId,
  source: '',
  amount: { count, container: sack, packing },
})

describe('the store', () => {
  const garden = foldGarden([
    stocked('old', '2026-04-01', 1, 'packed'), stocked('new', '2026-05-01', 2, 'loose'),
    stocked('cut', '2026-05-09', 1, 'loose', 'grass-clippings'),
  ])

  it('shows what spoils first on top, with litres and kilograms', () => {
    const stored = storedLots(garden, NOW, LIBRARY_BOOK)
    expect(stored.map(({ lot }) => lot.id)).toEqual(['cut', 'old', 'new'])
    // 80 L packed leaves are 192 L loose at 90 kg/m³ = 17.28 kg; grass is a day old and keeps two.
    expect(stored[1]!.leftMassKg).toBeCloseTo(17.28, 9)
    expect(stored[0]!.keeping.daysLeft).toBeCloseTo(1, 9)
    expect(stored.map(({ leftCount, leftL, leftLooseL, ageDays }) => [leftCount, leftL, Math.round(leftLooseL), ageDays])).toEqual([
      [1, 80, 80, 1], [1, 80, 192, 39], [2, 160, 160, 9],
    ])
  })

  it('gives the oldest first and says what it could not give', () => {
    // Four loose sacks = 320 L: the packed sack gives 192 loose (its 80 L), the two loose ones 128 of 160.
    const drawing = drawFromStore(storedLots(garden, NOW, LIBRARY_BOOK), {
      material: LIBRARY_BOOK.find('leaves-mixed')!, amount: { count: 4, container: sack, packing: 'loose' },
    })
    expect(drawing.draws).toEqual([{ lotId: 'old', litres: 80 }, { lotId: 'new', litres: 128 }])
    expect(drawing.missingLooseL).toBe(0)
    expect(
      drawFromStore(storedLots(garden, NOW, LIBRARY_BOOK), {
        material: LIBRARY_BOOK.find('leaves-mixed')!, amount: { count: 5, container: sack, packing: 'loose' },
      }).missingLooseL,
    ).toBeCloseTo(48, 9)
  })
})

describe('drawing several things at once', () => {
  const garden = foldGarden([stocked('a', '2026-04-01', 2, 'loose'), stocked('b', '2026-05-01', 3, 'loose')])
  const leaves = (count: number) => ({
    material: LIBRARY_BOOK.find('leaves-mixed')!, amount: { count, container: sack, packing: 'loose' as const },
  })

  it('never gives the same sack twice: three and three out of five leave one short', () => {
    const [first, second] = drawAll(storedLots(garden, NOW, LIBRARY_BOOK), [leaves(3), leaves(3)])
    expect(first!.draws).toEqual([{ lotId: 'a', litres: 160 }, { lotId: 'b', litres: 80 }])
    expect(first!.missingLooseL).toBe(0)
    expect(second!.draws).toEqual([{ lotId: 'b', litres: 160 }])
    expect(second!.missingLooseL).toBeCloseTo(80, 9)
  })

  it('counts what is prepared as it was gathered, and remembers how it is prepared', () => {
    const [shredded] = drawAll(storedLots(garden, NOW, LIBRARY_BOOK), [{ ...leaves(2), prepared: 'shredded' }])
    expect(shredded).toMatchObject({
      materialId: 'leaves-mixed', prepared: 'shredded', draws: [{ lotId: 'a', litres: 160 }], missingLooseL: 0,
    })
  })

  it('of an empty store is all brought along', () => {
    expect(drawAll([], [leaves(2)])).toMatchObject([{ draws: [], missingLooseL: 160 }])
  })
})

describe('the climate', () => {
  it('meets each month in its middle and lies between neighbours elsewhere', () => {
    const plain = CLIMATES[1]!
    expect(usualTemperatureC(plain, 30.4375 * 6.5)).toBeCloseTo(20, 9)
    expect(usualTemperatureC(plain, 0)).toBeCloseTo((1 + 0) / 2, 9)
    expect(usualTemperatureC(plain, 365.25)).toBeCloseTo(usualTemperatureC(plain, 0), 9)
  })

  it('refuses months that are missing or cannot be', () => {
    expect(checkedMeans([1, 2]).ok).toBe(false)
    expect(checkedMeans([0, 0, 0, 0, 0, 99, 0, 0, 0, 0, 0, 0])).toEqual({ ok: false, error: { kind: 'unlikely', month: 6 } })
    expect(CLIMATES.every(({ meanC, rainMm }) => checkedMeans(meanC).ok && rainMm.length === 12)).toBe(true)
  })
})

describe('settings and plan', () => {
  const at = '2026-05-01T00:00:00.000Z'

  it('fall back field by field when something is unreadable', () => {
    const document = writeDocument(
      undefined, 'settings', 'settings', { units: 'us', water: 'lemonade', climateId: 'high-valley', meanC: [1] }, at, 'phone',
    )
    const settings = readSettings([document])
    expect(settings).toMatchObject({ units: 'us', water: 'rain' })
    expect(settings.climate.meanC).toEqual(CLIMATES[2]!.meanC)
  })

  it('believe no month of 300 °C and no rain below nothing, and no 31st of the thirteenth month', () => {
    const of = (values: Record<string, never>) =>
      readSettings([writeDocument(undefined, 'settings', 'settings', { climateId: 'high-valley', ...values }, at, 'phone')]).climate
    const twelve = (value: number) => Array.from({ length: 12 }, () => value) as never
    expect(of({ meanC: twelve(300) }).meanC).toEqual(CLIMATES[2]!.meanC)
    expect(of({ rainMm: twelve(-45) }).rainMm).toEqual(CLIMATES[2]!.rainMm)
    expect(of({ lastFrost: '13-31' as never, firstFrost: '00-00' as never })).toMatchObject({
      lastFrost: CLIMATES[2]!.lastFrost, firstFrost: CLIMATES[2]!.firstFrost,
    })
    expect(of({ meanC: twelve(-12), rainMm: twelve(0) })).toMatchObject({ meanC: twelve(-12), rainMm: twelve(0) })
  })

  it('offer the usual containers until the gardener has own ones, and leave removed ones out', () => {
    expect(readContainers([], 'us').find(({ id }) => id === 'bucket')!.volumeL).toBeCloseTo(18.927, 3)
    const own = writeDocument(
      undefined, 'container.tub', 'container', { name: 'tub', plural: 'tubs', volumeL: 40, holds: 'material' }, at, 'phone',
    )
    const gone = writeDocument(
      undefined, 'container.old', 'container', { name: 'old', plural: 'olds', volumeL: 4, holds: 'material', removed: true }, at,
      'phone',
    )
    expect(readContainers([own, gone], 'metric')).toEqual([{ id: 'tub', name: 'tub', plural: 'tubs', volumeL: 40, holds: 'material' }])
  })

  it('bring a plan back as it was left', () => {
    const plan = {
      ...EMPTY_PLAN,
      approachId: 'weekly',
      ingredients: [{ materialId: 'leaves-mixed', amount: { count: 2, container: sack, packing: 'packed' as const } }],
    }
    expect(readPlan([writeDocument(undefined, 'plan.bench', 'plan', planValues(plan), at, 'phone')])).toEqual(plan)
    expect(readPlan([writeDocument(undefined, 'plan.bench', 'plan', { vessel: 'none' }, at, 'phone')])).toEqual(EMPTY_PLAN)
  })
})

describe('plans', () => {
  const at = '2026-05-01T00:00:00.000Z'
  const plan = {
    ...EMPTY_PLAN,
    pinned: ['leaves-mixed'],
    capped: ['grass-clippings'],
    wish: { litres: 300, by: '2027-04-01' },
    likeBatchId: 'b1',
    ingredients: [
      { materialId: 'leaves-mixed', prepared: 'shredded' as const, amount: { count: 3, container: sack, packing: 'loose' as const } },
    ],
  }

  it('come back whole, and an unset wish does not shine through', () => {
    const first = writeDocument(undefined, BENCH_PLAN_ID, 'plan', planValues(plan), at, 'phone')
    expect(readPlan([first])).toEqual(plan)
    const cleared = writeDocument(
      first, BENCH_PLAN_ID, 'plan', planValues({ ...plan, wish: undefined, likeBatchId: undefined }), '2026-05-02T00:00:00.000Z',
      'phone',
    )
    expect(readPlan([cleared]).wish).toBeUndefined()
    expect(readPlan([cleared]).likeBatchId).toBeUndefined()
  })

  it('of an older version, without pins, are read', () => {
    const { pinned: _, capped: ____, wish: __, likeBatchId: ___, ...older } = planValues(plan)
    expect(readPlan([writeDocument(undefined, BENCH_PLAN_ID, 'plan', older, at, 'phone')])).toEqual({
      ...plan,
      pinned: [],
      capped: [],
      wish: undefined,
      likeBatchId: undefined,
    })
  })

  it('put aside are listed by name, the latest first, apart from the bench', () => {
    const keep = (id: string, name: string, keptAt: string, extra = {}) =>
      writeDocument(undefined, id, 'plan', { ...planValues(plan), name, keptAt, ...extra }, at, 'phone')
    const kept = readKeptPlans([
      keep('plan.a', 'With straw', at), keep('plan.b', 'With card', '2026-05-03T00:00:00.000Z'),
      keep('plan.c', 'Gone', at, { removed: true }), keep(BENCH_PLAN_ID, 'Bench', at),
    ])
    expect(kept.map(({ name }) => name)).toEqual(['With card', 'With straw'])
    expect(kept[1]).toMatchObject({ pinned: ['leaves-mixed'], capped: ['grass-clippings'], wish: { litres: 300 } })
  })
})
