import { describe, expect, it } from 'vitest'
import { tower } from '../../../test/builders/fed'
import { aroundOn, put, seen } from '../../../test/builders/batches'
import { heapLogOf } from '../heated/heap-log'
import { middleCourse } from './expect'
import { towerOn } from './now'
import { tasksOf } from './tasks'
import { litresTo, sinceWatered, waterWanted, weeklyLitres } from './water'

const WARM = { meanC: new Array<number>(12).fill(18), rainMm: 0 }

describe('the water of a tower', () => {
  it('is what brings its dry matter from one moisture to another', () => {
    // 100 kg dry at 58 % hold 58/42·100 = 138.1 kg of water, at 70 % 70/30·100 = 233.3: 95.2 L.
    expect(litresTo({ dryKg: 100 }, 0.58)).toBeCloseTo(95.24, 2)
    // From 60 to 65 %: 100·(65/35 − 60/40) = 35.7 L; from 75 % none is wanted.
    expect(litresTo({ dryKg: 100 }, 0.6, 0.65)).toBeCloseTo(35.71, 2)
    expect(litresTo({ dryKg: 100 }, 0.75)).toBe(0)
  })

  it('is, for a week, a seventh part of seven times as much: a sixth of what the next six weeks take', () => {
    const [log, around] = [heapLogOf(tower([put(142, [], 80)])), aroundOn(150, WARM)]
    const { course, question } = middleCourse(log, around)!
    const sixWeeks = course.habitWaterings
      .filter(({ day }) => day > question.nowDay && day <= question.nowDay + 42)
      .reduce((sum, { litres }) => sum + litres, 0)
    expect(sixWeeks).toBeGreaterThan(0)
    expect(weeklyLitres(log, around) * 6).toBeCloseTo(sixWeeks, 9)
    // Practice: a can or two of 10 L a week in warm weather.
    expect(weeklyLitres(log, around)).toBeGreaterThan(7)
    expect(weeklyLitres(log, around)).toBeLessThan(25)
  })

  it('is asked for by zones that were felt dry: a quarter each of what takes it all from 58 to 70 %', () => {
    const log = heapLogOf(tower([put(58, [], 400), seen(59, 'squeeze-top', 'dry'), seen(59, 'squeeze-edge', 'dry')]))
    const around = aroundOn(60, WARM)
    const dryKg = towerOn(log, around)!.dryKg
    const { litres, dryZones } = waterWanted(log, around)!
    expect(dryZones.length).toBeGreaterThan(0)
    // 70/30 − 58/42 = 0.9524 kg of water a dry kilogram.
    expect(litres).toBeCloseTo(dryZones.length * 0.25 * 0.9524 * dryKg, 1)
  })

  it('counts its days since the last can, or since it was loaded', () => {
    expect(sinceWatered(heapLogOf(tower()), aroundOn(12).now)).toBeCloseTo(12, 9)
    expect(sinceWatered(heapLogOf(tower([put(9, [], 20)])), aroundOn(12).now)).toBeCloseTo(3, 9)
  })

  it('is asked for once a week, by the week', () => {
    const [batch, around] = [tower([put(142, [], 80)]), aroundOn(150, WARM)]
    const asked = tasksOf(heapLogOf(batch), around).find(({ action }) => action === 'watered')!
    const cans = weeklyLitres(heapLogOf(batch), around) / around.garden.waterCan.volumeL
    expect(asked.title).toMatch(/^The week's water: about /)
    // Told to the quarter of a can.
    expect(Number(/about (\d+)/.exec(asked.title)![1])).toBe(Math.floor(Math.round(cans * 4) / 4))
    expect(asked.due.getTime()).toBe(aroundOn(149).now.getTime())
  })
})
