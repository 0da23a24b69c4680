import { describe, expect, it } from 'vitest'
import { BUCKET, GOOD_HEAP, heap, observed, onDay, RICH_HEAP, SACK, surroundingsOn } from '../../../test/builders/heaps'
import { findMaterial } from '../../materials/book'
import type { NewEvent } from '../../journal/event'
import type { Ingredient } from '../../mix/portion'
import { VESSEL_PRESETS } from '../../vessel/presets'
import { readyDayOf } from '../heated/ready-day'
import { expectCourse, middleCourse } from './expect'
import { questionOf } from './question'
import { strataOf } from './layers'
import { batchMeasures } from './measures'
import { readyWindow } from './ready'
import { tasksOf } from './tasks'

/** Figures that stand in no formula of the model, each worked by hand, so that a slip of the pen is noticed. */
describe('a heap\'s question', () => {
  const question = (recipe: Parameters<typeof heap>[0], events: readonly NewEvent[] = []) =>
    questionOf(heap(recipe, events), surroundingsOn(5))!

  it('lets 15 % of the rain past a sheet, 2 % into a closed bin', () => {
    expect(question(GOOD_HEAP).weather.openShare).toBe(0.15)
    expect(question({ ...GOOD_HEAP, vessel: VESSEL_PRESETS.find(({ wall }) => wall === 'plastic')! }).weather.openShare).toBe(0.02)
  })

  it('pours on what was poured on: 30 L are 30 L', () => {
    const watered: NewEvent = { kind: 'put', at: onDay(3), batchId: 'heap', inputs: [], waterL: 30 }
    expect(question(GOOD_HEAP, [watered]).deeds).toEqual([{ day: 3, kind: 'water', litres: 30 }])
    const [before, after] = [heap(GOOD_HEAP), heap(GOOD_HEAP, [watered])].map(
      one => batchMeasures(one, surroundingsOn(5).materials)!.wetMassKg,
    )
    // Half of it is taken to stay.
    expect(after! - before!).toBeCloseTo(15, 9)
  })
})

describe('water by layer', () => {
  it('goes where it is missing: to each what its dry stuff lacks, and what is wetter gets none', () => {
    const of = (id: string, count: number, container = BUCKET): Ingredient => ({
      material: findMaterial(id)!, amount: { count, container, packing: 'loose' },
    })
    const strata = strataOf({
      vessel: VESSEL_PRESETS[0]!, approachId: 'weekly', answers: {},
      ingredients: [of('leaves-mixed', 2, SACK), of('kitchen-veg', 4), of('horse-manure-straw', 6)], waterL: 20, volumeL: 260,
    })
    // d·M/(1 − M) − w, with M = 0.6: d dry and w wet kilograms of so many litres.
    const lacking = (id: string, litres: number) => {
      const { bulkDensityKgM3, moistureFraction } = findMaterial(id)!
      const kg = litres * bulkDensityKgM3.typical / 1000
      return Math.max(0, kg * (1 - moistureFraction.typical) * 0.6 / 0.4 - kg * moistureFraction.typical)
    }
    const bySum = (id: string) => strata.filter(({ materialId }) => materialId === id).reduce((sum, { waterL }) => sum + waterL, 0)
    expect(bySum('kitchen-veg')).toBe(0)
    const [leaves, manure] = [lacking('leaves-mixed', 160), lacking('horse-manure-straw', 72)]
    expect(bySum('leaves-mixed')).toBeCloseTo((20 * leaves) / (leaves + manure), 6)
    expect(bySum('horse-manure-straw')).toBeCloseTo((20 * manure) / (leaves + manure), 6)
  })
})

describe('the rough window, before a forecast is there', () => {
  it('reaches from 0.75 to 1.35 times the day on which one course is ripe', () => {
    const batch = heap({ ...RICH_HEAP, approachId: 'weekly' })
    const { from, to } = readyWindow(batch, surroundingsOn(0))
    const middle = middleCourse(batch, surroundingsOn(0))!
    const ripe = readyDayOf(middle.course, middle.question.weather.airC)!
    const days = (at: Date) => (at.getTime() - Date.parse(onDay(0))) / 86_400_000
    expect(days(from)).toBeCloseTo(ripe * 0.75, 1)
    expect(days(to)).toBeCloseTo(ripe * 1.35, 1)
    expect(expectCourse(batch, surroundingsOn(0), 1).length).toBeGreaterThan(1)
  })
})

describe('advised water', () => {
  it('after a dusty squeeze is three quarters of the mass times 0.2 over 0.45, in cans', () => {
    const batch = heap(GOOD_HEAP, [observed(4, 'squeeze', 'dust')])
    const { wetMassKg } = batchMeasures(batch, surroundingsOn(5).materials)!
    const litres = (wetMassKg * 0.75 * 0.2) / 0.45
    const task = tasksOf(batch, surroundingsOn(5)).find(({ action }) => action === 'watered')!
    const [, said] = /\((\d+) L\)/.exec(task.reason.replace(/ /g, ' '))!
    expect(Number(said)).toBe(Math.round(litres))
    const damp = tasksOf(heap(GOOD_HEAP, [observed(4, 'squeeze', 'dry')]), surroundingsOn(5)).find(({ action }) => action === 'watered')!
    expect(Number(/\((\d+) L\)/.exec(damp.reason.replace(/ /g, ' '))![1])).toBe(Math.round(litres * 0.4))
  })
})
