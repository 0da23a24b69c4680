import { describe, expect, it } from 'vitest'
import { readEvent, type GardenEvent } from '../event'
import { extendJournal, foldGarden, openJournal } from '../journal'

const base = (id: string, at: string) => ({ id, at, recordedAt: at, by: 'd' })
const noted = { ...base('n', '2026-04-01T08:00:00.000Z'), kind: 'noted', batchId: 'b', text: 'begun' } as GardenEvent
const told = (id: string, at: string, typical: number) => ({
  ...base(id, at), kind: 'foretold', batchId: 'b', windows: { ready: { low: typical - 5, typical, high: typical + 5 } },
}) as GardenEvent

describe('what was told first', () => {
  it('stays, whatever is told later and in whichever order it arrives', () => {
    const [first, later] = [told('t1', '2026-04-01T09:00:00.000Z', 60), told('t2', '2026-05-01T09:00:00.000Z', 90)]
    for (const events of [[noted, first, later], [later, first, noted]])
      expect(foldGarden(events).batches.get('b')?.foretold)
        .toEqual({ at: first.at, windows: { ready: { low: 55, typical: 60, high: 65 } } })
  })

  it('is no entry of the log, and makes no batch', () => {
    const journal = extendJournal(openJournal([noted]), [told('t1', '2026-04-01T09:00:00.000Z', 60)])
    expect(journal.garden.batches.get('b')?.log).toEqual(['n'])
    expect(foldGarden([told('t1', '2026-04-01T09:00:00.000Z', 60)]).batches.size).toBe(0)
    expect(extendJournal(openJournal([]), [told('t1', '2026-04-01T09:00:00.000Z', 60)]).garden.batches.size).toBe(0)
  })

  it('is refused where its days do not lie in order, or there is none', () => {
    const event = told('t1', '2026-04-01T09:00:00.000Z', 60)
    expect(readEvent(event).ok).toBe(true)
    expect(readEvent({ ...event, windows: {} }).ok).toBe(false)
    expect(readEvent({ ...event, windows: { ready: { low: 5, typical: 4, high: 6 } } }).ok).toBe(false)
    expect(readEvent({ ...event, windows: { ready: { low: 5, typical: 6, high: 5.5 } } }).ok).toBe(false)
    expect(readEvent({ ...event, windows: { ready: { low: 5, typical: 6, high: 40_001 } } }).ok).toBe(false)
  })
})
