import { describe, expect, it } from 'vitest'
import { airSpaceShare, moistureShare, nitrogenShare, temperatureShare } from '../../heat/limits'
import { celsiusTable } from '../../heat/table'
import type { Addition } from './addition'
import { ripeDay, runSlow, type SlowCase, type SlowCourse, type SlowDeed } from './course'
import { USUAL_TRAITS } from './traits'

/** Ten dry kilograms in a hundred litres with fifteen of water: 1 goes within days, 2 within weeks, 3 in a season, 3 hardly, 1 is ash. */
const CADDY: Addition = {
  day: 0, allCarbonKg: 4, allNitrogenKg: 0.16, keepsKgKg: 3,
  charge: {
    rapidKg: 1, mediumKg: 2, slowKg: 3, restKg: 4, ashKg: 1, waterKg: 15, volumeL: 100, carbonKg: 3, nitrogenKg: 0.12, mattingShare: 0,
    stiffness: 0.5, holdsKgKg: 2, pace: 1,
  },
}
const HEAP: SlowCase = {
  additions: [CADDY], deeds: [], feeding: { fromDay: 0, weekly: undefined },
  ground: { wall: 'boards', footprintM2: 1, perimeterM: 4, lidded: false } as SlowCase['ground'],
  rimM: 1, rainShare: 0.1, drying: 0.2, airC: [20], rainMm: [0],
}
/** Half of the best pace, whatever the warmth. */
const HALF = celsiusTable(() => 0.5)
const run = (more: Partial<SlowCase>, last = 1): SlowCourse =>
  runSlow({ ...HEAP, ...more }, USUAL_TRAITS, Float64Array.from({ length: last + 1 }, (_, day) => day), undefined, HALF)
const deeds = (...some: SlowDeed[]) => ({ deeds: some })
const dryKg = ({ leftShare }: SlowCourse, day: number) => 10 * leftShare[day]!
const waterKg = (course: SlowCourse, day: number) => course.moisture[day]! / (1 - course.moisture[day]!) * dryKg(course, day)

/** Free air in a hundred litres: less 15 L of water, 9 kg of organic stuff at 1.6 kg/L and 1 kg of ash at 2.5. */
const AIR = 1 - (15 + 9 / 1.6 + 1 / 2.5) / 100
const COMFORT = 0.5 * moistureShare(0.6) * airSpaceShare(AIR)
/** At 25 : 1 of what goes quickly. */
const RATE = COMFORT * nitrogenShare(3, 0.12)
/** What goes on the first day: r/(1 + r) of each pool at 0.4, 0.0857, 0.0116 and 0.00024 a day; the last not for want of nitrogen. */
const goes = (rate: number) => rate / (1 + rate)
const GONE = 1 * goes(0.4 * RATE) + 2 * goes(0.0857 * RATE) + 3 * goes(0.0116 * RATE) + 3 * goes(0.00024 * COMFORT)

describe('a day of a slow heap, by hand', () => {
  it('begins as it was put in, as warm as the air', () => {
    const { volumeL, moisture, ratio, celsius, airSpace, leftShare, rawness } = run({})
    expect([volumeL[0], leftShare[0], celsius[0]]).toEqual([100, 1, 20])
    expect(moisture[0]).toBeCloseTo(0.6, 6)
    expect(ratio[0]).toBeCloseTo(25, 4)
    expect(airSpace[0]).toBeCloseTo(AIR, 5)
    // A day at 30 °C uses up 1·0.4 + 2·0.0857 + 3·0.0116 kg times its warmth, of 9 kg that are no ash: 1.2 kg of oxygen a kilogram, 31,250
    // mmol a kilogram, 24 hours; beside the 8 that are ripe.
    const usedKgDay = temperatureShare(30, 1) * (0.4 + 2 * 0.0857 + 3 * 0.0116)
    expect(rawness[0]).toBeCloseTo(usedKgDay / 9 * 1.2 * 31_250 / 24 / 8, 3)
  })

  it('rots, dries and steams, and settles', () => {
    const course = run({})
    expect(course.leftShare[1]).toBeCloseTo(1 - GONE / 10, 5)
    // Half a kilogram of carbon for each kilogram gone; at 25 : 1 a sixth is too much nitrogen, of which three tenths go with the carbon.
    const carbon = 4 - 0.5 * GONE
    const nitrogen = 0.16 * (1 - 0.3 * (1 / 6) * (0.5 * GONE / 4))
    expect(course.ratio[1]).toBeCloseTo(carbon / nitrogen, 3)
    // 0.1 mm for each of 20 °C, a fifth of it; of 20.6 MJ a kilogram two fifths leave as vapour at 2.43 MJ a kilogram.
    expect(waterKg(course, 1)).toBeCloseTo(15 + 0.5 * GONE - 0.4 - 0.4 * GONE * 20.6 / 2.43, 3)
    // 0.5 + 0.34 · 0.5 = 0.67 in the end, with nine days; volume goes as dry mass to 1.15.
    const settled = 0.67 + 0.33 * Math.exp(-1 / 9)
    expect(course.volumeL[1]).toBeCloseTo(100 * settled * (1 - GONE / 10) ** 1.15, 2)
  })

  it('warms by what rots, and follows the air', () => {
    const [warm, cold] = [run({}), run({ airC: [20, 5] }, 2)]
    expect(warm.celsius[1]).toBeGreaterThan(20)
    // No more than all of its heat at once: 0.6 · 20.6 MJ a kilogram on 0.0767 MJ/K.
    expect(warm.celsius[1]).toBeLessThan(20 + 0.6 * 20.6 * GONE / (15 * 0.00418 + 10 * 0.0014))
    expect(cold.celsius[2]).toBeLessThan(cold.celsius[1]!)
    expect(cold.celsius[2]).toBeGreaterThan(5)
    expect(run({ additions: [] }).celsius[1]).toBeCloseTo(20, 6)
  })

  it('takes the rain that gets in, holds what it can, and drips the rest', () => {
    // A tenth of 30 mm on a square metre.
    expect(waterKg(run({ rainMm: [30] }), 1) - waterKg(run({}), 1)).toBeCloseTo(3, 3)
    // 40 L poured on 15: it keeps three times its dry mass.
    const poured = run({ ...deeds({ day: 0, kind: 'water', litres: 40 }) }, 2)
    expect(waterKg(poured, 1)).toBeCloseTo(3 * dryKg(poured, 1), 2)
    expect(poured.drainedL[0]).toBe(0)
    expect(poured.drainedL[1]).toBeGreaterThan(20)
    expect(run({}).drainedL[1]).toBe(0)
  })

  it('takes deeds for what they are', () => {
    const taken = run(deeds({ day: 0, kind: 'take', litres: 30 }), 1)
    // Deeds of a day come before what is fed on it: nothing was there to take.
    expect(taken.volumeL[0]).toBe(100)
    const plain = run({}, 3)
    const later = run(deeds({ day: 2, kind: 'take', litres: plain.volumeL[2]! / 4 }), 3)
    expect(later.volumeL[2]! / plain.volumeL[2]!).toBeCloseTo(0.75, 2)
    expect(later.moisture[2]).toBeCloseTo(plain.moisture[2]!, 5)
    expect(later.leftShare[2]).toBeCloseTo(plain.leftShare[2]!, 5)
    expect(run(deeds({ day: 2, kind: 'take', litres: 5000 }), 3).volumeL[3]).toBeCloseTo(0.02 * plain.volumeL[3]!, 0)
    // Forked over it lies as loosely as on its ninth day.
    const [moved, still] = [run(deeds({ day: 30, kind: 'move' }), 30), run({}, 30)]
    expect(moved.volumeL[30]! / still.volumeL[30]!).toBeCloseTo((0.67 + 0.33 * Math.exp(-1)) / (0.67 + 0.33 * Math.exp(-30 / 9)), 3)
  })

  it('is fed on each week until it is full, and says when that was', () => {
    const fed = run({ feeding: { fromDay: 7, weekly: CADDY }, rimM: 0.25 }, 40)
    expect(fed.fullDay % 7).toBe(0)
    expect(fed.volumeL[fed.fullDay]).toBeGreaterThanOrEqual(0.98 * 250)
    expect(fed.volumeL[fed.fullDay - 1]).toBeLessThan(0.98 * 250)
    expect(fed.lastFedDay).toBe(fed.fullDay)
    expect(run({}, 40).fullDay).toBe(Infinity)
    // A second caddy in the same fortnight makes one part of both: all of it is there, and its age lies between.
    const twice = run({ additions: [CADDY, { ...CADDY, day: 2 }] }, 2)
    expect(20 * twice.leftShare[2]!).toBeCloseTo(10 + 10 * run({}, 2).leftShare[2]!, 3)
  })
})

describe('the day from which on it is ripe', () => {
  const course = (rawness: readonly number[], lastFedDay: number) => ({
    days: Float64Array.of(0, 10, 20, 30), rawness: Float32Array.from(rawness), lastFedDay,
  }) as SlowCourse
  it.each([
    [[90, 60, 30, 10], 0, 20, 5, 5], [[90, 60, 30, 10], 4, 20, 25, 29], [[90, 60, 30, 30], 0, 20, 5, 30], [[10, 10, 10, 10], 0, 20, 12, 12],
  ] as const)('%s mg/g, fed last on day %s: ripe no sooner than below %s and rested for %s', (breath, fed, limit, rest, least) => {
    const day = ripeDay(course(breath, fed), limit, rest)
    expect(day).toBeGreaterThanOrEqual(least)
    expect(day).toBeLessThanOrEqual(30)
  })
})
