import * as v from 'valibot'
import { describe, expect, it } from 'vitest'
import { randomDocuments, randomJournal } from '../../test/builders/journals'
import { seededRandom, shuffled } from '../random/random'
import { documentSchema, mergeDocuments, writeDocument } from './document'
import type { GardenEvent } from './event'
import { remainingL, type Batch, type Garden } from './garden'
import { extendJournal, foldGarden, mergeEvents, openJournal } from './journal'

/** Everything a garden says, as plain data. */
function told(garden: Garden) {
  return JSON.stringify({ lots: [...garden.lots].sort(), drawn: [...garden.drawnL].sort(), batches: [...garden.batches].sort() })
}

const always = { recordedAt: '2026-05-01T10:00:00.000Z', at: '2026-05-01T10:00:00.000Z', by: 'phone' }
const bucket = { id: 'bucket', name: 'bucket', plural: 'buckets', volumeL: 12 }

describe('2,000 random journals', () => {
  const seeds = Array.from({ length: 2000 }, (_, seed) => seed)

  it('fold whole as they fold step by step', () => {
    for (const seed of seeds) {
      const events = randomJournal(seededRandom(seed), 5 + seed % 30)
      let journal = openJournal([])
      for (const event of events) journal = extendJournal(journal, [event])
      expect(told(journal.garden), `seed ${seed}`).toBe(told(foldGarden(events)))
      expect(journal.events.size).toBe(events.length)
    }
  })

  it('fold alike in whatever order events arrive, one at a time', () => {
    for (const seed of seeds) {
      const random = seededRandom(seed)
      const events = randomJournal(random, 5 + seed % 25)
      let journal = openJournal([])
      for (const event of shuffled(events, random)) journal = extendJournal(journal, [event])
      expect(told(journal.garden), `seed ${seed}`).toBe(told(foldGarden(events)))
    }
  })

  it('merge commutatively, associatively and idempotently', () => {
    for (const seed of seeds) {
      const random = seededRandom(seed)
      const [a, b, c] = ['phone', 'laptop', 'tablet'].map(by => randomJournal(random, 3 + (seed % 9), by)) as [
        GardenEvent[], GardenEvent[], GardenEvent[],
      ]
      const ab = mergeEvents(a, b)
      expect(ab).toEqual(mergeEvents(b, a))
      expect(mergeEvents(ab, c)).toEqual(mergeEvents(a, mergeEvents(b, c)))
      expect(mergeEvents(ab, ab)).toEqual(ab)
      expect(told(foldGarden(ab))).toBe(told(foldGarden(mergeEvents(b, a))))
      const documents = ['phone', 'laptop', 'tablet'].map(by => randomDocuments(random, by))
      const [d, e, f] = documents as [typeof documents[0], typeof documents[0], typeof documents[0]]
      expect(mergeDocuments(d, e)).toEqual(mergeDocuments(e, d))
      expect(mergeDocuments(mergeDocuments(d, e), f)).toEqual(mergeDocuments(d, mergeDocuments(e, f)))
      expect(mergeDocuments(d, d)).toEqual(mergeDocuments(d))
    }
  })

  it('undo any event as if it had never been', () => {
    for (const seed of seeds) {
      const random = seededRandom(seed)
      // Undos of the random journal that point at the chosen event would otherwise have met it already undone.
      const events = randomJournal(random, 5 + seed % 25).filter(({ kind }) => kind !== 'undone')
      const target = events[Math.floor(random() * events.length)]
      if (!target) continue
      const at = '2027-01-01T00:00:00.000Z'
      const undo: GardenEvent = { kind: 'undone', id: 'undo', at, recordedAt: at, by: 'phone', targetId: target.id }
      expect(told(extendJournal(openJournal(events), [undo]).garden), `seed ${seed}`).toBe(
        told(foldGarden(events.filter(({ id }) => id !== target.id))),
      )
      const redo: GardenEvent = {
        ...undo,
        id: 'redo',
        at: '2027-01-02T00:00:00.000Z',
        recordedAt: '2027-01-02T00:00:00.000Z',
        targetId: 'undo',
      }
      expect(told(foldGarden([...events, undo, redo]))).toBe(told(foldGarden(events)))
    }
  })
})

describe('a small garden', () => {
  const stocked: GardenEvent = {
    ...always,
    kind: 'stocked',
    id: 'lot-1',
    materialId: 'leaves-mixed',
    amount: { count: 4, container: bucket, packing: 'loose' },
    source: '',
  }
  const built: GardenEvent = {
    ...always,
    at: '2026-05-02T10:00:00.000Z',
    kind: 'built',
    id: 'built-1',
    batchId: 'b1',
    name: 'First',
    place: '',
    methodId: 'hot-heap',
    approachId: 'weekly',
    waterL: 0,
    vessel: { id: 'v', name: 'Bay', shape: 'box', wall: 'boards', widthM: 1, depthM: 1, heightM: 1 },
    ingredients: [
      { materialId: 'leaves-mixed', amount: { count: 3, container: bucket, packing: 'loose' }, draws: [{ lotId: 'lot-1', litres: 36 }] },
    ],
  }
  const finished: GardenEvent = {
    ...always,
    at: '2026-09-02T10:00:00.000Z',
    kind: 'finished',
    id: 'done-1',
    batchId: 'b1',
    heightM: 0.4,
    products: [{ materialId: 'compost-finished', amount: { count: 2, container: bucket, packing: 'loose' }, sieveMm: 10 }],
  }

  it('takes from the store what is built and puts what is finished back', () => {
    const garden = foldGarden([finished, built, stocked])
    expect(remainingL(garden, garden.lots.get('lot-1')!)).toBe(12)
    const product = garden.lots.get('done-1.0')!
    expect(product).toMatchObject({ materialId: 'compost-finished', initialL: 24, fromBatchId: 'b1', sieveMm: 10 })
    expect(garden.batches.get('b1')!.log).toEqual(['built-1', 'done-1'])
  })

  it('gives the stock back when the building is undone', () => {
    const undo: GardenEvent = { ...always, recordedAt: '2026-05-03T10:00:00.000Z', kind: 'undone', id: 'u', targetId: 'built-1' }
    const garden = foldGarden([stocked, built, undo])
    expect(remainingL(garden, garden.lots.get('lot-1')!)).toBe(48)
    expect(garden.batches.get('b1')).toBeUndefined()
  })

  it('sets a lot right, and leaves taken what was taken from it', () => {
    const amended: GardenEvent = {
      ...always,
      kind: 'stock-amended',
      id: 'amended',
      at: '2026-05-09T10:00:00.000Z',
      lotId: 'lot-1',
      gatheredAt: '2026-04-30T10:00:00.000Z',
      amount: { count: 6, container: bucket, packing: 'packed' },
      source: 'the lane',
    }
    const before = foldGarden([stocked]).lots.get('lot-1')!
    const after = foldGarden([amended, stocked])
    expect(after.lots.get('lot-1')).toEqual({
      ...before,
      gatheredAt: '2026-04-30T10:00:00.000Z',
      initialL: 6 * bucket.volumeL,
      packing: 'packed',
      source: 'the lane',
    })
    const { gatheredAt: _, amount: __, ...onlySource } = amended
    expect(foldGarden([stocked, { ...onlySource, source: 'elsewhere' } as GardenEvent]).lots.get('lot-1')).toEqual({
      ...before,
      source: 'elsewhere',
    })
    // Of a lot that is not there, nothing becomes.
    expect(foldGarden([{ ...amended, lotId: 'gone' }]).lots.size).toBe(0)
  })

  it('is not led astray by undos that point at each other', () => {
    const one: GardenEvent = { ...always, kind: 'undone', id: 'x', targetId: 'y' }
    const two: GardenEvent = { ...always, kind: 'undone', id: 'y', targetId: 'x' }
    expect(told(foldGarden([stocked, one, two]))).toBe(told(foldGarden([stocked])))
  })

  describe('an event that cannot be folded', () => {
    // Nothing that passes its schema is like this; it stands for a fault in this program.
    const odd = {
      ...always,
      kind: 'gauged',
      id: 'odd',
      batchId: 'b1',
      quantity: 'heat',
      source: 'hand',
      values: null,
    } as unknown as GardenEvent

    it('is left out and named, and everything else stands', () => {
      const journal = openJournal([stocked, built, odd])
      expect([...journal.leftOut.keys()]).toEqual(['odd'])
      // It has no line in the log either: nobody could say what it says.
      expect(journal.garden.batches.get('b1')!.log).toEqual(['built-1'])
      expect(remainingL(journal.garden, journal.garden.lots.get('lot-1')!)).toBe(12)
      expect([...extendJournal(openJournal([stocked, built]), [odd]).leftOut.keys()]).toEqual(['odd'])
    })

    it('is at rest when it is undone', () => {
      const undo: GardenEvent = { ...always, kind: 'undone', id: 'u', targetId: 'odd' }
      expect(openJournal([stocked, built, odd, undo]).leftOut.size).toBe(0)
      expect(extendJournal(openJournal([stocked, built, odd]), [undo]).leftOut.size).toBe(0)
    })
  })
})

describe('batches', () => {
  it('stand in the order in which they began, whatever order their events came in', () => {
    const random = seededRandom(4)
    const events = randomJournal(random, 80)
    const orderOf = (some: readonly GardenEvent[]) => [...foldGarden(some).batches.keys()]
    for (let round = 0; round < 10; round++) expect(orderOf(shuffled(events, random))).toEqual(orderOf(events))
  })
})

describe('the turn of the last writing', () => {
  const written = (recordedAt: string, id = 't'): GardenEvent => ({ ...always, kind: 'turned', id, batchId: 'b', recordedAt })

  it('is the latest that any device has shown', () => {
    expect(openJournal([]).lastTurn).toEqual([0, 0])
    expect(openJournal([written('2030-05-01T10:00:00.000Z'), written('2026-05-01T10:00:00.000Z', 's')]).lastTurn).toEqual([
      Date.parse('2030-05-01T10:00:00.000Z'), 0,
    ])
    expect(openJournal([{ ...written('2026-05-01T10:00:00.000Z'), turn: [Date.parse('2031-01-01T00:00:00.000Z'), 4] }]).lastTurn).toEqual([
      Date.parse('2031-01-01T00:00:00.000Z'), 4,
    ])
  })

  it('is known step by step as it is known whole', () => {
    const events = randomJournal(seededRandom(9), 60)
    expect(extendJournal(openJournal(events.slice(0, 30)), events.slice(30)).lastTurn).toEqual(openJournal(events).lastTurn)
  })
})

describe('a document', () => {
  it('takes the later of two writings at one moment, whatever their values', () => {
    const at = '2026-01-01T00:00:00.000Z'
    const first = writeDocument(undefined, 'settings', 'settings', { units: 'us' }, at, 'phone')
    const second = writeDocument(first, 'settings', 'settings', { units: 'metric' }, at, 'phone')
    expect(second.fields.units).toMatchObject({ value: 'metric', at, turn: [Date.parse(at), 1] })
    expect(mergeDocuments([first], [second])).toEqual([second])
  })

  it('is changed however far ahead the clock was that wrote it', () => {
    const far = writeDocument(undefined, 'settings', 'settings', { units: 'us' }, '9999-12-31T23:59:59.999Z', 'phone')
    const now = writeDocument(far, 'settings', 'settings', { units: 'metric' }, '2026-01-02T00:00:00.000Z', 'laptop')
    expect(mergeDocuments([far], [now])[0]!.fields.units!.value).toBe('metric')
    const again = writeDocument(now, 'settings', 'settings', { units: 'us' }, '2026-01-01T00:00:00.000Z', 'laptop')
    expect(mergeDocuments([again], [now], [far])[0]!.fields.units!.value).toBe('us')
  })

  it('is a value of plain data, checked in one walk whatever it is nested in', () => {
    const parse = (value: unknown) =>
      v.safeParse(documentSchema, { id: 'plan', kind: 'plan', fields: { a: { value, at: '2026-01-01T00:00:00.000Z', by: 'phone' } } })
        .success
    const nested = (depth: number, inner: unknown): unknown => depth === 0 ? inner : [nested(depth - 1, inner)]
    expect([1, 'a', null, true, [1, { a: [] }], nested(11, 0), nested(11, { a: 1 })].map(parse)).toEqual([
      true, true, true, true, true, true, true,
    ])
    expect(
      [nested(30, 0), Array.from({ length: 5001 }, () => 0), 'x'.repeat(4001), 1e16, Number.NaN, undefined, () => 1].map(parse),
    ).toEqual([false, false, false, false, false, false, false])
  })

  it('keeps the last writing of each field and the one it replaced', () => {
    const first = writeDocument(undefined, 'settings', 'settings', { units: 'metric', water: 'rain' }, '2026-01-01T00:00:00.000Z', 'phone')
    const second = writeDocument(first, 'settings', 'settings', { units: 'us', water: 'rain' }, '2026-01-02T00:00:00.000Z', 'laptop')
    expect(second.fields.units).toEqual({
      value: 'us', at: '2026-01-02T00:00:00.000Z', by: 'laptop',
      before: { value: 'metric', at: '2026-01-01T00:00:00.000Z', by: 'phone' },
    })
    expect(second.fields.water).toEqual({ value: 'rain', at: '2026-01-01T00:00:00.000Z', by: 'phone' })
  })
})

describe('readings from a file', () => {
  const base = { by: 'phone', batchId: 'b', recordedAt: '2026-05-10T10:00:00.000Z' }
  const at = (day: number) => `2026-05-${String(day).padStart(2, '0')}T10:00:00.000Z`
  const file: GardenEvent = {
    ...base,
    kind: 'logged',
    id: 'f',
    at: at(1),
    depth: 'core',
    source: 'probe.csv',
    minutes: [0, 4 * 1440, 6 * 1440],
    tenthsC: [300, 605, 550],
  }
  const hand = (day: number): GardenEvent => ({ ...base, kind: 'reading', id: `h${day}`, at: at(day), coreC: 50, source: 'hand' })

  it('are told among those by hand in the order in which they happened, in whatever order they arrive', () => {
    const wanted = [[at(1), 30], [at(3), 50], [at(5), 60.5], [at(6), 50], [at(7), 55]]
    const orders = [[file, hand(3), hand(6)], [hand(6), file, hand(3)], [hand(3), hand(6), file]]
    for (const events of orders) {
      const told = ({ gauged }: Pick<Batch, 'gauged'>) => gauged.heat!.map(({ at: moment, value }) => [moment, value])
      expect(told(foldGarden(events).batches.get('b')!)).toEqual(wanted)
      const grown = events.reduce((journal, event) => extendJournal(journal, [event]), openJournal([]))
      expect(told(grown.garden.batches.get('b')!)).toEqual(wanted)
    }
  })

  it('are put in order when the file is not', () => {
    const muddled: GardenEvent = { ...file, id: 'g', minutes: [2880, 0, 1440], tenthsC: [3, 1, 2] }
    expect(foldGarden([muddled]).batches.get('b')!.gauged.heat!.map(({ value }) => value)).toEqual([0.1, 0.2, 0.3])
  })

  it('go away whole when the file is taken back', () => {
    const undo: GardenEvent = { by: 'phone', kind: 'undone', id: 'u', at: at(8), recordedAt: '2026-05-11T10:00:00.000Z', targetId: 'f' }
    expect(foldGarden([file, hand(3), undo]).batches.get('b')!.gauged.heat).toHaveLength(1)
  })
})
