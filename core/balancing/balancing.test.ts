import highsLoader from 'highs'
import { beforeAll, describe, expect, it } from 'vitest'
import { everyChoice, randomProblem } from '../../test/builders/problems'
import { seededRandom } from '../random/random'
import { costsFor } from './answers'
import { changeCost, smallestChanges } from './changes'
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
      const problem = { ...randomProblem(random, 2 + trial % 2, 4), step: 1 }
      if (cheapest(problem, problem.offers.map(() => 1), solver).ok) continue
      const ways = smallestChanges(problem, solver)
      if (!ways.ok) throw new Error(ways.error)
      const box = 11
      let best: number | undefined
      for (const counts of everyChoice(problem, () => box, false)) {
        const cost = changeCost(problem, counts)
        if ((best === undefined || cost < best) && keepsTo(problem, counts)) best = cost
      }
      const smallest = ways.value.ways.find(({ kind }) => kind === 'smallest')
      if (!smallest) {
        expect(best, `trial ${trial}`).toBeUndefined()
        continue
      }
      expect(keepsTo(problem, smallest.counts), `trial ${trial}`).toBe(true)
      // What lies within the box is found as cheap; what lies outside may only be cheaper still, or the box holds nothing.
      // Ties are settled by a thousandth a container.
      if (best !== undefined) expect(changeCost(problem, smallest.counts), `trial ${trial}`).toBeLessThanOrEqual(best + 0.002 * box * problem.offers.length)
      if (smallest.counts.every(count => count <= box)) expect(changeCost(problem, smallest.counts), `trial ${trial}`).toBeGreaterThanOrEqual((best ?? Infinity) - 1e-6)
      checked++
    }
    expect(checked).toBeGreaterThan(40)
  })
})
