import { describe, expect, it } from 'vitest'
import { GOOD_HEAP, heap, onDay, surroundingsOn } from '../../test/builders/heaps'
import { batchProposal } from '../garden/batch'
import { findMaterial, LIBRARY_BOOK } from '../materials/book'
import { findMethod, METHODS } from '.'
import { approachOf } from './method'

/** What every method owes the screens, whatever it is. */
describe.each(METHODS.map(method => [method.id, method] as const))('%s', (_, method) => {
  const ids = (all: readonly { readonly id: string }[]) => all.map(({ id }) => id)
  const batch = { ...heap(GOOD_HEAP), built: { ...heap(GOOD_HEAP).built, methodId: method.id, approachId: method.approaches[0]!.id } }

  it('is found by its id and has schools of its own', () => {
    expect(findMethod(method.id)).toBe(method)
    expect(method.approaches.length).toBeGreaterThan(0)
    expect(new Set(ids(method.approaches)).size).toBe(method.approaches.length)
    expect(approachOf(method, 'no-such-school')).toBe(method.approaches[0])
  })

  it('asks senses that can be answered, and every answer says what it means', () => {
    for (const sense of method.senses) {
      expect(new Set(ids(sense.findings)).size).toBe(sense.findings.length)
      expect(sense.findings.some(({ sign }) => sign === 'good')).toBe(true)
      for (const { id, answer } of sense.findings) {
        expect(id).toMatch(/^[\w.-]+$/)
        expect(answer.length).toBeGreaterThan(3)
      }
    }
  })

  it('yields materials that the store knows', () => {
    for (const { materialId } of method.outputs) expect(findMaterial(materialId)?.family).toBe('finished')
  })

  it('keeps comfort in order', () => {
    for (const { comfort: { carbonToNitrogen, moistureFraction } } of method.approaches) {
      expect(carbonToNitrogen.low).toBeLessThan(carbonToNitrogen.high)
      expect(moistureFraction.low).toBeLessThanOrEqual(moistureFraction.target)
      expect(moistureFraction.target).toBeLessThan(moistureFraction.high)
    }
  })

  it.each([0, 1, 5, 20, 60, 150, 400])('answers everything on day %i with finite numbers, dates in order and tasks of its own', (day) => {
    const surroundings = surroundingsOn(day)
    const course = method.expect(batch, surroundings, 30)
    for (const { coreC, edgeC, heightM, moisture } of course) {
      for (const { low, typical, high } of [coreC, edgeC, heightM, moisture]) {
        expect([low, typical, high].every(Number.isFinite)).toBe(true)
        expect(low).toBeLessThanOrEqual(typical)
        expect(typical).toBeLessThanOrEqual(high)
      }
    }
    expect(method.standing(batch, surroundings).label.length).toBeGreaterThan(0)
    const window = method.readyWindow(batch, surroundings)
    expect(window.from.getTime()).toBeLessThan(window.to.getTime())
    const tasks = method.tasks(batch, surroundings)
    expect(new Set(ids(tasks)).size).toBe(tasks.length)
    for (const { due, until, reason, batchId } of tasks) {
      expect(due.getTime()).toBeLessThanOrEqual(until.getTime())
      expect(reason.length).toBeGreaterThan(10)
      expect(batchId).toBe(batch.id)
    }
  })

  it('asks nothing of a batch that is finished', () => {
    const finished = { ...batch, finish: { at: onDay(100), products: [] } }
    expect(method.tasks(finished, surroundingsOn(101))).toEqual([])
  })

  it('gives cautions while building, turning and finishing, and says them in both systems', () => {
    const proposal = batchProposal(batch, LIBRARY_BOOK)
    for (const units of ['metric', 'us'] as const) {
      const steps = method.buildSteps(proposal, { ...surroundingsOn(0), units })
      expect(steps.some(({ cautions }) => cautions.length > 0)).toBe(true)
      expect(method.judgeSize(proposal.vessel, proposal.volumeL, units).text).toMatch(units === 'us' ? / in\b/ : / cm\b/)
    }
    expect(method.cautions.turning.length).toBeGreaterThan(0)
    expect(method.cautions.finishing.length).toBeGreaterThan(0)
  })
})
