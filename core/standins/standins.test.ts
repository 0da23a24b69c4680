import { describe, expect, it } from 'vitest'
import { CLIMATES } from '../garden/climate'
import { simulatedProbe } from './probe'
import { simulatedWeather } from './weather'

const NOW = new Date('2026-05-10T10:01:00.000Z')
const PLACE = { coreC: 58, edgeC: 34, day: 4 }
const later = (minutes: number) => new Date(NOW.getTime() + minutes * 60_000)

describe('the simulated probe', () => {
  it('says the same within five minutes and drops out now and then', () => {
    expect(simulatedProbe('p1', NOW, PLACE)).toEqual(simulatedProbe('p1', later(2), PLACE))
    const answers = Array.from({ length: 400 }, (_, slot) => simulatedProbe('p1', later(5 * slot), PLACE))
    const lost = answers.filter(({ status }) => status === 'no-signal').length
    expect(lost).toBeGreaterThan(20)
    expect(lost).toBeLessThan(90)
  })

  it('reads what is true of its place, a little off', () => {
    const answer = Array.from({ length: 5 }, (_, slot) => simulatedProbe('p2', later(5 * slot), PLACE)).find(
      ({ status }) => status === 'reading',
    )
    if (answer?.status !== 'reading') throw new Error('no reading in five slots')
    expect(Math.abs(answer.coreC - PLACE.coreC)).toBeLessThan(3)
    expect(Math.abs(answer.edgeC - PLACE.edgeC)).toBeLessThan(4)
    expect(answer.batteryPct).toBe(96)
  })
})

describe('the simulated weather', () => {
  it('is the same for the same days and keeps to the climate over a year', () => {
    const climate = CLIMATES[1]!
    const year = simulatedWeather(climate, 'place', new Date(2026, 0, 1), 365)
    expect(simulatedWeather(climate, 'place', new Date(2026, 0, 1), 365)).toEqual(year)
    expect(year.every(({ minC, maxC, rainMm }) => minC < maxC && rainMm >= 0)).toBe(true)
    const mean = year.reduce((sum, { minC, maxC }) => sum + (minC + maxC) / 2, 0) / 365
    const usual = climate.meanC.reduce((sum, month) => sum + month, 0) / 12
    expect(Math.abs(mean - usual)).toBeLessThan(1)
    const rain = year.reduce((sum, { rainMm }) => sum + rainMm, 0)
    const usualRain = climate.rainMm.reduce((sum, month) => sum + month, 0)
    expect(rain / usualRain).toBeGreaterThan(0.75)
    expect(rain / usualRain).toBeLessThan(1.3)
  })
})
