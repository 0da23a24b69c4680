import { balancedOf } from '../methods/contract'
import { describe, expect, it } from 'vitest'
import { CUBE, HOT, some } from '../../test/builders/benches'
import { surroundingsOn } from '../../test/builders/heaps'
import { hotHeap } from '../methods/hot-heap'
import { APPROACHES } from '../methods/hot-heap/approaches'
import { daysAbove, hottest } from '../methods/hot-heap/ahead'
import type { HeatedQuestion } from '../methods/heated/question'
import type { Forecast, Proposal } from '../methods/contract'
import { batchAhead, PLANNED_ID, questionAhead } from './ahead'
import { judged } from './planned'

const MIXES = [
  [some('leaves-mixed', 9, 'sack'), some('grass-clippings', 42, 'bucket'), some('kitchen-veg', 5, 'bucket')],
  [some('straw-wheat', 8, 'sack'), some('grass-clippings', 30, 'bucket'), some('veg-haulm', 4, 'sack')],
  [some('horse-manure-straw', 10, 'barrow'), some('leaves-mixed', 6, 'sack')],
]
const proposalOf = (ingredients: (typeof MIXES)[number], approachId = 'weekly'): Proposal => {
  const { waterL, measures } = judged(ingredients, balancedOf(HOT)!.mixing.comfort(approachId))!
  return { site: { kind: 'vessel', vessel: CUBE }, approachId, answers: {}, ingredients, waterL, volumeL: measures.volumeL }
}
const surroundings = surroundingsOn(0, 15)
function forecastOf(proposal: Proposal): Forecast {
  const batch = batchAhead(proposal, HOT, surroundings.now)!
  const steps = hotHeap.life.forecaster!.answer(questionAhead(batch, HOT, surroundings) as HeatedQuestion)
  let step = steps.next()
  while (!step.done) step = steps.next()
  return step.value
}

describe('a plan as the batch it would be', () => {
  const [mix] = MIXES
  it('holds what the plan holds, begun on that day, and nothing while nothing is in it', () => {
    const batch = batchAhead(proposalOf(mix!), HOT, surroundings.now)!
    expect(batch.began).toMatchObject({ at: surroundings.now.toISOString(), methodId: HOT.id, approachId: 'weekly' })
    expect(batch.puts[0]!.inputs.map(({ materialId }) => materialId)).toEqual(['leaves-mixed', 'grass-clippings', 'kitchen-veg'])
    expect(batchAhead({ ...proposalOf(mix!), ingredients: [] }, HOT, surroundings.now)).toBeUndefined()
  })

  it('asks the same on the same day and something else on another', () => {
    const ask = (days: number) =>
      JSON.stringify(
        questionAhead(batchAhead(proposalOf(mix!), HOT, new Date(surroundings.now.getTime() + days * 864e5))!, HOT, surroundings),
      )
    expect(ask(0)).toBe(ask(0))
    expect(ask(7)).not.toBe(ask(0))
  })

  it('is told in facts: how hot, for how long, how high, ready when', () => {
    const forecast = forecastOf(proposalOf(mix!))
    const batch = batchAhead(proposalOf(mix!), HOT, surroundings.now)!
    const facts = balancedOf(HOT)!.mixing.ahead(batch, { ...surroundings, forecastOf: id => id === PLANNED_ID ? forecast : undefined })
    expect(facts.map(({ label }) => label)).toEqual(['Hottest', 'Hot days', 'Stands', 'Ready'])
    expect(facts[0]!.value).toMatch(/^\d\d–\d\d °C$/)
    expect(balancedOf(HOT)!.mixing.ahead(batch, surroundings)).toEqual([])
  })
})

describe('how hot it would get', () => {
  it('is a range where it heats, and says so where it may as well stay cold', () => {
    const told = (low: number, typical: number, high: number) =>
      hottest(low, { celsius: typical, day: 4 }, high, 'metric').value.replace(/\u00A0/g, ' ')
    expect(told(48, 57, 63)).toBe('48–63 °C')
    expect(told(-1, 41, 59)).toBe('about 41 °C, at most 59 °C; or it stays cold')
    expect(told(-3, 8, 44)).toBe('it may stay cold; at most 44 °C')
    expect(told(-3, 4, 9)).toBe('under 30 °C: it stays cold')
    // A core of 15 °C has not begun, one of 25 °C has.
    expect(told(15, 50, 60)).toBe('about 50 °C, at most 60 °C; or it stays cold')
    expect(told(25, 50, 60)).toBe('25–60 °C')
  })
})

describe('days above a temperature', () => {
  it('are counted straight between the times noted', () => {
    // 50 to 60 over two days crosses 55 half way; 60 for a day; 60 to 40 over two days is above for a quarter of them.
    expect(daysAbove(Float64Array.of(0, 2, 3, 5), Float32Array.of(50, 60, 60, 40), 55)).toBeCloseTo(1 + 1 + 0.5, 9)
    expect(daysAbove(Float64Array.of(0, 2), Float32Array.of(10, 20), 55)).toBe(0)
  })
})

describe('what is said before there is a forecast', () => {
  const forecasts = APPROACHES.map(({ id }) => ({ id, of: MIXES.map(mix => forecastOf(proposalOf(mix, id))) }))
  const middle = (values: readonly number[]) => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)]!

  it.each(APPROACHES.map(({ id, readyDays }) => [id, readyDays] as const))(
    '%s: the usual days to ready are those of the model, give or take a third',
    (id, [earliest, latest]) => {
      const windows = forecasts.find(one => one.id === id)!.of.map(({ windows: { ready } }) => ready!.now)
      expect(earliest / middle(windows.map(({ low }) => low))).toBeGreaterThan(0.67)
      expect(earliest / middle(windows.map(({ low }) => low))).toBeLessThan(1.5)
      expect(latest / middle(windows.map(({ high }) => high))).toBeGreaterThan(0.67)
      expect(latest / middle(windows.map(({ high }) => high))).toBeLessThan(1.5)
    })

  it('of how high it stands is what the model says of it, within a twentieth', () => {
    const shares = forecasts[0]!.of.map(({ series }, at) => series.heightM!.typical[0]! / (proposalOf(MIXES[at]!).volumeL / 1440))
    expect(middle(shares) / balancedOf(HOT)!.sizing.standsShare).toBeGreaterThan(0.95)
    expect(middle(shares) / balancedOf(HOT)!.sizing.standsShare).toBeLessThan(1.05)
  })
})
