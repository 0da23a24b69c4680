import { describe, expect, it } from 'vitest'
import { moistureShare } from '../../heat/limits'
import { runWorms } from './course'
import type { WormCase, WormCourse, WormDeed } from './bin-case'
import { kindOf, shelterOf } from './kinds'
import { USUAL_TRAITS } from './traits'

/**
 * A box of half a square metre with two pockets, in the shade at 15 °C: 3 kg of dry bedding with 9 kg of water, half a kilogram of
 * worms, a kilogram of scraps (0.2 dry) in the first pocket.
 */
const BOX: WormCase = {
  kind: kindOf('common'), shelter: shelterOf('shade'), areaM2: 0.5, pockets: 2, rainShare: 0, carriedOffDay: 0,
  feeds: [{ day: 0, pocket: 0, dryKg: 0.2, waterKg: 0.8 }],
  deeds: [{ day: 0, kind: 'bedding', dryKg: 3, waterKg: 9 }, { day: 0, kind: 'worms', kg: 0.5 }],
  feeding: { fromDay: 0, everyDays: 1, feed: undefined }, airC: [15], rainMm: [0],
}
const after = (more: Partial<WormCase>, last = 1, traits = USUAL_TRAITS): WormCourse =>
  runWorms({ ...BOX, ...more }, traits, Float64Array.from({ length: last + 1 }, (_, day) => day))
const deeds = (...more: WormDeed[]) => ({ deeds: [...BOX.deeds, ...more] })
const ROWS = ['wormsKg', 'backlogKg', 'binC', 'moisture', 'sour', 'castingsL', 'volumeL', 'appetiteKg', 'inKg', 'goneKg', 'dryKg'] as const
const at = (course: WormCourse, day: number) => Object.fromEntries(ROWS.map(row => [row, course[row][day]!]))
const close = (is: Record<string, number>, wanted: Record<string, number>) => {
  for (const [row, value] of Object.entries(wanted)) expect(is[row], row).toBeCloseTo(value, 4)
}

describe('a day of worms, by hand', () => {
  // Warmth: s = (15 − 5)/13 = 0.76923, s²(3 − 2s) = 0.86482. Water 9.8 of 13 kg: 0.75385, all they like.
  // At best 0.4 · 0.5 = 0.2 kg a day, in the first days 0.55 of it: 0.11; at this warmth 0.09513.
  const share = 0.864816, appetite = 0.4 * 0.5 * 0.55 * share

  it('begins with what was put in', () => {
    const course = after({})
    close(at(course, 0), {
      wormsKg: 0.5, backlogKg: 1, binC: 15, moisture: 9.8 / 13, sour: 0, castingsL: 0, volumeL: 1 / 0.55 + 3 / 0.07, appetiteKg: appetite,
      inKg: 3.2, goneKg: 0, dryKg: 3.2,
    })
    expect(course.backlogDays[0]).toBeCloseTo(1 / appetite, 3)
    expect(course.leftShare[0]).toBe(1)
  })

  it('eats, rots, grows, warms and dries', () => {
    // Eaten 0.09513 of 1 kg: dry 0.019026. Bedding 0.006 · 3 = 0.018. Half of 0.037026 is castings, half goes, a quarter of it as water.
    // Microbes: 0.025 · 2^(−0.5) = 0.017678 of what is left; 18 MJ a kilogram: 0.057586 MJ.
    const eaten = appetite
    const dryEaten = 0.2 * eaten + 0.018
    const left = 0.2 * (1 - eaten)
    const rots = 0.025 * Math.SQRT1_2
    // 2.5 kg find room on it: W = 2.5/(1 + 4·e^(−0.01·0.8648)) = 0.50347.
    const wormsKg = 2.5 / (1 + 4 * Math.exp(-0.00864816))
    // Rests at 15 + 0.0576/(0.65·0.5), goes there by 1 − e^(−1/1.4).
    const binC = 15 + left * rots * 18 / 0.325 * (1 - Math.exp(-1 / 1.4))
    const dryKg = left * (1 - rots) + 2.982 + 0.5 * dryEaten
    const dries = 0.25 * 0.5 * binC / 20 * moistureShare(9.8 / 13)
    const water = 9.8 + 0.25 * dryEaten + 0.5 * left * rots - dries
    close(at(after({}), 1), {
      wormsKg, backlogKg: (1 - eaten) * (1 - rots), binC, moisture: water / (water + dryKg), sour: 0, castingsL: 0.5 * dryEaten / 0.18,
      volumeL: ((1 - eaten) * (1 - rots)) / 0.55 + 2.982 / 0.07 + (0.5 * dryEaten) / 0.18,
      inKg: 3.2,
      goneKg: 0.5 * dryEaten + left * rots,
      dryKg,
    })
  })

  it('sours where feed lies deeper than a hand, and where it stands in water', () => {
    // 20 kg in one pocket of a quarter of a square metre lie 14 cm deep: 14/6.5 − 1, at most all of it; e^(−1/4) of the way is left a day.
    const deep = after({ feeds: [{ day: 0, pocket: 0, dryKg: 5, waterKg: 15 }] })
    const left = (20 - appetite) * (1 - 0.025 * Math.SQRT1_2)
    expect(deep.sour[1]).toBeCloseTo(Math.min(1, left / 0.55 / 1000 / 0.25 / 0.065 - 1) * (1 - Math.exp(-0.25)), 3)
    // 88 % water is 0.4 of the way from 84 to 94 %.
    const wet = after({ feeds: [], deeds: wetOnce })
    expect(wet.moisture[0]).toBeCloseTo(0.88, 6)
    expect(wet.sour[1]).toBeCloseTo(0.4 * (1 - Math.exp(-0.25)), 3)
    // What is more than it holds has dripped out: 84 % are left.
    expect(wet.moisture[1]).toBeCloseTo(0.84, 3)
    // Half of a sourness of 0.0885 is gone in 2.8 days more, where nothing sours it.
    const later = after({ feeds: [], deeds: wetOnce }, 5)
    expect(later.sour[4]! / later.sour[1]!).toBeCloseTo(Math.exp(-3 / 4), 2)
  })

  const wetOnce: WormDeed[] = [{ day: 0, kind: 'bedding', dryKg: 3, waterKg: 22 }, { day: 0, kind: 'worms', kg: 0.5 }]

  it('takes deeds for what they are', () => {
    const plain = after({})
    const before = at(plain, 1)
    // A day later half of it goes into another bin: everything is half, and as moist.
    const split = at(after(deeds({ day: 1, kind: 'split', share: 0.5 })), 1)
    for (const row of ['wormsKg', 'backlogKg', 'castingsL', 'volumeL', 'dryKg'] as const)
      expect(split[row]).toBeCloseTo(before[row]! / 2, 4)
    expect(split.moisture).toBeCloseTo(before.moisture!, 5)
    // What came in less what went off is what is there, whatever was done.
    for (const more of [
      deeds(),
      deeds({ day: 1, kind: 'split', share: 0.5 }),
      deeds({ day: 1, kind: 'take', litres: 0.05 }),
      deeds({ day: 1, kind: 'clear' }),
    ]) {
      const course = after(more, 3)
      for (let day = 0; day <= 3; day++) expect(course.inKg[day]! - course.goneKg[day]!).toBeCloseTo(course.dryKg[day]!, 4)
    }
    // Five hundredths of a litre of castings: 0.009 kg dry, and their 73 % of water.
    const taken = at(after(deeds({ day: 1, kind: 'take', litres: 0.05 })), 1)
    expect(before.castingsL! - taken.castingsL!).toBeCloseTo(0.05, 5)
    expect(before.dryKg! - taken.dryKg!).toBeCloseTo(0.009, 5)
    const waterOf = ({ moisture, dryKg }: Record<string, number>) => dryKg! * moisture! / (1 - moisture!)
    expect(waterOf(before) - waterOf(taken)).toBeCloseTo(0.009 * 0.73 / 0.27, 3)
    const cleared = at(after(deeds({ day: 1, kind: 'clear' })), 1)
    expect(cleared.backlogKg).toBe(0)
    // 0.888 kg lay there, 0.178 of it dry: the rest was water.
    expect(waterOf(before) - waterOf(cleared)).toBeCloseTo(before.backlogKg! - (before.dryKg! - cleared.dryKg!), 3)
    const watered = at(after(deeds({ day: 1, kind: 'water', litres: 2 })), 1)
    expect(waterOf(watered) - waterOf(before)).toBeCloseTo(2, 3)
    const moved = after(deeds({ day: 1, kind: 'move', shelter: shelterOf('room') }), 2)
    // 20 + 0.1 · (15 − 20) = 19.5 °C there, and a little of their own.
    expect(moved.binC[2]! - plain.binC[1]!).toBeGreaterThan((19.5 - 15.1) * (1 - Math.exp(-1 / 1.4)) - 0.05)
    expect(moved.binC[2]! - plain.binC[1]!).toBeLessThan((19.7 - 15) * (1 - Math.exp(-1 / 1.4)) + 0.05)
  })

  it('dies of heat, cold, dryness and sourness, each by so much', () => {
    const lived = (more: Partial<WormCase>) => {
      const { wormsKg } = after(more)
      return wormsKg[1]! / wormsKg[0]!
    }
    // Idle they neither grow nor shrink.
    const idle = { feeds: [] }
    expect(lived({ ...idle, airC: [4] })).toBe(1)
    // 36 °C: 36 − 33 = 3 K, 0.9 each. At −2 °C: 1.5 + 2 = 3.5 K.
    expect(lived({ ...idle, airC: [36] })).toBeCloseTo(Math.exp(-0.9 * 3), 3)
    expect(lived({ ...idle, airC: [-2] })).toBeCloseTo(Math.exp(-0.9 * 3.5), 3)
    // 40 % water: 0.06 a day.
    expect(lived({ ...idle, deeds: [{ day: 0, kind: 'bedding', dryKg: 3, waterKg: 2 }, { day: 0, kind: 'worms', kg: 0.5 }] }))
      .toBeCloseTo(Math.exp(-0.06), 4)
  })

  it('carries castings off into the soil of a bed, and takes the rain that gets in', () => {
    const closed = after({}, 2)
    const open = after({ carriedOffDay: 0.04 }, 2)
    expect(open.castingsL[1]! / closed.castingsL[1]!).toBeCloseTo(0.96, 4)
    // 10 mm on half a square metre, half of it gets in: 2.5 L.
    const waterOf = (course: WormCourse) => course.dryKg[1]! * course.moisture[1]! / (1 - course.moisture[1]!)
    expect(waterOf(after({ rainShare: 0.5, rainMm: [10] })) - waterOf(after({}))).toBeCloseTo(2.5, 4)
  })

  it('is fed on from its day, every so many days, pocket after pocket', () => {
    const feeding = { fromDay: 1, everyDays: 3, feed: { dryKg: 0.1, waterKg: 0.4 } }
    const { inKg } = after({ feeding }, 8)
    expect([...inKg].map(kg => Math.round(10 * (kg - 3.2)))).toEqual([0, 1, 1, 1, 2, 2, 2, 3, 3])
  })
})
