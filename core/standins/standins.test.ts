import { describe, expect, it } from 'vitest'
import { CLIMATES } from '../garden/climate'
import { simulatedProbe } from './probe'
import { simulatedWeather } from './weather'

const NOW = new Date('2026-05-10T10:01:00.000Z')
const later = (minutes: number) => new Date(NOW.getTime() + minutes * 60_000)

describe('the simulated probe', () => {
  it('says the same within five minutes and drops out now and then', () => {
    expect(simulatedProbe('p1', NOW, 15, 4)).toEqual(simulatedProbe('p1', later(2), 15, 4))
    const answers = Array.from({ length: 400 }, (_, slot) => simulatedProbe('p1', later(5 * slot), 15, 4))
    const lost = answers.filter(({ status }) => status === 'no-signal').length
    expect(lost).toBeGreaterThan(20)
    expect(lost).toBeLessThan(90)
  })

  it('reads the core warmer than the edge and the edge warmer than the air in a hot heap', () => {
    const answer = Array.from({ length: 5 }, (_, slot) => simulatedProbe('p2', later(5 * slot), 10, 4)).find(({ status }) => status === 'reading')
    if (answer?.status !== 'reading') throw new Error('no reading in five slots')
    expect(answer.coreC).toBeGreaterThan(answer.edgeC + 10)
    expect(answer.edgeC).toBeGreaterThan(12)
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
