import highsLoader from 'highs'
import { beforeAll, describe, expect, it } from 'vitest'
import { must } from '../../test/builders/bands'
import { COMFORT, problemFor, randomLies, randomPile, some } from '../../test/builders/benches'
import { balanceAsked } from '../balancing/asked'
import { aiming } from '../balancing/aim'
import { gatheredL, spoilingL, spoils } from '../balancing/spoiling'
import { costsFor } from '../balancing/answers'
import { GOALS, goalOf } from '../balancing/goals'
import { unitOf } from '../balancing/offer'
import type { Problem } from '../balancing/problem'
import { GARDEN_EFFORT, solverOf, type LpSolver, type Solver } from '../balancing/program'
import { workOut } from '../balancing/region'
import { carbonFraction, partakingShare } from '../materials/material'
import { portionOf, type Ingredient } from '../mix/portion'
import { mixRanges } from '../mix/ranges'
import { seededRandom } from '../random/random'

/* Two hundred benches as gardens have them: every answer is checked with sums of its own, none of them those of the balancing. */
let solver: Solver
beforeAll(async () => { solver = solverOf(await highsLoader() as unknown as LpSolver, GARDEN_EFFORT) })

const CASES = 200

/** Ratio, what takes part of it, moisture and mats by plain sums over the ingredients, litre by litre. */
function bySums(ingredients: readonly Ingredient[], waterL: number) {
  let carbon = 0, nitrogen = 0, takingC = 0, takingN = 0, wet = waterL, water = waterL, loose = 0, mats = 0
  for (const one of ingredients) {
    const { material, looseVolumeL } = portionOf(one)
    const massKg = looseVolumeL * material.bulkDensityKgM3.typical / 1000
    const dryKg = massKg * (1 - material.moistureFraction.typical)
    const [c, n] = [dryKg * carbonFraction(material), dryKg * material.nitrogenFraction.typical]
    carbon += c
    nitrogen += n
    takingC += c * partakingShare(material)
    takingN += n * partakingShare(material)
    wet += massKg
    water += massKg - dryKg
    loose += looseVolumeL
    mats += looseVolumeL * material.mats
  }
  return { ratio: carbon / nitrogen, taking: takingC / takingN, moisture: water / wet, mats: mats / loose, loose }
}

/** A simple way: everything that lies there, then a container of whatever brings it nearest, until nothing does. */
function greedy(problem: Problem): readonly number[] {
  const badness = (counts: readonly number[]) => workOut(problem, counts)?.broken.reduce((sum, { by }) => sum + by, 0) ?? Infinity
  let counts: readonly number[] = problem.offers.map(({ lies = 0 }) => lies)
  for (let round = 0; round < 60; round++) {
    const tried = problem.offers.flatMap(({ most }, index) =>
      [1, -1].map(change => counts.map((count, at) => (at === index ? Math.max(0, Math.min(most, count + change)) : count))),
    )
    const best = tried.sort((a, b) => badness(a) - badness(b))[0]!
    if (badness(best) >= badness(counts)) break
    counts = best
  }
  return counts
}

describe('two hundred benches', () => {
  it('have answers that hold by plain sums, keep what spoils, hold no sliver, and are no worse than a simple greedy way', () => {
    const random = seededRandom(20261126)
    let answered = 0
    let greedyToo = 0
    for (let trial = 0; trial < CASES; trial++) {
      const lies = randomLies(random, 7)
      const problem = problemFor(lies, random)
      const goal = GOALS[trial % GOALS.length]!
      const found = balanceAsked({ problem, goalId: goal.id, asBigAsCan: false }, solver)
      if (found.kind === 'trouble') throw new Error(`trial ${trial}: ${found.trouble}`)
      if (found.kind === 'impossible') continue
      answered++
      for (const { ingredients, waterL, counts } of found.answers) {
        const { ratio, taking, moisture, mats, loose } = bySums(ingredients, waterL)
        expect(ratio, `trial ${trial}`).toBeGreaterThanOrEqual(20 * 0.9999)
        expect(taking, `trial ${trial}`).toBeGreaterThanOrEqual(11 * 0.9999)
        expect(taking, `trial ${trial}`).toBeLessThanOrEqual(40 * 1.0001)
        expect(moisture, `trial ${trial}`).toBeLessThanOrEqual(0.7201)
        expect(mats, `trial ${trial}`).toBeLessThanOrEqual(0.6501)
        for (const one of ingredients)
          expect(portionOf(one).looseVolumeL / loose, `trial ${trial}: ${one.material.id}`).toBeGreaterThanOrEqual(0.02)
        expect(counts.length).toBe(problem.offers.length)
      }
      const [first] = found.answers
      const cost = aiming(problem, costsFor(problem, goalOf(goal.id))).costOf!
      const simple = greedy(problem)
      if (workOut(problem, simple)?.broken.length === 0 && first!.counts.every(count => Number.isInteger(count))) {
        greedyToo++
        // A sliver is no answer, however cheap; the balancing is content within a twentieth.
        const litres = simple.map((count, index) => count * unitOf(problem.offers[index]!).looseL)
        const whole = litres.reduce((sum, one) => sum + one, 0)
        if (litres.every(one => one === 0 || one >= 0.025 * whole))
          expect(cost(first!.counts), `trial ${trial}`).toBeLessThanOrEqual(
            cost(simple) + 0.06 * Math.max(Math.abs(cost(simple)), aiming(problem, costsFor(problem, goalOf(goal.id))).scale!),
          )
      }
    }
    expect(answered).toBeGreaterThan(150)
    expect(greedyToo).toBeGreaterThan(60)
  })

  it('have first answers that are likely to work with what the buckets really hold, at one pile in ten still in four cases of five', () => {
    const random = seededRandom(11)
    const works = Array.from({ length: 100 }, (_, trial) => ({ problem: randomPile(random), goalId: GOALS[trial % GOALS.length]!.id }))
      .flatMap(({ problem, goalId }) => {
        const found = balanceAsked({ problem, goalId, asBigAsCan: false }, solver)
        const first = found.kind === 'answers' ? found.answers[0] : undefined
        return first ? [must(mixRanges(first.ingredients.map(portionOf), first.waterL, COMFORT)).chance.works] : []
      }).sort((a, b) => a - b)
    expect(works[Math.floor(works.length / 10)]).toBeGreaterThan(0.8)
    expect(works[Math.floor(works.length / 2)]).toBeGreaterThan(0.94)
  })

  it('use up what spoils: four fifths of it or all that a heap can take, never less than a greedy hand, and say what stays', () => {
    const random = seededRandom(30)
    const spoiling = [
      'fruit-waste', 'citrus', 'fruit-pomace', 'onion-waste', 'spent-hops-grain', 'kitchen-veg', 'grass-clippings', 'weeds-soft',
    ]
    const shares: number[] = []
    for (let trial = 0; trial < 200; trial++) {
      const lies = [
        some(spoiling[trial % spoiling.length]!, 2 + Math.floor(random() * 14), 'bucket'),
        ...(random() < 0.6 ? [some('leaves-mixed', 1 + Math.floor(random() * 4), 'sack')] : []),
        ...(random() < 0.4 ? [some('grass-clippings', 1 + Math.floor(random() * 8), 'bucket')] : []),
      ].filter(({ material }, index, all) => all.findIndex(one => one.material.id === material.id) === index)
      const problem = problemFor(lies, random)
      const found = balanceAsked({ problem, goalId: 'spoils-first', asBigAsCan: false }, solver)
      if (found.kind !== 'answers') continue
      const used = (counts: readonly number[]) =>
        problem.offers.reduce((sum, offer, at) => spoils(offer) ? sum + gatheredL(offer) * Math.min(offer.lies!, counts[at] ?? 0) : sum, 0)
      const [first] = found.answers
      const simple = greedy(problem)
      if (workOut(problem, simple)?.broken.length === 0) expect(used(first!.counts), `trial ${trial}`).toBeGreaterThan(0.79 * used(simple))
      const stays = first!.left.reduce((sum, { offer, count }) => sum + gatheredL(offer) * count, 0)
      expect(used(first!.counts) + stays, `trial ${trial}`).toBeGreaterThan(0.97 * spoilingL(problem.offers))
      // What is only taken sparingly may need more heap than there is place for.
      if (lies[0]!.material.mostShare === undefined) shares.push(used(first!.counts) / spoilingL(problem.offers))
    }
    expect(shares.length).toBeGreaterThan(50)
    expect(shares.filter(share => share >= 0.8 - 1e-6).length / shares.length).toBeGreaterThan(0.95)
  })
})
