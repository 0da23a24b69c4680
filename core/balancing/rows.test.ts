import { describe, expect, it } from 'vitest'
import { randomProblem } from '../../test/builders/problems'
import { seededRandom } from '../random/random'
import { unitOf } from './offer'
import { LIMIT_NAMES } from './problem'
import type { Row } from './program'
import { workOut } from './region'
import { limitRows } from './rows'

/** Whether a choice keeps to a row, given what the water variable is. */
const keeps = ({ terms, most }: Row, values: readonly number[]) => {
  const parts = [...terms].map(([index, value]) => value * (values[index] ?? 0))
  const scale = parts.reduce((sum, part) => sum + Math.abs(part), Math.abs(most)) || 1
  return parts.reduce((sum, part) => sum + part, 0) <= most + 1e-9 * scale + 1e-12
}

describe('the limits in straight lines', () => {
  it('lose no choice that keeps to the limits, whatever span of coarseness holds it', () => {
    const random = seededRandom(5)
    let good = 0
    for (let trial = 0; trial < 8000; trial++) {
      const problem = randomProblem(random, 3, 6)
      const units = problem.offers.map(unitOf)
      const counts = problem.offers.map(({ most }) => Math.floor(random() * (most + 1)))
      const worked = workOut(problem, counts)
      if (!worked || worked.broken.length > 0) continue
      good++
      const loose = units.reduce((sum, { looseL }, index) => sum + looseL * counts[index]!, 0)
      const mean = units.reduce((sum, { looseL, coarseness }, index) => sum + looseL * coarseness * counts[index]!, 0) / loose
      const span = { from: mean - random() * mean, to: mean + random() * (1 - mean) }
      const { byLimit, always } = limitRows(problem, units, span)
      const values = [...counts, worked.waterL]
      for (const row of [...always, ...LIMIT_NAMES.flatMap(limit => byLimit[limit])])
        expect(keeps(row, values), `trial ${trial}`).toBe(true)
    }
    expect(good).toBeGreaterThan(100)
  })

  it('catch every choice that breaks a limit which is straight', () => {
    const random = seededRandom(9)
    // The volume and the air are curved: there the search itself has the last word.
    const straight = ['too-green', 'too-brown', 'too-wet', 'mats', 'one-material', 'char'] as const
    const caught = new Set<string>()
    for (let trial = 0; trial < 2000; trial++) {
      const problem = randomProblem(random, 3, 6)
      const units = problem.offers.map(unitOf)
      const counts = problem.offers.map(({ most }) => Math.floor(random() * (most + 1)))
      const worked = workOut(problem, counts)
      if (!worked) continue
      const { byLimit } = limitRows(problem, units, { from: 0, to: 1 })
      for (const { limit, by } of worked.broken) {
        if (by < 1e-6 || !straight.some(one => one === limit)) continue
        expect(byLimit[limit].every(row => keeps(row, [...counts, worked.waterL])), `trial ${trial}: ${limit}`).toBe(false)
        caught.add(limit)
      }
    }
    expect(caught.size).toBeGreaterThanOrEqual(5)
  })
})
