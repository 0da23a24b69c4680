import fc from 'fast-check'
import { putOffUntil } from '../../garden/round'
import { findMaterial } from '../../materials/book'
import { describe, expect, it } from 'vitest'
import {
  BUCKET, CAN, GOOD_HEAP, RICH_HEAP, SACK, heap, observed, onDay, reading, surroundingsOn, turned,
} from '../../../test/builders/heaps'
import { portionOf, type Ingredient } from '../../mix/portion'
import { expectCourse, leftAloneDays, middleCourse, suppose } from './expect'
import { VESSEL_PRESETS } from '../../vessel/presets'
import { vesselVolumeL, type Vessel } from '../../vessel/vessel'
import type { ExpectedDay } from '../heated/expected'
import { hotHeap } from './index'
import { strataOf, portionedOut } from './layers'
import { coreReadings } from '../heated/readings'
import { readyWindow } from './ready'
import { tasksOf } from './tasks'
import { buildSteps } from './steps'
import { sizeOf } from './size'
import { phaseNow } from './standing'
import { HOT } from './constants'

const ingredient = (id: string, count: number, container = BUCKET): Ingredient => ({
  material: findMaterial(id)!, amount: { count, container, packing: 'loose' },
})
const peakOf = (course: readonly ExpectedDay[]) => Math.max(...course.map(({ coreC }) => coreC.typical))
const coreAt = (course: readonly ExpectedDay[], day: number) => course.find(one => one.day >= day)!.coreC.typical
const expected = (batch: ReturnType<typeof heap>, ambientC = 15) => expectCourse(batch, surroundingsOn(0, ambientC), 60)
const titles = (batch: ReturnType<typeof heap>, day: number) => hotHeap.life.tasks(batch, surroundingsOn(day)).map(({ title }) => title)

describe('the expected course', () => {
  it('of leaves alone never gets above 30 °C', () => {
    expect(peakOf(expected(heap({ waterL: 200, ingredients: [['leaves-oak', 20, SACK]] })))).toBeLessThan(30)
  })

  it('of half a metre is much cooler than of 1.2 m, and a dry mix cooler than a moist one', () => {
    const small = heap({ ...GOOD_HEAP, waterL: 4, ingredients: [['leaves-mixed', 1.4, SACK], ['grass-clippings', 5, BUCKET]] })
    expect(peakOf(expected(small))).toBeLessThan(peakOf(expected(heap(GOOD_HEAP))) - 12)
    const dry = heap({ ...GOOD_HEAP, waterL: 0, ingredients: [['straw-wheat', 15, SACK], ['rabbit-manure', 12, BUCKET]] })
    const moist = heap({ ...GOOD_HEAP, waterL: 130, ingredients: [['straw-wheat', 15, SACK], ['rabbit-manure', 12, BUCKET]] })
    const left = (batch: ReturnType<typeof heap>) => peakOf(leftAloneDays(batch, surroundingsOn(0), 30, []))
    expect(left(dry)).toBeLessThan(left(moist) - 12)
  })

  it('dips at a turn and is then warmer than its unturned twin', () => {
    // Neither is turned by its approach: it has used up its turns.
    const twin = leftAloneDays(heap(RICH_HEAP), surroundingsOn(0), 30, [])
    const course = leftAloneDays(heap(RICH_HEAP), surroundingsOn(0), 30, [{ kind: 'turn', at: onDay(7) }])
    expect(coreAt(course, 7)).toBeLessThan(coreAt(twin, 7) - 8)
    expect(Math.max(...[8, 9, 10, 11, 12].map(day => coreAt(course, day) - coreAt(twin, day)))).toBeGreaterThan(3)
  })

  it('has no width until a forecast has been worked out, and is the same course when asked again', () => {
    const batch = heap(GOOD_HEAP)
    const course = expected(batch)
    expect(course.every(({ coreC }) => coreC.low === coreC.typical && coreC.high === coreC.typical)).toBe(true)
    expect(expected(batch)).toEqual(course)
    expect(course[0]!.depthsC).toHaveLength(6)
  })

  it('answers what if: greens worked in, water or a turn', () => {
    const batch = heap(GOOD_HEAP)
    const greens = portionOf({ material: findMaterial('chicken-manure')!, amount: { count: 4, container: BUCKET, packing: 'loose' } })
    const fed = suppose(batch, surroundingsOn(4), 12, [{ kind: 'add', at: onDay(4), portion: greens }, { kind: 'turn', at: onDay(4) }])!
    expect(coreAt(fed.changed, 3)).toBeCloseTo(coreAt(fed.present, 3), 5)
    expect(coreAt(fed.changed, 7)).toBeGreaterThan(coreAt(fed.present, 7))
    const wetted = suppose(batch, surroundingsOn(4), 12, [{ kind: 'water', at: onDay(4), litres: 60 }])!
    expect(coreAt(wetted.changed, 4.25)).toBeLessThan(coreAt(wetted.present, 4.25))
    expect(suppose(batch, surroundingsOn(4), 12, [])!.readyShiftDays).toBe(0)
  })
})

describe('the phase', () => {
  it('goes from warming over hot and cooling to curing', () => {
    const label = (day: number, ...events: Parameters<typeof heap>[1] & object) =>
      hotHeap.life.standing(heap(GOOD_HEAP, events), surroundingsOn(day)).label
    expect(label(1, reading(1, 25))).toBe('Warming up')
    expect(label(3, reading(3, 61))).toBe('Hot')
    expect(label(3, reading(3, 71))).toBe('Too hot')
    expect(label(16, reading(3, 61), reading(16, 38))).toBe('Cooling')
    expect(label(30, reading(3, 61), reading(30, 18))).toBe('Curing')
    expect(label(6, reading(3, 18), reading(6, 19))).toBe('Not heating')
  })

  it('of what rises is warming, of what is cool before its time gone cool, and of what lies in the cold that it waits', () => {
    const label = (day: number, ambientC: number, ...events: Parameters<typeof heap>[1] & object) =>
      hotHeap.life.standing(heap(GOOD_HEAP, events), surroundingsOn(day, ambientC)).label
    // 19, 27, 38 °C: eight to eleven degrees a day is a heap that takes off.
    expect(label(3, 10, reading(1, 19), reading(2, 27), reading(3, 38))).toBe('Warming up')
    expect(label(4, 10, reading(1, 19), reading(2, 38), reading(4, 30))).toBe('Cooling')
    // Two degrees a day is the air.
    expect(label(7, 15, reading(3, 20), reading(5, 24), reading(7, 28))).toBe('Not heating')
    // After a turn it rises again.
    expect(label(12, 10, reading(4, 60), turned(9), reading(10, 26), reading(12, 40))).toBe('Warming up')
    expect(label(6, 15, reading(2, 48), reading(4, 30), reading(6, 18))).toBe('Gone cool, still raw')
    expect(label(30, 15, reading(3, 61), reading(30, 18))).toBe('Curing')
    expect(label(8, -3, reading(3, 2), reading(8, 0))).toBe('Waits for warmth')
    expect(label(30, -3, reading(3, 50), reading(30, 1))).toBe('Waits for warmth')
  })

  it('asks why it is cool once a week, not in frost, and not at all where it is put off', () => {
    const asked = (day: number, ambientC: number, ...events: Parameters<typeof heap>[1] & object) =>
      tasksOf(heap(GOOD_HEAP, events), surroundingsOn(day, ambientC)).find(({ action }) => action === 'open')
    const why = asked(6, 15, reading(3, 18), reading(6, 19))!
    expect(why.title).toBe('Find out why it stays cool')
    expect(putOffUntil(why, new Date(onDay(6)), true).getTime()).toBeGreaterThan(Date.parse(onDay(12)))
    expect(asked(6, 15, reading(2, 48), reading(4, 30), reading(6, 18))!.title).toBe('Find out why it went cool')
    expect(asked(8, -3, reading(3, 2), reading(8, 0))).toBeUndefined()
  })

  const phase = (day: number, events: Parameters<typeof heap>[1] & object = [], recipe = GOOD_HEAP) =>
    phaseNow(heap(recipe, events), surroundingsOn(day))

  it('of a heap that nobody looked at is not curing because the model is cool: it may lie raw', () => {
    const day = Array.from({ length: 120 }, (_, at) => at + 5).find(at => phase(at).coreC - 15 <= 8)!
    expect(phase(day).phase).toBe('unread')
    expect(hotHeap.life.standing(heap(GOOD_HEAP), surroundingsOn(day))).toMatchObject({
      label: 'Not looked at', sentence: expect.stringMatching(/never read or felt/),
    })
    // Once the decay is done it ripens, looked at or not: at 1.6 times what is ripe.
    const done = Array.from({ length: 140 }, (_, at) => day + at * 5).find(at => phase(at).phase === 'curing')!
    const { course } = middleCourse(heap(GOOD_HEAP), surroundingsOn(0))!
    const rawOn = (at: number) => course.rawness[course.days.findIndex(one => one >= at)]!
    expect(rawOn(done)).toBeLessThanOrEqual(1.6)
    expect(rawOn(done - 8)).toBeGreaterThan(1)
  })

  it('goes by the hand where there is no thermometer', () => {
    expect(phase(4, [observed(4, 'warmth', 'hot')])).toMatchObject({ phase: 'hot', feltAt: onDay(4) })
    expect(phase(6, [observed(6, 'warmth', 'cool')]).phase).toBe('stalled')
    expect(phase(30, [observed(4, 'warmth', 'hot'), observed(30, 'warmth', 'cool')]).phase).toBe('curing')
    // A newer reading says more, and what was felt days ago says nothing any more.
    expect(phase(5, [observed(4, 'warmth', 'hot'), reading(5, 30)]).coreC).toBeCloseTo(30, 3)
    expect(phase(9, [observed(4, 'warmth', 'hot')]).feltAt).toBeUndefined()
  })

  it('does not take a reading before a turn for one after it', () => {
    const before = phase(7.1, [reading(6, 66)])
    // 66 a day ago: it goes on from there, no hotter and not back at what was reckoned.
    expect(before.phase).toBe('hot')
    expect(before.coreC).toBeLessThan(66)
    expect(before.coreC).toBeGreaterThan(phase(7.1, []).coreC + 3)
    const after = phase(7.1, [reading(6, 66), turned(7)])
    expect(after.readAt).toBeUndefined()
    expect(after.coreC).toBeLessThan(60)
  })

  it('marks a lone spike as odd and keeps it', () => {
    const readings = coreReadings(heap(GOOD_HEAP, [reading(3, 60), reading(4, 16), reading(5, 58)]))
    expect(readings.map(({ odd }) => odd)).toEqual([false, true, false])
  })
})

describe('tasks', () => {
  it('ask for a reading once, however many days were missed', () => {
    const tasks = hotHeap.life.tasks(heap(GOOD_HEAP, [reading(1, 30)]), surroundingsOn(9))
    expect(tasks.filter(({ action }) => action === 'reading')).toHaveLength(1)
  })

  it('ask for a turn when the heat has peaked and falls, with the numbers, and not before', () => {
    const rising = [reading(1, 30), reading(2, 50), reading(3, 62)]
    expect(titles(heap(GOOD_HEAP, rising), 3.1)).not.toContain('Turn it')
    const falling = heap(GOOD_HEAP, [...rising, reading(4, 63), reading(5, 58), reading(6, 54)])
    const turn = hotHeap.life.tasks(falling, surroundingsOn(6.1)).find(({ title }) => title === 'Turn it')
    expect(turn?.reason).toBe('It peaked at 63 °C on 5 May and has fallen to 54 °C.')
    expect(titles(heap(GOOD_HEAP, [...rising, reading(4, 63), reading(5, 58), reading(6, 54), turned(6.05)]), 6.1)).not.toContain('Turn it')
  })

  it('follow the rhythm of the approach where it has one', () => {
    const weekly = hotHeap.life
      .tasks(heap({ ...GOOD_HEAP, approachId: 'weekly' }, [reading(3, 60)]), surroundingsOn(4))
      .find(({ action }) => action === 'turned')
    expect(weekly?.due.toISOString()).toBe(onDay(7))
  })

  it('ask for water after a dry squeeze until it was watered, in cans', () => {
    const dry = [reading(2, 50), observed(5, 'squeeze', 'dry')]
    const task = hotHeap.life.tasks(heap(GOOD_HEAP, dry), surroundingsOn(5)).find(({ action }) => action === 'watered')
    expect(task?.reason).toMatch(/About \S+ cans? \(/)
    expect(titles(heap(GOOD_HEAP, [...dry, { kind: 'watered', at: onDay(5.5), batchId: 'heap', litres: 20 }]), 6)).not.toContain('Water it')
  })

  it('take a bad smell back once it smells well again', () => {
    expect(titles(heap(GOOD_HEAP, [observed(4, 'smell', 'ammonia')]), 4)).toContain('Open it with browns')
    expect(titles(heap(GOOD_HEAP, [observed(4, 'smell', 'ammonia'), observed(5, 'smell', 'earthy')]), 5)).not.toContain(
      'Open it with browns',
    )
  })

  it('say why a heap stays cool', () => {
    const brown = heap({ waterL: 150, ingredients: [['leaves-mixed', 15, SACK]] }, [reading(3, 17), reading(6, 18)])
    expect(hotHeap.life.tasks(brown, surroundingsOn(6))[0]?.reason).toMatch(/^Day 6 and only 18 °C\. Most likely: it is poor in nitrogen\./)
  })

  it('are none once it is finished', () => {
    expect(titles(heap(GOOD_HEAP, [{ kind: 'finished', at: onDay(90), batchId: 'heap', products: [] }]), 91)).toEqual([])
  })
})

describe('the ready window', () => {
  it('opens after hot days, cooling and curing and never before today', () => {
    const fresh = readyWindow(heap(RICH_HEAP), surroundingsOn(0))
    expect(fresh.from.getTime()).toBeGreaterThanOrEqual(Date.parse(onDay(14 + 28)))
    expect(fresh.to.getTime()).toBeLessThanOrEqual(Date.parse(onDay(150)))
    // Cooling for a week and half of the shortest curing are still to come.
    const hot = readyWindow(heap(RICH_HEAP, [reading(110, 55)]), surroundingsOn(110))
    expect(hot.from.getTime()).toBeGreaterThanOrEqual(Date.parse(onDay(110 + 7 + 14 - 0.1)))
    expect(hot.reasons.join(' ')).toMatch(/still hot/)
  })

  it('is always a window, in order', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: 1, max: 80 }), fc.integer({ min: -5, max: 75 })), { maxLength: 12 }),
        fc.constantFrom(...hotHeap.face.approaches),
        (pairs, approach) => {
          const batch = heap({ ...GOOD_HEAP, approachId: approach.id }, pairs.map(([day, core]) => reading(day, core)))
          const { from, to, reasons } = readyWindow(batch, surroundingsOn(80))
          expect(from.getTime()).toBeLessThan(to.getTime())
          expect(reasons.length).toBeGreaterThan(0)
        }))
  })
})

describe('layers', () => {
  const proposal = (ingredients: Ingredient[], volumeL = 1200, waterL = 60) => ({
    vessel: VESSEL_PRESETS[0]!, approachId: 'weekly', answers: {}, ingredients, waterL, volumeL,
  })

  it('start with twigs, alternate and end with browns, and use everything exactly once', () => {
    const layers = strataOf(
      proposal([ingredient('twigs', 2, SACK), ingredient('leaves-mixed', 8, SACK), ingredient('grass-clippings', 20)]),
    )
    expect(layers[0]).toMatchObject({ role: 'base', short: 'twigs' })
    expect(layers.at(-1)).toMatchObject({ role: 'cap', short: 'leaves' })
    expect(layers.map(({ role }) => role).join(' ')).toMatch(/^base( brown green)+ cap$/)
    const used = (id: string) => layers.filter(({ materialId }) => materialId === id).reduce((sum, { amount }) => sum + amount.count, 0)
    expect([used('twigs'), used('leaves-mixed'), used('grass-clippings')]).toEqual([2, 8, 20])
  })

  it('share out the water and the height completely', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 40 }), fc.integer({ min: 1, max: 60 }), fc.double({ min: 0, max: 300, noNaN: true }),
        (leaves, grass, water) => {
          const layers = strataOf(
            proposal([ingredient('leaves-mixed', leaves / 2, SACK), ingredient('grass-clippings', grass / 4)], 1000, water),
          )
          expect(layers.reduce((sum, { waterL }) => sum + waterL, 0)).toBeCloseTo(water, 6)
          expect(layers.reduce((sum, { heightShare }) => sum + heightShare, 0)).toBeCloseTo(1, 9)
          expect(layers.every(({ amount }) => amount.count > 0)).toBe(true)
        }))
  })

  it('come in quarters that can be measured out: 7 in four parts are 1¾ each, 1 in three ¼, ½ and ¼', () => {
    expect(portionedOut(7, 4)).toEqual([1.75, 1.75, 1.75, 1.75])
    expect(portionedOut(1, 3)).toEqual([0.25, 0.5, 0.25])
  })

  it('carry cautions beside the step: manure names the interval, card its tape', () => {
    const steps = buildSteps(proposal([ingredient('horse-manure-straw', 10), ingredient('cardboard', 6, SACK)]))
    expect(steps[0]!.cautions.join(' ')).toMatch(/90 to 120 days/)
    expect(steps[0]!.cautions.join(' ')).toMatch(/Tape, labels/)
    expect(steps.at(-1)!.title).toBe('Cover and mark')
    expect(CAN.volumeL).toBe(10)
  })
})

describe('size', () => {
  const cube = (side: number): Vessel => ({
    id: 'c', name: 'cube', wall: 'boards', shape: 'box', widthM: side, depthM: side, heightM: side,
  })
  // Filled with as much loose stuff as stands level with the rim.
  it.each([[0.5, 'poor'], [0.8, 'workable'], [1.2, 'good'], [1.8, 'workable']] as const)('%s m each way is %s', (side, grade) => {
    expect(sizeOf(cube(side), vesselVolumeL(cube(side)) / HOT.standsShare, 'metric').grade).toBe(grade)
  })

  it('minds a vessel filled too low or above the rim', () => {
    // 500 L of loose stuff stand at 390 L: 0.39 / 1.44 m² are 27 cm.
    expect(sizeOf(cube(1.2), 500, 'metric')).toMatchObject({ kind: 'small', text: '27 cm high: under 90 cm it rots slowly instead.' })
    // 1,500 L stand 1.17 m high, 17 cm above a metre; after a week 0.8 × 1.17 = 0.94 m. 2,000 L stand at 1.56 and then 1.25 m.
    expect(sizeOf(cube(1), 1500, 'metric').text).toBe(
      'It would stand 17 cm above the rim, and it sinks below it within a week: heap it up, or keep some back.',
    )
    expect(sizeOf(cube(1), 2000, 'metric').text).toMatch(/^It would stand 56 cm above the rim, and it is still 25 cm above it after a week/)
  })
})
