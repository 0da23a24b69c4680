import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { randomJournal } from '../../test/builders/journals'
import { seededRandom, shuffled } from '../random/random'
import type { GardenEvent } from './event'
import { byHappening, standingEvents, undoneIds } from './order'

const at = (minute: number) => new Date(Date.UTC(2026, 4, 1, 10, minute)).toISOString()
const turned = (id: string, minute: number, recorded = minute): GardenEvent => ({ kind: 'turned', id, at: at(minute), recordedAt: at(recorded), by: 'phone', batchId: 'b' })
const undone = (id: string, targetId: string, minute: number): GardenEvent => ({ kind: 'undone', id, at: at(minute), recordedAt: at(minute), by: 'phone', targetId })

/** The rule as it is said: an undo counts if it stands itself and was written after its target. */
function stands(id: string, events: readonly GardenEvent[]): boolean {
  const written = (event: GardenEvent) => `${event.recordedAt} ${event.id}`
  const target = events.find(event => event.id === id)!
  return !events.some(event => event.kind === 'undone' && event.targetId === id && written(event) > written(target) && stands(event.id, events))
}

describe('order', () => {
  it('is by what happened first, then by what was written first, then by id, and total', () => {
    expect([turned('c', 3), turned('b', 1, 9), turned('a', 1, 5)].sort(byHappening).map(({ id }) => id)).toEqual(['a', 'b', 'c'])
    fc.assert(fc.property(fc.integer({ min: 0, max: 5000 }), (seed) => {
      const random = seededRandom(seed)
      const events = randomJournal(random, 20)
      expect(shuffled(events, random).sort(byHappening)).toEqual([...events].sort(byHappening))
    }))
  })
})

describe('undoing', () => {
  const first = turned('first', 1)

  it('takes back, brings back, and takes back again', () => {
    const chain = [first, undone('u1', 'first', 2), undone('u2', 'u1', 3), undone('u3', 'u2', 4)]
    expect(chain.map((_, length) => standingEvents(chain.slice(0, length + 1)).some(({ id }) => id === 'first'))).toEqual([true, false, true, false])
  })

  it('twice is undoing once', () => {
    expect(undoneIds([first, undone('u1', 'first', 2), undone('u2', 'first', 3)])).toEqual(new Set(['first']))
  })

  it('cannot reach what was written later, nor itself, nor what is not there', () => {
    expect(undoneIds([turned('late', 1, 9), undone('u', 'late', 5)])).toEqual(new Set())
    expect(undoneIds([undone('u', 'u', 5)])).toEqual(new Set())
    expect(undoneIds([undone('u', 'nothing', 5)])).toEqual(new Set())
  })

  it('follows the rule as it is said, in any tangle', () => {
    fc.assert(fc.property(fc.integer({ min: 0, max: 20_000 }), (seed) => {
      const random = seededRandom(seed)
      const events = [first, ...Array.from({ length: 8 }, (_, index) => undone(`u${index}`, random() < 0.4 ? 'first' : `u${Math.floor(random() * 8)}`, 2 + Math.floor(random() * 6)))]
      expect([...undoneIds(events)].sort()).toEqual(events.map(({ id }) => id).filter(id => !stands(id, events)).sort())
    }))
  })
})
