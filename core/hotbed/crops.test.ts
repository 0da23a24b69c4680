import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { comesUp, cropOf, CROPS, sowing } from './crops'

const steady = (celsius: number, days = 200) => Array<number>(days).fill(celsius)
const radish = cropOf('radish')!
const cucumber = cropOf('cucumber')!

describe('what is sown in a hotbed', () => {
  it('comes up by its warmth: radishes at 18 °C after 4 days, cucumbers after 10, and not at all below what they want', () => {
    // 60 ÷ (18 − 3) = 4 days; 60 ÷ (18 − 12) = 10 days.
    expect(sowing(radish, steady(18), 0).up).toBe(4)
    expect(sowing(cucumber, steady(18), 0).up).toBe(10)
    expect(sowing(cucumber, steady(16), 0)).toEqual({ up: undefined, from: undefined, to: undefined })
    expect(sowing(cropOf('lettuce')!, steady(28), 0).up).toBeUndefined()
    expect([comesUp(radish, 7), comesUp(radish, 6.9), comesUp(radish, 33)]).toEqual([true, false, false])
  })

  it('is had so many days later in a soil of 18 °C, later in the cool: radishes 22 to 38 days after they are up', () => {
    expect(sowing(radish, steady(18), 10)).toEqual({ up: 14, from: 36, to: 52 })
    // Twelve kelvin less: half the pace.
    expect(sowing(radish, steady(18 - 12), 10).up).toBeUndefined()
    const cool = sowing(radish, [...steady(18, 14), ...steady(6)], 10)
    expect(cool.up).toBe(14)
    expect(cool.from! - 14).toBe(44)
  })

  it('never comes up before it is sown, nor is had before it is up; a warmer soil within its range is never later', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...CROPS), fc.double({ min: 8, max: 24, noNaN: true }), fc.integer({ min: 0, max: 60 }),
        (crop, celsius, day) => {
          const { up, from, to } = sowing(crop, steady(celsius, 400), day)
          if (up !== undefined) expect(up).toBeGreaterThan(day)
          if (up !== undefined && from !== undefined) expect(from).toBeGreaterThan(up)
          if (from !== undefined && to !== undefined) expect(to).toBeGreaterThanOrEqual(from)
          const warmer = sowing(crop, steady(Math.min(crop.toC, celsius + 1), 400), day)
          if (up !== undefined && celsius + 1 <= crop.toC) expect(warmer.up).toBeLessThanOrEqual(up)
        }))
    for (const {
      fromC, toC, baseC, toHarvest: { low, typical, high },
    } of CROPS)
      expect(baseC < fromC && fromC < toC && low < typical && typical < high).toBe(true)
  })

  it('hardly grows below ten hours of daylight, however warm it stands; leafy ones below nine', () => {
    const [soil, long, short] = [steady(18, 200), steady(14, 200), steady(9.5, 200)]
    const had = (id: string, light: number[]) => sowing(cropOf(id)!, soil, 0, light).from
    expect(had('radish', short)).toBeUndefined()
    // Grown to 22 days' worth of a day of 12.5 hours: 14 hours are worth 1.12 of it.
    expect(had('radish', long)).toBe(4 + Math.ceil(22 / 1.12))
    expect(had('lettuce', short)).toBe(5 + Math.ceil(30 / (9.5 / 12.5)))
    expect(had('lettuce', steady(8.5, 200))).toBeUndefined()
    // It comes up in the dark all the same.
    expect(sowing(cropOf('radish')!, soil, 0, short).up).toBe(4)
  })
})
