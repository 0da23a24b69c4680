import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { seededRandom } from '../random/random'
import { evenNormals } from './even-draws'
import { bellAround, logDensity, placed, standardBell } from './bell'
import { normalShare } from '../statistics/normal'
import { logFit } from './fit'
import { learning, type Learnt, type Lesson } from './learn'
import { effectiveSize, normalised, temper, weightedQuantiles } from './weights'

function learnt(lesson: Omit<Lesson, 'random'>): Learnt {
  const steps = learning({ ...lesson, random: seededRandom(5) })
  for (;;) {
    const step = steps.next()
    if (step.done) return step.value
  }
}

describe('weights', () => {
  it('add up to 1 and are worth between one member and all of them', () => {
    fc.assert(fc.property(fc.array(fc.double({ min: -900, max: 900, noNaN: true }), { minLength: 1, maxLength: 50 }), (logs) => {
      const weights = normalised(logs)
      expect(weights.reduce((sum, one) => sum + one, 0)).toBeCloseTo(1, 9)
      expect(effectiveSize(weights)).toBeGreaterThanOrEqual(1 - 1e-9)
      expect(effectiveSize(weights)).toBeLessThanOrEqual(logs.length + 1e-9)
    }))
    expect(normalised([-Infinity, -Infinity])).toEqual(Float64Array.of(0.5, 0.5))
  })

  it('quantiles by hand: weights 0.2, 0.3, 0.5 on 10, 20, 30', () => {
    expect(weightedQuantiles([30, 10, 20], Float64Array.of(0.5, 0.2, 0.3), [0.1, 0.5, 0.9])).toEqual([10, 20, 30])
    expect(weightedQuantiles([7], Float64Array.of(1), [0.1, 0.9])).toEqual([7, 7])
  })

  it('are taken back just so far that they are worth enough', () => {
    const logs = Float64Array.from({ length: 100 }, (_, index) => -index)
    expect(effectiveSize(normalised(logs))).toBeLessThan(3)
    const power = temper(logs, 40)
    expect(effectiveSize(normalised(logs.map(log => log * power)))).toBeCloseTo(40, 1)
    expect(temper(new Float64Array(100), 40)).toBe(1)
  })
})

describe('bells', () => {
  it('of many draws are the bell they were drawn from', () => {
    const random = seededRandom(2)
    // Two dimensions, spreads 2 and 1, the second following half of the first's step.
    const wide = { middle: Float64Array.of(3, -1), root: Float64Array.of(2, 0, 0.5, 1), logDeterminant: Math.log(2) }
    const points = evenNormals(20_000, 2, random).map(steps => placed(wide, steps))
    const again = bellAround(points, new Float64Array(points.length).fill(1 / points.length), 1)
    expect(again.middle[0]).toBeCloseTo(3, 1)
    expect(again.root[0]).toBeCloseTo(2, 1)
    expect(again.root[2]).toBeCloseTo(0.5, 1)
    expect(again.root[3]).toBeCloseTo(1, 1)
  })

  it('density by hand: standard one at (1, 2) is e^(−2.5)', () => {
    expect(logDensity(standardBell(2), Float64Array.of(1, 2))).toBeCloseTo(-2.5, 12)
  })
})

describe('how well a course fits', () => {
  it('is best at what was found and never hopeless, however far off', () => {
    const finding = { kind: 'value', row: 'coreC', day: 3, value: 60, spread: 4, trust: 1 } as const
    expect(logFit(finding, 60)).toBeGreaterThan(logFit(finding, 52))
    // A blunder is one in twenty, anywhere within 25 spreads: log(0.05 / 25).
    expect(logFit(finding, -400)).toBeCloseTo(Math.log(0.05 / 25), 6)
    expect(logFit(finding, 60) - logFit(finding, -400)).toBeLessThan(6)
  })

  it('of a squeeze is by the share that lies between its limits', () => {
    const squeeze = { kind: 'between', row: 'moisture', day: 3, low: 0.5, high: 0.63, spread: 0.05, trust: 1 } as const
    expect(logFit(squeeze, 0.56)).toBeGreaterThan(logFit(squeeze, 0.45))
    expect(normalShare(0)).toBeCloseTo(0.5, 7)
    expect(normalShare(1.2815515655)).toBeCloseTo(0.9, 6)
  })
})

describe('learning', () => {
  it('finds the known answer: a bell seen through bells', () => {
    // Start N(0, 1), four sightings of 2 with spread 0.5: middle 4·2/0.25 / (1 + 4/0.25) = 32/17, spread √(1/17).
    const run = (point: Float64Array) => [1, 2, 3, 4].map(() => -((point[0]! - 2) ** 2) / (2 * 0.25))
    const { points, weightsAfter, effective } = learnt({ dimensions: 3, members: 400, mostRounds: 4, run })
    const weights = weightsAfter(Infinity)
    const mean = points.reduce((sum, point, index) => sum + weights[index]! * point[0]!, 0)
    const spread = Math.sqrt(points.reduce((sum, point, index) => sum + weights[index]! * (point[0]! - mean) ** 2, 0))
    expect(mean).toBeCloseTo(32 / 17, 1)
    expect(spread).toBeCloseTo(Math.sqrt(1 / 17), 1)
    expect(effective).toBeGreaterThan(90)
  })

  it('draws anew only when the weights gather on too few', () => {
    expect(learnt({ dimensions: 2, members: 200, mostRounds: 4, run: () => [] }).rounds).toBe(1)
    const narrow = learnt({ dimensions: 2, members: 200, mostRounds: 4, run: point => [-((point[0]! - 2.5) ** 2) / (2 * 0.01)] })
    expect(narrow.rounds).toBeGreaterThan(1)
    expect(narrow.effective).toBeGreaterThan(60)
  })

  it('gives back the beginning when nothing counts yet', () => {
    const { points, weightsAfter } = learnt({
      dimensions: 1, members: 400, mostRounds: 3, run: point => [-((point[0]! - 3) ** 2) / (2 * 0.02)],
    })
    const start = weightsAfter(0)
    const mean = points.reduce((sum, point, index) => sum + start[index]! * point[0]!, 0)
    expect(Math.abs(mean)).toBeLessThan(0.25)
  })
})
