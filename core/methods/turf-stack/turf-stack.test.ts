import { describe, expect, it } from 'vitest'
import { afterDays, aroundOn, begun, finished, MILD_YEAR, put, seen, took } from '../../../test/builders/batches'
import { amountVolumeL, LITRE } from '../../units/container'
import type { NewEvent } from '../../journal/event'
import type { Answers } from '../../questions/answers'
import type { Surroundings } from '../contract'
import { turfStack } from './index'

const { plan, life } = turfStack
const [CORNER, CRATE] = plan.sites
const TEN_M2: Answers = { areaM2: 10, thickM: 0.04, grown: 'lawn' }
const stack = (since: readonly NewEvent[] = [], approachId = 'covered', answers: Answers = TEN_M2) =>
  begun({ methodId: turfStack.id, approachId, site: CORNER!, answers, waterL: 20, inputs: [] }, since)
/** Watered as it asks for, so that nothing but warmth counts. */
const WATERED = Array.from({ length: 12 }, (_, index) => put(80 * (index + 1), [], 20))
const draft = (answers: Answers, approachId = 'covered', site = CORNER!) =>
  plan.draft({ site, approachId, answers, ingredients: [], waterL: 0, volumeL: 0 }, aroundOn(0))
/** The middle of its window, days since it was stacked; before any forecast. */
function months(batch: ReturnType<typeof stack>, around: Surroundings): readonly [number, number] {
  const [window] = life.windows(batch, around)
  return [window!.from, window!.to].map(at => (at.getTime() - Date.parse(afterDays(0))) / 86_400_000 / 30.4) as [number, number]
}

describe('a stack of turves', () => {
  it('of 10 m² and 4 cm is 400 L, a third of a metre high on 1.2 m², and gives 240 to 300 L of loam', () => {
    const { summary, gives, recipe, verdict, facts } = draft(TEN_M2)
    expect(summary).toMatch(/^400 L of turf, 33 cm high/)
    expect(gives[0]!.litres).toEqual({ low: 240, typical: 270, high: 300 })
    expect(recipe).toMatchObject([{ material: { id: 'turf' }, amount: { container: { id: 'barrow' } } }])
    expect(amountVolumeL(recipe![0]!.amount)).toBeCloseTo(400, 9)
    expect(verdict.grade).toBe('good')
    expect(facts[0]!.value).toBe('33 cm')
    // In a crate of 0.8 m²: half a metre.
    expect(draft(TEN_M2, 'covered', CRATE).summary).toMatch(/50 cm high/)
    // 45 m² are 1.5 m high on it: it leans. 60 m² would be 2 m.
    expect(draft({ ...TEN_M2, areaM2: 45 }).verdict).toMatchObject({ grade: 'workable', text: expect.stringMatching(/leans/) })
    expect(draft({ ...TEN_M2, areaM2: 60 }).verdict).toMatchObject({ grade: 'poor', text: expect.stringMatching(/falls over/) })
    expect(draft({ ...TEN_M2, areaM2: 0 }).refusal).toMatch(/how much was lifted/)
    expect(life.outputs(stack(), aroundOn(200))).toMatchObject([{ materialId: 'loam', expectedL: 270 }])
    // 135 L of loam out are half of it: 200 L of turf are left, and 135 L to come.
    const halved = stack([took(300, [['loam', 135, LITRE]])])
    expect(life.facts(halved, aroundOn(301))[0]!.value).toBe('200 L')
    expect(life.outputs(halved, aroundOn(301))[0]!.expectedL).toBeCloseTo(135, 6)
  })

  it('stacked in spring is loam after six to twelve months where it is mild', () => {
    // The builders' year begins in April.
    const [from, to] = months(stack(WATERED), aroundOn(1, { meanC: MILD_YEAR }))
    expect(from).toBeGreaterThan(4.5)
    expect(from).toBeLessThan(9)
    expect(to).toBeGreaterThan(7)
    expect(to).toBeLessThan(16)
  })

  it('is planned as it is forecast: the same months before and after it was stacked', () => {
    const around = aroundOn(0, { meanC: MILD_YEAR })
    const [gift] = draft(TEN_M2).gives
    const [window] = life.windows(stack(), around)
    for (const [planned, told] of [[gift!.from, window!.from], [gift!.to, window!.to]] as const)
      expect(Math.abs(planned.getTime() - told.getTime()) / 86_400_000).toBeLessThan(60)
  })

  it('comes sooner in warmth, with water, under cover, and without roots that creep', () => {
    const at = (batch: ReturnType<typeof stack>, meanC: readonly number[] = MILD_YEAR) =>
      months(batch, aroundOn(1, { meanC, rainMm: 0 }))[0]
    const usual = at(stack(WATERED))
    expect(at(stack(WATERED), MILD_YEAR.map(celsius => celsius + 3))).toBeLessThan(usual)
    // Left dry for half a year, it has that to make up for.
    expect(months(stack(), aroundOn(250, { rainMm: 0 }))[0]).toBeGreaterThan(months(stack(WATERED), aroundOn(250, { rainMm: 0 }))[0] * 1.1)
    expect(at(stack(WATERED, 'open')) / usual).toBeGreaterThan(1.15)
    expect(at(stack(WATERED, 'covered', { ...TEN_M2, grown: 'creeping' })) / usual).toBeGreaterThan(1.4)
  })

  it('does nothing in the cold: a year at 4 °C leaves it as it was', () => {
    const cold = aroundOn(365, { meanC: new Array<number>(12).fill(4) })
    expect(life.standing(stack(WATERED), cold).figure).toBe('0 %')
    expect(life.told(stack(WATERED), cold)).toBe('Now: hardly begun.')
    // At 12 °C a day counts for a day: 97 of 195 are half of the way.
    const half = aroundOn(97.5, { meanC: new Array<number>(12).fill(12) })
    expect(life.standing(stack(WATERED), half).figure).toBe('50 %')
    expect(life.told(stack(WATERED), half)).toBe('Now: about half way to loam.')
    // At 22 °C for two.
    expect(life.standing(stack(WATERED), aroundOn(48, { meanC: new Array<number>(12).fill(22) })).figure).toMatch(/^(49|50) %$/)
  })

  it('open to the sky counts dry days for two fifths, and a day with 1.2 mm of rain in full', () => {
    const open = (rainMm: number) =>
      life.standing(stack([], 'open'), aroundOn(200, { meanC: new Array<number>(12).fill(12), rainMm })).figure
    // Open it wants 1.4 · 195 = 273 days. Moist, 200 of them: 73 %. Dry after the first 90: (90 + 0.4 · 110)/273 = 49 %.
    expect(open(1.2)).toBe('73 %')
    expect(open(1.1)).toBe('49 %')
  })

  it('learns from looks: grass that is gone early brings it nearer, roots that are tough put it off', () => {
    const window = (since: readonly NewEvent[]) => {
      const batch = stack([...WATERED, ...since])
      const question = life.forecaster!.ask(batch, aroundOn(120))!
      return finished(life.forecaster!.answer(question)).windows.ready!.now
    }
    const [quick, none, slow] = [window([seen(60, 'roots', 'breaking')]), window([]), window([seen(115, 'grass', 'green')])]
    expect(quick.typical).toBeLessThan(none.typical * 0.9)
    expect(slow.typical).toBeGreaterThan(none.typical * 1.1)
    expect(none.low).toBeLessThan(none.typical)
  })

  it('asks for a look in two months, for water when it is covered and dry, and for the sieve when it should crumble', () => {
    const asked = (day: number, since: readonly NewEvent[] = [], way = 'covered') =>
      life.tasks(stack(since, way), aroundOn(day)).map(({ action, due }) => [action, due.toISOString().slice(0, 10)])
    expect(asked(1)).toEqual([['grass', afterDays(60).slice(0, 10)], ['watered', afterDays(85).slice(0, 10)]])
    expect(asked(1, [], 'open').map(([action]) => action)).toEqual(['grass'])
    expect(asked(70, [seen(65, 'grass', 'gone')])[0]).toEqual(['roots', afterDays(125).slice(0, 10)])
    expect(asked(420, WATERED).map(([action]) => action)).toContain('take')
  })
})
