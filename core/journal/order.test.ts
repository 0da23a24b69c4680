import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { randomJournal } from '../../test/builders/journals'
import { seededRandom, shuffled } from '../random/random'
import type { GardenEvent } from './event'
import { byHappening, standingEvents, undoneIds } from './order'
import { clockMoment, compareTurns, LAST_MOMENT_MS, nextTurn, turnBeside } from './turn'

const at = (minute: number) => new Date(Date.UTC(2026, 4, 1, 10, minute)).toISOString()
const turned = (id: string, minute: number, recorded = minute): GardenEvent => ({
  kind: 'turned', id, at: at(minute), recordedAt: at(recorded), by: 'phone', batchId: 'b',
})
const undone = (id: string, targetId: string, minute: number): GardenEvent => ({
  kind: 'undone', id, at: at(minute), recordedAt: at(minute), by: 'phone', targetId,
})

/**
 * The rule as it is said: an undo counts as long as no undo that counts points at it; those that go round in a circle count for
 * nothing.
 */
function undoneByTheRule(events: readonly GardenEvent[]): string[] {
  const undos = events.flatMap(event => event.kind === 'undone' ? [event] : [])
  const counts = new Map<string, boolean>()
  for (let round = 0; round < undos.length; round++) {
    for (const { id } of undos) {
      const against = undos.filter(({ targetId }) => targetId === id)
      if (against.some(one => counts.get(one.id) === true)) counts.set(id, false)
      else if (against.every(one => counts.get(one.id) === false)) counts.set(id, true)
    }
  }
  return events.map(({ id }) => id).filter(id => undos.some(undo => undo.targetId === id && counts.get(undo.id))).sort()
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
    expect(chain.map((_, length) => standingEvents(chain.slice(0, length + 1)).some(({ id }) => id === 'first'))).toEqual([
      true, false, true, false,
    ])
  })

  it('twice is undoing once', () => {
    expect(undoneIds([first, undone('u1', 'first', 2), undone('u2', 'first', 3)])).toEqual(new Set(['first']))
  })

  it('reaches its target whatever the clocks said, but neither itself nor what is not there', () => {
    expect(undoneIds([turned('late', 1, 9), undone('u', 'late', 5)])).toEqual(new Set(['late']))
    expect(undoneIds([undone('u', 'u', 5)])).toEqual(new Set())
    expect(undoneIds([undone('u', 'nothing', 5)])).toEqual(new Set())
  })

  it('in a circle counts for nothing, until an undo from outside breaks it', () => {
    const circle = [undone('a', 'b', 2), undone('b', 'c', 3), undone('c', 'a', 4)]
    expect(undoneIds([first, ...circle])).toEqual(new Set())
    // d takes a back; so b counts, which takes c back.
    expect(undoneIds([first, ...circle, undone('d', 'a', 1)])).toEqual(new Set(['a', 'c']))
  })

  it('follows the rule as it is said, in any tangle and any order', () => {
    fc.assert(fc.property(fc.integer({ min: 0, max: 20_000 }), (seed) => {
      const random = seededRandom(seed)
      const events = [
        first,
        ...Array.from({ length: 8 }, (_, index) =>
          undone(`u${index}`, random() < 0.4 ? 'first' : `u${Math.floor(random() * 8)}`, 2 + Math.floor(random() * 6)),
        ),
      ]
      expect([...undoneIds(shuffled(events, random))].sort()).toEqual(undoneByTheRule(events))
    }))
  })
})

describe('turns', () => {
  const noon = Date.parse('2026-05-01T12:00:00.000Z')

  it('follow the clock while it is ahead and count on while it is not', () => {
    expect(nextTurn([noon - 1, 7], noon)).toEqual([noon, 0])
    expect(nextTurn([noon, 7], noon)).toEqual([noon, 8])
    expect(nextTurn([noon + 86_400_000, 0], noon)).toEqual([noon + 86_400_000, 1])
    expect(nextTurn([noon, 3], Number.NaN)).toEqual([noon, 4])
  })

  it('never run backwards, whatever the clock shows', () => {
    fc.assert(
      fc.property(
        fc.array(fc.oneof(fc.integer({ min: -1e13, max: 3e14 }), fc.constantFrom(0, noon, LAST_MOMENT_MS, LAST_MOMENT_MS + 5)), {
          minLength: 1, maxLength: 30,
        }),
        (clocks) => {
          let last = nextTurn([0, 0], clocks[0]!)
          for (const clock of clocks) {
            const next = nextTurn(last, clock)
            expect(compareTurns(next, last)).toBeGreaterThan(0)
            expect(next[0]).toBeLessThanOrEqual(LAST_MOMENT_MS)
            last = next
          }
        }))
  })

  it('stay where they are at the end of all time, and a clock that cannot be written is taken to the nearest that can', () => {
    expect(nextTurn([LAST_MOMENT_MS, 1_000_000_000], noon)).toEqual([LAST_MOMENT_MS, 1_000_000_000])
    expect(nextTurn([noon, 1_000_000_000], noon)).toEqual([noon + 1, 0])
    expect([clockMoment(-5), clockMoment(9e15), clockMoment(Number.NaN), clockMoment(noon)]).toEqual([
      '1970-01-01T00:00:00.000Z', '9999-12-31T23:59:59.999Z', '1970-01-01T00:00:00.000Z', '2026-05-01T12:00:00.000Z',
    ])
  })

  it('are written down only where the moment does not say them', () => {
    expect(turnBeside('2026-05-01T12:00:00.000Z', [noon, 0])).toEqual({})
    expect(turnBeside('2026-05-01T12:00:00.000Z', [noon, 1])).toEqual({ turn: [noon, 1] })
  })

  it('settle what happened at one moment', () => {
    const earlier: GardenEvent = { ...turned('z', 1, 9), turn: [noon, 2] }
    const later: GardenEvent = { ...turned('a', 1, 5), turn: [noon, 3] }
    expect([later, earlier].sort(byHappening)).toEqual([earlier, later])
  })
})
