import { LIBRARY_BOOK } from '../materials/book'
import { describe, expect, it } from 'vitest'
import { writeDocument } from '../journal/document'
import type { GardenEvent } from '../journal/event'
import { foldGarden } from '../journal/journal'
import { CLIMATES, checkedMeans, usualTemperatureC } from './climate'
import { EMPTY_PLAN, planValues, readPlan } from './plan'
import { readContainers, readSettings } from './settings'
import { drawFromStore, storedLots } from './store'

const NOW = new Date('2026-05-10T10:00:00.000Z')
const sack = { id: 'sack', name: 'sack', plural: 'sacks', volumeL: 80 }
const stocked = (id: string, day: string, count: number, packing: 'loose' | 'packed', materialId = 'leaves-mixed'): GardenEvent => ({
  kind: 'stocked', id, at: `${day}T10:00:00.000Z`, recordedAt: `${day}T10:00:00.000Z`, by: 'phone', materialId, source: '', amount: { count, container: sack, packing },
})

describe('the store', () => {
  const garden = foldGarden([stocked('old', '2026-04-01', 1, 'packed'), stocked('new', '2026-05-01', 2, 'loose'), stocked('cut', '2026-05-09', 1, 'loose', 'grass-clippings')])

  it('shows what spoils first on top, with litres and kilograms', () => {
    const stored = storedLots(garden, NOW, LIBRARY_BOOK)
    expect(stored.map(({ lot }) => lot.id)).toEqual(['cut', 'old', 'new'])
    // 80 L packed leaves are 192 L loose at 90 kg/m³ = 17.28 kg; grass is a day old and keeps two.
    expect(stored[1]!.leftMassKg).toBeCloseTo(17.28, 9)
    expect(stored[0]!.keeping.daysLeft).toBeCloseTo(1, 9)
  })

  it('gives the oldest first and says what it could not give', () => {
    // Four loose sacks = 320 L: the packed sack gives 192 loose (its 80 L), the two loose ones 128 of 160.
    const drawing = drawFromStore(storedLots(garden, NOW, LIBRARY_BOOK), { material: LIBRARY_BOOK.find('leaves-mixed')!, amount: { count: 4, container: sack, packing: 'loose' } })
    expect(drawing.draws).toEqual([{ lotId: 'old', litres: 80 }, { lotId: 'new', litres: 128 }])
    expect(drawing.missingLooseL).toBe(0)
    expect(drawFromStore(storedLots(garden, NOW, LIBRARY_BOOK), { material: LIBRARY_BOOK.find('leaves-mixed')!, amount: { count: 5, container: sack, packing: 'loose' } }).missingLooseL).toBeCloseTo(48, 9)
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
    const document = writeDocument(undefined, 'settings', 'settings', { units: 'us', water: 'lemonade', climateId: 'high-valley', meanC: [1] }, at, 'phone')
    const settings = readSettings([document])
    expect(settings).toMatchObject({ units: 'us', water: 'rain' })
    expect(settings.climate.meanC).toEqual(CLIMATES[2]!.meanC)
  })

  it('offer the usual containers until the gardener has own ones, and leave removed ones out', () => {
    expect(readContainers([], 'us').find(({ id }) => id === 'bucket')!.volumeL).toBeCloseTo(18.927, 3)
    const own = writeDocument(undefined, 'container.tub', 'container', { name: 'tub', plural: 'tubs', volumeL: 40, holds: 'material' }, at, 'phone')
    const gone = writeDocument(undefined, 'container.old', 'container', { name: 'old', plural: 'olds', volumeL: 4, holds: 'material', removed: true }, at, 'phone')
    expect(readContainers([own, gone], 'metric')).toEqual([{ id: 'tub', name: 'tub', plural: 'tubs', volumeL: 40, holds: 'material' }])
  })

  it('bring a plan back as it was left', () => {
    const plan = { ...EMPTY_PLAN, approachId: 'weekly', ingredients: [{ materialId: 'leaves-mixed', amount: { count: 2, container: sack, packing: 'packed' as const } }] }
    expect(readPlan([writeDocument(undefined, 'plan.bench', 'plan', planValues(plan), at, 'phone')])).toEqual(plan)
    expect(readPlan([writeDocument(undefined, 'plan.bench', 'plan', { vessel: 'none' }, at, 'phone')])).toEqual(EMPTY_PLAN)
  })
})
