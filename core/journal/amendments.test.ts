import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { randomJournal } from '../../test/builders/journals'
import { seededRandom } from '../random/random'
import { readEvent, type EventOf, type GardenEvent, type KnownEvent } from './event'
import { eventOf, extendJournal, foldGarden, openJournal } from './journal'

const on = (day: number, minute = 0) => new Date(Date.UTC(2026, 3, day, 9, minute)).toISOString()
const always = (id: string, day: number) => ({ id, by: 'phone', at: on(day), recordedAt: on(day) })
const read = (id: string, day: number, coreC: number): EventOf<'reading'> =>
  ({ ...always(id, day), kind: 'reading', batchId: 'a', coreC, source: 'hand' })
const right = (id: string, day: number, to: KnownEvent): GardenEvent =>
  ({ ...always(id, day), kind: 'amended', targetId: to.id, to: to as EventOf<'amended'>['to'] })
const undo = (id: string, targetId: string, day: number): GardenEvent => ({ ...always(id, day), kind: 'undone', targetId })
const cores = (events: readonly GardenEvent[]) => foldGarden(events).batches.get('a')?.gauged.heat?.map(({ value }) => value) ?? []

describe('something that is set right', () => {
  const [typo, later] = [read('one', 2, 600 / 10), read('two', 3, 50)]

  it('reads as it should have, where it was, and once', () => {
    const events = [{ ...typo, coreC: 26 }, later, right('fix', 4, { ...typo, coreC: 62 })]
    expect(cores(events)).toEqual([62, 50])
    expect(foldGarden(events).batches.get('a')!.log).toEqual(['one', 'two'])
    expect(eventOf(openJournal(events), 'one')).toMatchObject({ coreC: 62, recordedAt: typo.recordedAt, by: typo.by })
  })

  it('moves to the day it was set right to, before or behind what else happened', () => {
    expect(cores([typo, later, right('fix', 4, { ...typo, at: on(5) })])).toEqual([50, 60])
    expect(cores([typo, later, right('fix', 6, { ...later, at: on(1) })])).toEqual([50, 60])
  })

  it('is what was set right last, whatever order it arrives in, and what stood before comes back', () => {
    const [first, second] = [right('f1', 4, { ...typo, coreC: 61 }), right('f2', 5, { ...typo, coreC: 63 })]
    expect(cores([second, typo, first])).toEqual([63])
    expect(cores([second, typo, first, undo('u', 'f2', 6)])).toEqual([61])
    expect(cores([second, typo, first, undo('u', 'f2', 6), undo('v', 'f1', 7)])).toEqual([60])
    expect(cores([second, typo, first, undo('u', 'f2', 6), undo('v', 'u', 7)])).toEqual([63])
  })

  it('stays taken back where it was taken back', () => {
    expect(cores([typo, later, right('fix', 4, { ...typo, coreC: 62 }), undo('u', 'one', 5)])).toEqual([50])
  })

  it('counts for nothing where it is forged: of another kind, of another batch, of something that is not there', () => {
    const note: GardenEvent = { ...always('one', 2), kind: 'noted', batchId: 'a', text: 'x' }
    expect(cores([typo, right('fix', 4, note as KnownEvent)])).toEqual([60])
    expect(cores([typo, right('fix', 4, { ...typo, batchId: 'b', coreC: 62 })])).toEqual([60])
    expect(cores([typo, right('fix', 4, read('gone', 2, 62))])).toEqual([60])
  })

  it('is refused where what it should read is nothing that can be recorded', () => {
    expect(readEvent(right('fix', 4, { ...typo, coreC: 600 })).ok).toBe(false)
    expect(readEvent(right('fix', 4, { ...typo, coreC: 62 })).ok).toBe(true)
    expect(readEvent({ ...always('fix', 4), kind: 'amended', targetId: 'u', to: undo('u', 'one', 3) }).ok).toBe(false)
  })

  it('leaves the garden that would be there had it been recorded so at once, of any journal, bit by bit and at once', () => {
    fc.assert(fc.property(fc.nat(100_000), fc.nat(100), fc.integer({ min: -40, max: 40 }), (seed, which, hours) => {
      const events = randomJournal(seededRandom(seed), 25).filter(({ kind }) => kind !== 'undone' && kind !== 'amended')
      const target = events[which % events.length]
      if (!target || target.kind === 'foreign') return
      const to = { ...target, at: new Date(Date.parse(target.at) + hours * 3_600_000).toISOString() } as EventOf<'amended'>['to']
      const fix: GardenEvent = { ...always('fix', 28), kind: 'amended', targetId: target.id, to }
      const wanted = foldGarden(events.map(one => one === target ? to : one))
      expect(foldGarden([...events, fix])).toEqual(wanted)
      const bitByBit = [...events.slice(0, which), fix, ...events.slice(which)]
        .reduce((journal, event) => extendJournal(journal, [event]), openJournal([]))
      const told = ({ batches, lots, drawnL, spreads }: ReturnType<typeof foldGarden>) => ({
        batches: [...batches].sort(([a], [b]) => a < b ? -1 : 1), lots: [...lots.values()].sort((a, b) => a.id < b.id ? -1 : 1),
        drawnL: [...drawnL].sort(), spreads,
      })
      expect(told(bitByBit.garden)).toEqual(told(wanted))
    }), { numRuns: 150 })
  })
})
