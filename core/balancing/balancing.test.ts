import highsLoader from 'highs'
import { beforeAll, describe, expect, it } from 'vitest'
import { everyChoice, randomProblem } from '../../test/builders/problems'
import { seededRandom } from '../random/random'
import { costsFor } from './answers'
import { aiming } from './aim'
import { AIM_WEIGHT, changeCost, smallestChanges } from './changes'
import { GOALS } from './goals'
import type { Problem } from './problem'
import { solverOf, type LpSolver, type Solver } from './program'
import { keepsTo } from './region'
import type { Costs } from './relaxation'
import { cheapest } from './search'

let solver: Solver
beforeAll(async () => { solver = solverOf(await highsLoader() as unknown as LpSolver, { gap: 0, seconds: 20 }) })

const costOf = (costs: Costs, counts: readonly number[]) => costs.reduce((sum, cost, index) => sum + cost * (counts[index] ?? 0), 0)

/** The cheapest choice of all, by trying every one. */
function triedThrough(problem: Problem, costs: Costs): number | undefined {
  let best: number | undefined
  for (const counts of everyChoice(problem, ({ most }) => most)) {
    const cost = costOf(costs, counts)
    if ((best === undefined || cost < best) && keepsTo(problem, counts)) best = cost
  }
  return best
}

describe('the cheapest choice', () => {
  it('is the same as by trying every choice, on 300 random problems', () => {
    const random = seededRandom(31)
    let possible = 0
    for (let trial = 0; trial < 300; trial++) {
      const problem = randomProblem(random, 2 + trial % 3, 6)
      const costs = costsFor(problem, GOALS[trial % GOALS.length]!)
      const tried = triedThrough(problem, costs)
      const found = cheapest(problem, costs, solver)
      if (tried === undefined) {
        expect(found, `trial ${trial}`).toEqual({ ok: false, error: 'impossible' })
        continue
      }
      possible++
      if (!found.ok) throw new Error(`trial ${trial}: ${found.error}, though ${tried} is possible`)
      expect(keepsTo(problem, found.value.counts), `trial ${trial}`).toBe(true)
      expect(costOf(costs, found.value.counts), `trial ${trial}`).toBeCloseTo(tried, 6)
    }
    // The problems are worth something only if both kinds are among them.
    expect(possible).toBeGreaterThan(50)
    expect(possible).toBeLessThan(240)
  })
})

describe('the smallest change', () => {
  it('is as small as by trying every choice, on the impossible ones of 200 random problems', () => {
    const random = seededRandom(57)
    let checked = 0
    for (let trial = 0; trial < 200; trial++) {
      const drawn = { ...randomProblem(random, 2 + trial % 2, 4), step: 0.5 }
      // What lies on the bench is left out at a cost, and what is pinned stays.
      const problem: Problem = {
        ...drawn,
        offers: drawn.offers.map(one =>
          one.pinned === undefined && one.most > 0 ? { ...one, lies: Math.min(one.most, 1 + (trial % 3)) } : one,
        ),
      }
      if (cheapest(problem, problem.offers.map(() => 1), solver).ok) continue
      const found = smallestChanges(problem, solver)
      if (!found.ok) throw new Error(found.error)
      const smallest = found.value.ways.find(({ kind }) => kind === 'smallest')
      const box = 6
      let best = Infinity
      for (const counts of everyChoice(problem, () => box)) {
        const cost = changeCost(problem, counts) + aiming(problem, problem.offers.map(() => 0), AIM_WEIGHT).costOf!(counts)
        if (cost < best && keepsTo(problem, counts)) best = cost
      }
      if (!smallest) {
        // Another kind of move may have been so alike that this one is not named, or nothing lies within the box.
        if (found.value.ways.length === 0) expect(best, `trial ${trial}`).toBe(Infinity)
        continue
      }
      expect(keepsTo(problem, smallest.counts), `trial ${trial}`).toBe(true)
      const cost = changeCost(problem, smallest.counts) + aiming(problem, problem.offers.map(() => 0), AIM_WEIGHT).costOf!(smallest.counts)
      // What lies within the box is found as cheap. Ties are settled by a thousandth a container.
      if (best < Infinity) expect(cost, `trial ${trial}`).toBeLessThanOrEqual(best + 0.002 * box * problem.offers.length)
      problem.offers.forEach(({ pinned }, index) => { if (pinned !== undefined) expect(smallest.counts[index]).toBe(pinned) })
      checked++
    }
    expect(checked).toBeGreaterThan(25)
  })
})
