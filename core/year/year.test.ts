import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { PURPOSES, type Purpose } from '#core/methods/contract'
import { range } from '#core/units/range'
import { allot } from './allot'
import { answerIn, inOrderOfService, inOrderOfUse, yearAnswer } from './answer'
import { finenessOf } from './serves'
import type { Stage, Stock, Want } from './stock'
import { valueAt, worldsOf, type World } from './worlds'

const exactly = (value: number) => range(value, value, value)
const stage = (serves: readonly Purpose[], day: number, litres: number, more: Partial<Stage> = {}): Stage =>
  ({ label: 'stuff', serves, days: exactly(day), litres: exactly(litres), ...more })
const stock = (id: string, ...stages: Stage[]): Stock => ({ id, kind: 'batch', name: id, stages })
const want = (id: string, purpose: Purpose, litres: number, toDay: number, fromDay = 0): Want => ({ id, purpose, litres, fromDay, toDay })
const then = (day: number, litres: number) => ({ day, litres, untilDay: Infinity })
const total = (given: Float64Array) => given.reduce((sum, one) => sum + one, 0)

describe('a year by hand', () => {
  it('gives the exact chance of three batches with two days and two amounts each', () => {
    // Wanted: 100 L by day 30. A: 60 L on day 10 or 40. B: 50 or 20 L on day 20. C: 45 L on day 25 or 50. All halves.
    // Met when A + B + C by day 30 ≥ 100:
    //   A in time (1/2): 60 + B + C: B 50 → 110 met with or without C (1/2 · 1); B 20 → 80 + C 45 = 125 only with C (1/2 · 1/2) → 3/4
    //   A late (1/2): B + C at most 95: never.
    // 1/2 · 3/4 = 3/8. Short, sorted: three times 0, then 5, 20, 35, 50, 80: four fifths along the eight is 50.
    const stocks = ['a', 'b', 'c'].map(id => stock(id, stage(['beds'], 0, 1)))
    const worlds: World[] = [10, 40].flatMap(a => [50, 20].flatMap(b => [25, 50].map((c): World =>
      [[then(a, 60)], [then(20, b)], [then(c, 45)]])))
    const answer = answerIn(stocks, [want('beds', 'beds', 100, 30)], worlds)
    expect(answer.needs[0]?.chance).toBe(3 / 8)
    expect(answer.needs[0]?.shortL).toBe(50)
  })

  it('keeps the fine stuff for what nothing else can do, and frees it where it was taken', () => {
    // 100 L of compost, 80 L of fine mould. Beds want 120 L first, seeds 70 L later: beds get 100 + 10, seeds 70.
    const stocks = inOrderOfUse([
      stock('mould', stage(['seeds', 'potting', 'beds', 'mulch'], 0, 80)), stock('compost', stage(['potting', 'beds', 'mulch'], 0, 100)),
    ])
    expect(stocks.map(({ id }) => id)).toEqual(['compost', 'mould'])
    const wants = [want('beds', 'beds', 120, 10), want('seeds', 'seeds', 70, 20)]
    const { given, left } = allot(stocks, wants, [[then(0, 100)], [then(0, 80)]])
    expect(given.map(total)).toEqual([120, 60])
    expect(Array.from(left)).toEqual([0, 0])
    // Beds may make do with bark mulch of another kind as soon as there is some: mould is freed for seeds.
    const more = [...stocks, stock('other', stage(['beds'], 15, 30))]
    const late = allot(more, [want('beds', 'beds', 120, 16), want('seeds', 'seeds', 70, 20)],
      [[then(0, 100)], [then(0, 80)], [then(15, 30)]])
    expect(late.given.map(total)).toEqual([120, 70])
  })

  it('a cage is mulch first and mould later, made of the same leaves', () => {
    // 300 L of mulch from day 0, 150 L of mould from day 100. 100 L taken as mulch are a third: 100 L of mould are left.
    const cage = stock('cage', stage(['mulch'], 0, 300), stage(['potting', 'mulch'], 100, 150))
    const wants = [want('mulch', 'mulch', 100, 50), want('pots', 'potting', 120, 150)]
    const { given } = allot([cage], wants, [[then(0, 300), then(100, 150)]])
    expect(total(given[0]!)).toBeCloseTo(100, 6)
    expect(total(given[1]!)).toBeCloseTo(100, 6)
  })

  it('what passes is of no use after it has, and a stuff that was named is the only one that will do', () => {
    const brew = stock('brew', stage(['feeding'], 5, 10, { lastsDays: 3 }))
    const when = (from: number, to: number) =>
      total(allot([brew], [want('feed', 'feeding', 5, to, from)], [[{ day: 5, litres: 10, untilDay: 8 }]]).given[0]!)
    expect([when(0, 6), when(7, 20), when(9, 20)]).toEqual([5, 5, 0])
    const named = { ...want('mould', 'potting', 5, 10), materialId: 'leaf-mould' }
    const compost = stock('c', stage(['potting'], 0, 50, { materialId: 'compost-finished' }))
    expect(total(allot([compost], [named], [[then(0, 50)]]).given[0]!)).toBe(0)
  })

  it('a quarter of the pace is weather in common, and what nobody looked as far as is later still', () => {
    const days = range(100, 200, 300)
    const of = (id: string, more: Partial<Stage> = {}) => stock(id, { ...stage(['beds'], 0, 1), days, ...more })
    const drawn = worldsOf([of('a'), of('b'), of('c', { orLater: true })], 4000, 9)
    const column = (index: number) => drawn.map(world => world[index]![0]!.day)
    const mean = (all: readonly number[]) => all.reduce((sum, one) => sum + one, 0) / all.length
    const covariance = (a: readonly number[], b: readonly number[]) => mean(a.map((one, at) => (one - mean(a)) * (b[at]! - mean(b))))
    const [a, b, c] = [column(0), column(1), column(2)]
    // Three standard errors of a correlation of 4,000: 0.047.
    expect(Math.abs(covariance(a, b) / Math.sqrt(covariance(a, a) * covariance(b, b)) - 0.25)).toBeLessThan(0.047)
    // One in ten lies beyond 200 + 1.6 · 100 days.
    expect(Math.abs(c.filter(day => day > 360).length / 4000 - 0.1)).toBeLessThan(0.0143)
  })

  it('the middle and the ends of a range are where they are said to be', () => {
    const days = range(20, 30, 60)
    expect(valueAt(days, 0)).toBe(30)
    expect(valueAt(days, -1.2815515655)).toBeCloseTo(20, 6)
    expect(valueAt(days, 1.2815515655)).toBeCloseTo(60, 6)
    expect(valueAt(days, -50)).toBe(0)
    const late = worldsOf([stock('a', { ...stage(['beds'], 0, 1), days })], 4000, 3).map(([one]) => one![0]!.day)
    // One in ten before 20, one in ten after 60: within three standard errors of 4,000 draws, 0.0142.
    expect(late.filter(day => day < 20).length / 4000).toBeCloseTo(0.1, 1.54)
    expect(late.filter(day => day > 60).length / 4000).toBeCloseTo(0.1, 1.54)
  })
})

const purposes = fc.subarray([...PURPOSES], { minLength: 1, maxLength: 3 })
const stageOf = fc.record({ serves: purposes, day: fc.nat(300), litres: fc.integer({ min: 1, max: 300 }) })
const stockOf = fc.array(stageOf, { minLength: 1, maxLength: 3 })
const wantOf = fc.record(
  { purpose: fc.constantFrom(...PURPOSES.slice(0, 4)), litres: fc.integer({ min: 1, max: 200 }), toDay: fc.nat(400) })
const gardenOf = fc.record(
  { stocks: fc.array(stockOf, { minLength: 1, maxLength: 6 }), wants: fc.array(wantOf, { minLength: 1, maxLength: 6 }) })
type Drawn = { readonly serves: Purpose[], readonly day: number, readonly litres: number }

/** Stages in their order, each of no more litres than the one before. */
function built(stocks: readonly (readonly Drawn[])[]): { readonly stocks: Stock[], readonly world: World } {
  const inTurn = stocks.map(stages => [...stages].sort((a, b) => a.day - b.day).map((one, index, all) =>
    ({ ...one, litres: Math.min(...all.slice(0, index + 1).map(({ litres }) => litres)) })))
  return {
    stocks: inTurn.map((stages, index) => stock(`s${index}`, ...stages.map(({ serves, day, litres }) => stage(serves, day, litres)))),
    world: inTurn.map(stages => stages.map(({ day, litres }) => then(day, litres))),
  }
}
const wanted = (wants: readonly { purpose: Purpose, litres: number, toDay: number }[]) =>
  inOrderOfService(wants.map(({ purpose, litres, toDay }, index) => want(`w${index}`, purpose, litres, toDay)))

describe('in any garden', () => {
  it('another batch never takes anything from a need', () => {
    fc.assert(fc.property(gardenOf, stockOf, ({ stocks, wants }, extra) => {
      const [before, after] = [built(stocks), built([...stocks, extra])]
      const all = wanted(wants)
      const served = (one: { readonly stocks: Stock[], readonly world: World }) =>
        allot(one.stocks, all, one.world).given.map(total)
      const less = served(before)
      served(after).forEach((litres, index) => expect(litres).toBeGreaterThanOrEqual(less[index]! - 1e-4))
    }), { numRuns: 1500 })
  })

  it('no more is used of a stock than there was, by nothing that will not do, before it has come, nor more than was wanted', () => {
    fc.assert(fc.property(gardenOf, ({ stocks: drawn, wants }) => {
      const { stocks, world } = built(drawn)
      const all = wanted(wants)
      const { given, left, came } = allot(stocks, all, world)
      stocks.forEach(({ stages }, index) => {
        let share = 0
        all.forEach((one, of) => {
          const litres = given[of]![index]!
          if (litres <= 1e-7) return
          const at = stages.findLastIndex(({ serves }, of) => world[index]![of]!.day <= one.toDay && serves.includes(one.purpose))
          expect(at).toBeGreaterThanOrEqual(0)
          expect(stages[at]!.serves).toContain(one.purpose)
          share += litres / world[index]![at]!.litres
        })
        expect(share).toBeLessThanOrEqual(1 + 1e-6)
        expect(1 - share).toBeCloseTo(left[index]! / came[index]!, 5)
      })
      all.forEach(({ litres }, index) => expect(total(given[index]!)).toBeLessThanOrEqual(litres + 1e-6))
    }), { numRuns: 800 })
  })

  it('a later need is never harder, and a window moved later never helps', () => {
    fc.assert(fc.property(gardenOf, fc.nat(200), ({ stocks: drawn, wants }, later) => {
      const { stocks, world } = built(drawn.map(([first]) => [first!]))
      const all = wanted(wants)
      const total0 = allot(stocks, all, world).given.map(total)
      // All of them later by as much: none comes before another that it did not come before.
      allot(stocks, all.map(one => ({ ...one, toDay: one.toDay + later })), world).given
        .map(total).forEach((litres, index) => {
          if (index === 0) expect(litres).toBeGreaterThanOrEqual(total0[index]! - 1e-6)
        })
      const moved = world.map(stages => stages.map(one => ({ ...one, day: one.day + later })))
      expect(allot(stocks, all, moved).given.map(total)[0]).toBeLessThanOrEqual(total0[0]! + 1e-6)
    }), { numRuns: 500 })
  })

  it('each need gets as much as any handing out could give it, after those before it', () => {
    // Linear programming by hand is not needed where every stage is one litre for one: the cut of Hall over all sets of wants.
    fc.assert(fc.property(gardenOf, ({ stocks: drawn, wants }) => {
      const { stocks, world } = built(drawn.map(([first]) => [first!]))
      const all = wanted(wants)
      const { given } = allot(stocks, all, world)
      const fits = (s: number, w: number) =>
        world[s]![0]!.day <= all[w]!.toDay && stocks[s]!.stages[0]!.serves.includes(all[w]!.purpose)
      for (let first = 1; first <= all.length; first++) {
        let most = Infinity
        for (let set = 0; set < 2 ** first; set++) {
          const inside = (w: number) => (set >> w) % 2 === 1
          const outside = all.slice(0, first).reduce((sum, { litres }, w) => inside(w) ? sum : sum + litres, 0)
          const reach = stocks.reduce((sum, _, s) =>
            all.slice(0, first).some((__, w) => inside(w) && fits(s, w)) ? sum + world[s]![0]!.litres : sum, 0)
          most = Math.min(most, outside + reach)
        }
        expect(given.slice(0, first).reduce((sum, one) => sum + total(one), 0)).toBeCloseTo(most, 3)
      }
    }), { numRuns: 400 })
  })

  it('a batch beside others leaves their chances as they were, and the same seed is the same year', () => {
    const [a, b] = [stock('a', { ...stage(['beds'], 0, 50), days: range(5, 20, 60) }),
      stock('b', { ...stage(['mulch'], 0, 50), days: range(1, 2, 9) })]
    expect(worldsOf([a], 50, 7).map(([one]) => one)).toEqual(worldsOf([b, a], 50, 7).map(([, one]) => one))
    const wants = [want('beds', 'beds', 40, 25)]
    expect(yearAnswer([a, b], wants, 7)).toEqual(yearAnswer([b, a], wants, 7))
    const { chance } = yearAnswer([a], wants, 7).needs[0]!
    expect(chance).toBeGreaterThan(0.5)
    expect(chance).toBeLessThan(0.75)
  })

  it('the finest of what can be done decides what is kept back', () => {
    expect(finenessOf(['mulch'])).toBeLessThan(finenessOf(['beds', 'mulch']))
    expect(finenessOf(['potting'])).toBeLessThan(finenessOf(['seeds']))
  })
})
