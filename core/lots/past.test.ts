import { describe, expect, it } from 'vitest'
import { GOOD_HEAP, heap, onDay, reading, turned } from '../../test/builders/heaps'
import { batchPast } from './past'

const past = (since: Parameters<typeof heap>[1], until = onDay(99)) =>
  batchPast({ ...heap(GOOD_HEAP, since), name: 'Bay' }, until, 'metric').replaceAll('\u00A0', ' ')
const sprouted = (day: number, grade: 'passed' | 'failed') =>
  ({ kind: 'test-read' as const, at: onDay(day), batchId: 'heap', test: 'sprout', answers: {}, result: { grade, text: '' } })
const HOT = [1, 2, 3, 4].map(day => reading(day, 60))

describe('what a batch has been through', () => {
  it('is how hot for how long by its readings, turned, and the last of each test', () => {
    expect(past([...HOT, turned(5), sprouted(60, 'failed'), sprouted(70, 'passed')]))
      .toMatch(/^Bay: 3 days at 55 °C or more, turned; .* passed$/)
    expect(past([reading(1, 40)])).toBe('Bay: never read hot for a day')
  })

  it('is nothing where nobody looked, and nothing of what came later', () => {
    expect(past([])).toBe('')
    expect(past([...HOT, turned(5), sprouted(70, 'passed')], onDay(4.5))).toBe('Bay: 3 days at 55 °C or more')
  })
})
