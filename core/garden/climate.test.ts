import { dayOfYear } from '../units/time'
import { describe, expect, it } from 'vitest'
import { CLIMATES, usualRainMm, usualTemperatureC } from './climate'

const mean = (months: readonly number[]) => months.reduce((sum, one) => sum + one, 0) / months.length
const sum = (months: readonly number[]) => months.reduce((all, one) => all + one, 0)
const of = (id: string) => CLIMATES.find(one => one.id === id)!

describe('the made-up climates', () => {
  it('change from month to month as weather does: no jump of more than six degrees or fifty millimetres', () => {
    for (const { id, meanC, rainMm } of CLIMATES) {
      for (let month = 0; month < 12; month++) {
        expect(Math.abs(meanC[month]! - meanC[(month + 1) % 12]!), `${id} ${month}`).toBeLessThanOrEqual(6)
        expect(Math.abs(rainMm[month]! - rainMm[(month + 1) % 12]!), `${id} ${month}`).toBeLessThanOrEqual(50)
      }
    }
  })

  it('have one summer: warmer up to one month, cooler after it', () => {
    for (const { id, meanC } of CLIMATES) {
      const turns = meanC.filter((celsius, month) => {
        const [before, after] = [meanC[(month + 11) % 12]!, meanC[(month + 1) % 12]!]
        return celsius > before && celsius >= after
      })
      expect(turns, id).toHaveLength(1)
    }
  })

  it.each<readonly [string, number, number, number]>([
    // Mean of the year, °C; warmest less coldest, K; rain of the year, mm.
    ['mild-coast', 11.25, 11, 885],
    ['inland-plain', 9.92, 20, 595],
    ['high-valley', 5.58, 19, 990],
    ['dry-south', 16.33, 18, 515],
    ['humid-lowland', 16.58, 22, 1190],
    ['southern-hills', 13.5, 13, 690],
  ])('%s is what its hint says', (id, yearC, spanK, yearMm) => {
    const { meanC, rainMm } = of(id)
    expect(mean(meanC)).toBeCloseTo(yearC, 1)
    expect(Math.max(...meanC) - Math.min(...meanC)).toBe(spanK)
    expect(sum(rainMm)).toBe(yearMm)
  })

  it('are the mean of a month in its middle, and between two months in between', () => {
    const inland = of('inland-plain')
    // The middle of January is day 15.2, that of February 45.7.
    expect(usualTemperatureC(inland, 0.5 * 30.4375)).toBeCloseTo(0, 9)
    expect(usualTemperatureC(inland, 30.4375)).toBeCloseTo(0.5, 9)
    expect(usualTemperatureC(inland, 6.5 * 30.4375)).toBeCloseTo(20, 9)
    expect(usualTemperatureC(inland, 6.5 * 30.4375 + 365.25)).toBeCloseTo(20, 6)
    expect(dayOfYear(new Date(2026, 0, 1))).toBeCloseTo(0, 0)
  })

  it('rain over a month what the month has', () => {
    const days = Array.from({ length: 31 }, (_, day) => usualRainMm(of('mild-coast'), new Date(2026, 0, 1 + day, 12)))
    expect(sum(days)).toBeGreaterThan(80)
    expect(sum(days)).toBeLessThan(100)
  })
})
