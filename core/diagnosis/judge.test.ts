import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { given, judgeCauses, type PossibleCause } from './judge'

type Cause = PossibleCause<number, string>
const cause = (id: string, symptoms: Record<string, number>, weigh: Cause['weigh'] = () => []): Cause => ({
  id, title: id, symptoms, weigh, remedy: facts => `${id} ${facts}`,
})
const likelihoodOf = (pointing: number, ...weights: number[]) =>
  judgeCauses([cause('c', { cold: pointing }, () => weights.map(weight => ({ weight, text: '' })))], 0, ['cold'])[0]?.likelihood

describe('judging causes', () => {
  it('counts a symptom and evidence as odds', () => {
    // Odds 0.5 / 0.5 + 0.05 = 1.05, so 1.05 / 2.05; a strong piece of evidence for multiplies odds by e^1.3 = 3.67.
    expect(likelihoodOf(0.5)).toBeCloseTo(1.05 / 2.05, 12)
    expect(likelihoodOf(0.5, 1)).toBeCloseTo(1.05 * Math.exp(1.3) / (1 + 1.05 * Math.exp(1.3)), 12)
    // Even a symptom that says all leaves room for doubt: 1 / 0.05 + 0.05.
    expect(likelihoodOf(1)).toBeCloseTo(20.05 / 21.05, 12)
  })

  it('names nothing below 0.3', () => {
    // Odds of 0.3 are 0.4286: pointing 0.275 has 0.3793 + 0.05.
    expect(likelihoodOf(0.275)).toBeCloseTo(0.3004, 3)
    expect(likelihoodOf(0.27)).toBeUndefined()
    expect(likelihoodOf(0.5, -1)).toBeUndefined()
  })

  it('takes the symptom that points most, and none that do not', () => {
    const causes = [cause('a', { cold: 0.4, wet: 0.8 }), cause('b', { dry: 1 }), cause('c', { cold: 0.6 })]
    expect(judgeCauses(causes, 7, ['cold', 'wet']).map(({ id, remedy }) => [id, remedy])).toEqual([['a', 'a 7'], ['c', 'c 7']])
    expect(judgeCauses(causes, 7, [])).toEqual([])
    expect(judgeCauses(causes, 7, ['smoke'])).toEqual([])
  })

  it('tells what speaks for and against, the strongest first', () => {
    const weighed = cause('a', { cold: 0.9 }, facts => [
      ...given(facts > 1, 0.3, 'a little'),
      ...given(facts > 1, 0.9, 'much'),
      ...given(true, -0.1, 'hardly'),
      ...given(true, -0.4, 'somewhat'),
      ...given(facts > 9, 1, 'never'),
    ])
    expect(judgeCauses([weighed], 2, ['cold'])[0]).toMatchObject({ speaksFor: ['much', 'a little'], speaksAgainst: ['somewhat', 'hardly'] })
    expect(judgeCauses([{ ...weighed, caution: 'mind' }], 2, ['cold'])[0]!.caution).toBe('mind')
    expect(judgeCauses([weighed], 2, ['cold'])[0]).not.toHaveProperty('caution')
  })

  it('is surer with more evidence for it, and never certain', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.4, max: 1, noNaN: true }), fc.double({ min: 0, max: 3, noNaN: true }),
        fc.double({ min: 0.01, max: 2, noNaN: true }),
        (pointing, weight, more) => {
          const [less, likelier] = [likelihoodOf(pointing, weight)!, likelihoodOf(pointing, weight + more)!]
          expect(likelier).toBeGreaterThan(less)
          expect(likelier).toBeLessThan(1)
        }))
  })
})
