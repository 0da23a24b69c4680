import highsLoader from 'highs'
import { beforeAll, describe, expect, it } from 'vitest'
import { lessEq, solve as solveSmall } from 'yalps'
import { randomProblem } from '../../test/builders/problems'
import { findMaterial } from '../materials/book'
import { APPROACHES } from '../methods/hot-heap/approaches'
import { must } from '../../test/builders/bands'
import { judge } from '../mix/judgement'
import { mixBalance, typicalTotals } from '../mix/balance'
import { portionOf } from '../mix/portion'
import { fail, ok } from '../outcome/outcome'
import { seededRandom } from '../random/random'
import { balancedAnswers, costsFor, difference } from './answers'
import { smallestChanges } from './changes'
import { GOALS, goalOf } from './goals'
import type { Offer } from './offer'
import type { Problem } from './problem'
import { GARDEN_EFFORT, solverOf, type LpSolver, type Solver } from './program'
import { keepsTo } from './region'
import { cheapest } from './search'
import { changeText, wayOutText, whyImpossible } from './words'

let solver: Solver
let exact: Solver
beforeAll(async () => {
  const highs = await highsLoader() as unknown as LpSolver
  solver = solverOf(highs, GARDEN_EFFORT)
  exact = solverOf(highs, { gap: 0, seconds: 20 })
})

const bucket = { id: 'bucket', name: 'bucket', plural: 'buckets', volumeL: 12 }
const sack = { id: 'sack', name: 'sack', plural: 'sacks', volumeL: 80 }
const offer = (id: string, most: number, more: Partial<Offer> = {}): Offer => {
  const material = findMaterial(id)!
  return {
    material, most, container: material.bulkDensityKgM3.typical < 160 ? sack : bucket, packing: 'loose', inStore: true,
    daysLeft: material.keepsDays - 1,
    ...more,
  }
}
const STORE = [
  offer('leaves-mixed', 14),
  offer('leaves-shredded', 5),
  offer('grass-clippings', 40),
  offer('kitchen-veg', 6),
  offer('cardboard', 4),
  offer('twigs', 2),
  offer('straw-wheat', 6),
  offer('horse-manure-straw', 24),
  offer('coffee-grounds', 3),
  offer('weeds-soft', 8),
  offer('hay-grass', 3, { inStore: false }),
]
const problemOf = (offers: readonly Offer[], litres: number, step = 1): Problem => ({
  offers, step,
  limits: { comfort: APPROACHES[0]!.comfort, volumeL: { low: litres * 0.75, high: litres }, oneMaterialMost: 1, charMost: 0.1 },
})

describe('balanced answers', () => {
  it.each(GOALS.map(({ id }) => id))('for “%s” are up to three, clearly different, and good by the plain mix arithmetic', (goalId) => {
    const problem = problemOf(STORE, 1200)
    const found = balancedAnswers(problem, { goalId }, solver)
    if (!found.ok) throw new Error(found.error)
    expect(found.value.length).toBeGreaterThanOrEqual(2)
    expect(found.value.length).toBeLessThanOrEqual(3)
    expect(found.value[0]!.goalId).toBe(goalId)
    for (const [at, one] of found.value.entries()) {
      const judged = must(judge(typicalTotals(one.ingredients.map(portionOf)), problem.limits.comfort))
      expect(judged.grade).not.toBe('poor')
      expect(judged.waterL).toBeCloseTo(one.waterL, 9)
      const balance = mixBalance(one.ingredients.map(portionOf), one.waterL)
      expect(balance.ok && balance.value).toEqual(one.measures)
      expect(one.measures.volumeL).toBeGreaterThan(0.59 * problem.limits.volumeL.low)
      expect(one.measures.volumeL).toBeLessThan(1.01 * problem.limits.volumeL.high)
      one.counts.forEach((count, index) => {
        expect(count * 2).toBe(Math.round(count * 2))
        expect(count).toBeLessThanOrEqual(problem.offers[index]!.most)
      })
      for (const other of found.value.slice(at + 1)) expect(difference(one, other)).toBeGreaterThanOrEqual(0.2)
    }
  })

  it('are best in what they were chosen for', () => {
    const problem = problemOf(STORE, 1200)
    const best = (goalId: string) => {
      const found = balancedAnswers(problem, { goalId, most: 1 }, solver)
      if (!found.ok) throw new Error(found.error)
      return found.value[0]!
    }
    const fewest = best('fewest-trips')
    for (const goalId of ['spoils-first', 'most-product', 'fastest']) expect(fewest.containers).toBeLessThanOrEqual(best(goalId).containers)
    expect(best('least-bought').fetchL).toBe(0)
    expect(best('spoils-first').rescuedL).toBeGreaterThan(fewest.rescuedL)
    expect(best('most-product').measures.dryMassKg).toBeGreaterThan(fewest.measures.dryMassKg)
  })

  it('keep what is pinned', () => {
    const pinned = STORE.map(one => one.material.id === 'grass-clippings' ? { ...one, pinned: 17 } : one)
    const found = balancedAnswers(problemOf(pinned, 1200), { goalId: 'fewest-trips' }, solver)
    if (!found.ok) throw new Error(found.error)
    for (const { ingredients } of found.value)
      expect(ingredients.find(({ material }) => material.id === 'grass-clippings')?.amount.count).toBe(17)
  })

  it('may come in any amounts, and then cost no more than in whole containers', () => {
    const costs = costsFor(problemOf(STORE, 1200), goalOf('fewest-trips'))
    const whole = cheapest(problemOf(STORE, 1200), costs, exact)
    const free = cheapest(problemOf(STORE, 1200, 0), costs, exact)
    if (!whole.ok || !free.ok) throw new Error('no answer')
    expect(free.value.cost).toBeLessThanOrEqual(whole.value.cost + 1e-6)
  })

  it('say that nothing fits rather than make something up', () => {
    expect(balancedAnswers(problemOf([offer('grass-clippings', 200)], 1000), { goalId: 'fastest' }, solver)).toEqual({
      ok: false, error: 'impossible',
    })
    expect(balancedAnswers(problemOf([], 1000), { goalId: 'fastest' }, solver)).toEqual({ ok: false, error: 'impossible' })
  })
})

describe('when nothing fits', () => {
  const ways = (problem: Problem) => {
    expect(balancedAnswers(problem, { goalId: 'fewest-trips' }, solver)).toEqual({ ok: false, error: 'impossible' })
    const found = smallestChanges(problem, exact)
    if (!found.ok) throw new Error(found.error)
    return found.value
  }

  it('for want of browns, says how many sacks to fetch, and leaves the pinned grass alone', () => {
    const found = ways(problemOf([offer('grass-clippings', 17, { pinned: 17 }), offer('leaves-mixed', 2)], 700))
    const fetching = found.ways.find(({ changes }) => changes.length > 0 && changes.every(change => change.kind === 'fetch'))!
    expect(wayOutText(fetching)).toMatch(/^\d+½? more sacks of leaves$/)
    for (const { ingredients } of found.ways) expect(ingredients[0]!.amount.count).toBe(17)
    for (const { counts, kind } of found.ways)
      expect(
        keepsTo({ ...problemOf([offer('grass-clippings', 99), offer('leaves-mixed', 99)], 700), step: 0.5 }, counts, {
          dropped: kind === 'smaller-heap' ? ['too-little'] : [],
        }),
      ).toBe(true)
  })

  it('for want of stuff, says how much all of it makes, and what a smaller heap could be', () => {
    const found = ways(problemOf([offer('leaves-mixed', 4), offer('grass-clippings', 12)], 1700))
    expect(found.missed).toMatchObject([{ limit: 'too-little', edge: 1275 }])
    const smaller = found.ways.find(({ kind }) => kind === 'smaller-heap')!
    // Four sacks of 80 L at most, and grass to match.
    expect(smaller.measures.volumeL).toBeGreaterThan(200)
    expect(smaller.measures.volumeL).toBeLessThan(464)
    expect(smaller.measures.availableCarbonToNitrogen).toBeLessThanOrEqual(40)
    expect(whyImpossible(found, 'metric')).toMatch(/^As it is, all there is that goes together makes \d+ L, and 1,275 L are wanted\.$/)
  })

  it('because of what was pinned, lets it give way only when nothing else helps', () => {
    const capped = ways(problemOf([offer('grass-clippings', 60, { pinned: 60 }), offer('leaves-mixed', 9, { obtainable: 9 })], 600))
    expect(capped.ways.map(({ kind }) => kind)).toEqual(['pins'])
    expect(wayOutText(capped.ways[0]!)).toMatch(/buckets of grass instead of 60|half of the grass/)
  })

  it('names the limit that is missed, with its number', () => {
    const scraps = ways(problemOf([offer('kitchen-veg', 6, { lies: 6 })], 120))
    expect(scraps.missed.map(({ limit }) => limit)).toEqual(expect.arrayContaining(['too-wet', 'mats']))
    expect(whyImpossible(scraps, 'metric')).toMatch(/85 % water, where this stuff works up to 65 %/)
    const leaves = ways(problemOf([offer('leaves-mixed', 9, { lies: 9 })], 720))
    expect(whyImpossible(leaves, 'metric')).toBe('As it is, at best it comes out at 54 : 1 in what decays, too brown; 40 : 1 still works.')
  })

  it('strews a feed in where browns have no greens', () => {
    const feeds = [offer('feather-meal', 0, { container: bucket, obtainable: 2 })]
    const found = smallestChanges({ ...problemOf([offer('leaves-mixed', 9, { lies: 9 })], 720), feeds }, exact)
    const way = found.ok ? found.value.ways.find(({ kind }) => kind === 'feed') : undefined
    expect(way?.ingredients.map(({ material }) => material.id)).toEqual(['leaves-mixed', 'feather-meal'])
    expect(way?.ingredients[0]!.amount.count).toBeGreaterThanOrEqual(8)
  })

  it('wilts and leaves unsoaked before anything is fetched', () => {
    const found = ways(
      problemOf([offer('grass-clippings', 14, { lies: 14 }), offer('leaves-mixed', 1, { lies: 1, prepared: 'soaked' })], 250),
    )
    expect(found.ways.find(({ kind }) => kind === 'prepared')?.changes).toEqual(
      expect.arrayContaining([expect.objectContaining({ kind: 'prepare', as: 'wilted' })]),
    )
    expect(wayOutText(found.ways.find(({ kind }) => kind === 'prepared')!)).toMatch(/wilt the grass first/)
  })

  it('speaks of changes as a gardener would', () => {
    const grass = offer('grass-clippings', 6, { pinned: 6 })
    expect(changeText({ kind: 'pin', offer: grass, from: 6, to: 3 })).toBe('half of the grass')
    expect(changeText({ kind: 'pin', offer: grass, from: 6, to: 0 })).toBe('no grass')
    expect(changeText({ kind: 'pin', offer: grass, from: 6, to: 4 })).toBe('4 buckets of grass instead of 6')
    expect(changeText({ kind: 'fetch', offer: offer('straw-wheat', 0), count: 1 })).toBe('1 sack of straw')
    expect(changeText({ kind: 'leave', offer: grass, from: 6, to: 2 })).toBe('2 buckets of grass instead of 6')
    expect(changeText({ kind: 'prepare', offer: grass, as: 'wilted' })).toBe('wilt the grass first')
    expect(changeText({ kind: 'prepare', offer: offer('leaves-mixed', 3, { prepared: 'soaked' }), as: undefined })).toBe(
      'don’t soak the leaves',
    )
  })
})

describe('a second solver', () => {
  /** Yalps, a plain simplex with branch and bound, behind the same door. */
  const second: Solver = {
    gap: 0,
    within: () => second,
    solve: ({ variables, rows }) => {
      const constraints = Object.fromEntries([
        ...rows.map(({ most }, index) => [`r${index}`, lessEq(most)] as const),
        ...variables.flatMap(
          ({ low, high }, index) => [[`l${index}`, { min: low }], ...(high < Infinity ? [[`h${index}`, lessEq(high)]] : [])] as const,
        ),
      ])
      const columns = Object.fromEntries(variables.map(({ cost }, index) => [`x${index}`, {
        cost, [`l${index}`]: 1, [`h${index}`]: 1, ...Object.fromEntries(rows.map(({ terms }, row) => [`r${row}`, terms.get(index) ?? 0])),
      }]))
      const solved = solveSmall(
        {
          direction: 'minimize', objective: 'cost', constraints, variables: columns,
          integers: variables.flatMap(({ integer }, index) => (integer ? [`x${index}`] : [])),
        },
        { maxIterations: 200_000, tolerance: 0, timeout: 5000, includeZeroVariables: true },
      )
      if (solved.status !== 'optimal') return fail('impossible')
      const values = new Map(solved.variables as [string, number][])
      return ok(variables.map((_, index) => values.get(`x${index}`) ?? 0))
    },
  }

  it('agrees with the first on random mixes', () => {
    const random = seededRandom(77)
    let both = 0
    for (let trial = 0; trial < 60; trial++) {
      const problem = { ...randomProblem(random, 4, 5), step: 1 }
      const costs = costsFor(problem, goalOf('fewest-trips'))
      const [one, other] = [cheapest(problem, costs, exact), cheapest(problem, costs, second)]
      expect(other.ok, `trial ${trial}`).toBe(one.ok)
      if (!one.ok || !other.ok) continue
      expect(other.value.cost, `trial ${trial}`).toBeCloseTo(one.value.cost, 5)
      both++
    }
    expect(both).toBeGreaterThan(10)
  })
})
