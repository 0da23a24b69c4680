import { describe, expect, it } from 'vitest'
import type { GardenEvent, NewEvent } from '../journal/event'
import { foldGarden } from '../journal/journal'
import { LIBRARY_BOOK } from '../materials/book'
import { LITRE } from '../units/container'
import { bedsHad, reachedBy, wentTo } from './uses'

const on = (day: number) => new Date(Date.UTC(2027, 0, 1, 10) + day * 86_400_000).toISOString()
const litres = (count: number) => ({ count, container: LITRE, packing: 'loose' as const })
const gardenOf = (events: readonly NewEvent[]) =>
  foldGarden(events.map((event, index) => ({ ...event, id: event.id ?? `e${index}`, by: 'test', recordedAt: event.at }) as GardenEvent))
const stocked = (id: string, materialId: string): NewEvent =>
  ({ kind: 'stocked', id, at: on(0), materialId, amount: litres(100), source: '' })
const SITE = {
  kind: 'vessel' as const,
  vessel: { id: 't', name: 'Bay', wall: 'boards' as const, shape: 'box' as const, widthM: 1, depthM: 1, heightM: 1 },
}
const spread = (id: string, lotId: string, bedId: string, day: number): NewEvent =>
  ({ kind: 'used', id, at: on(day), lotId, litres: 5, place: bedId, bedId })

/** Doubtful hay into a heap, its compost into a mix, the mix onto a bed; and a bed beside it that had none of it. */
const GARDEN = gardenOf([
  stocked('hay', 'hay-grass'), stocked('leaves', 'leaves-mixed'), stocked('mould', 'leaf-mould'),
  {
    kind: 'began', id: 'b', at: on(2), batchId: 'heap', name: 'Heap', place: '', methodId: 'slow-heap', approachId: 'x', site: SITE,
    answers: {},
    waterL: 0, inputs: [
      { role: 'feed', materialId: 'hay-grass', amount: litres(40), draws: [{ lotId: 'hay', litres: 40 }] },
      { role: 'feed', materialId: 'leaves-mixed', amount: litres(80), draws: [{ lotId: 'leaves', litres: 80 }] },
    ],
  },
  { kind: 'took', id: 't', at: on(200), batchId: 'heap', ends: true, products: [{ materialId: 'compost-finished', amount: litres(60) }] },
  {
    kind: 'made', id: 'm', at: on(210), how: 'mixed', draws: [{ lotId: 't.0', litres: 20 }, { lotId: 'mould', litres: 20 }],
    products: [{ materialId: 'growing-mix', amount: litres(38) }],
  },
  spread('x', 'm.0', 'tomatoes', 220), spread('y', 'mould', 'beans', 221), spread('z', 't.0', 'beans', 230),
  { kind: 'used', id: 'w', at: on(240), batchId: 'heap', litres: 3, place: 'Leeks', bedId: 'leeks' },
  { kind: 'used', id: 'p', at: on(241), lotId: 'mould', litres: 3, place: 'the neighbours' },
])
const BEDS = ['tomatoes', 'beans', 'leeks', 'empty'].map(id => ({ id }))

describe('the use book', () => {
  it('tells where each lot went: beds, places, batches and what was made of it, by their days', () => {
    expect(wentTo(GARDEN, 'hay')).toEqual([{ kind: 'batch', id: 'heap', at: on(2), litres: 40 }])
    expect(wentTo(GARDEN, 'mould').map(({ kind, id }) => [kind, id])).toEqual(
      [['lot', 'm.0'], ['bed', 'beans'], ['place', 'the neighbours']])
    expect(wentTo(GARDEN, 'm.0')).toEqual([{ kind: 'bed', id: 'tomatoes', at: on(220), litres: 5 }])
  })

  it('tells of a bed all that it had, back to every batch and lot, with what it carried', () => {
    const [last, compost, , mix] = bedsHad(GARDEN, BEDS, LIBRARY_BOOK)
    expect([last!.bedId, compost!.bedId, mix!.bedId]).toEqual(['leeks', 'beans', 'tomatoes'])
    expect(new Set(mix!.origins.map(({ id }) => id))).toEqual(new Set(['heap', 'hay', 'leaves', 'mould']))
    expect(mix!.carried.map(({ risk }) => risk)).toContain('weedkiller')
    expect(bedsHad(GARDEN, [{ id: 'empty' }], LIBRARY_BOOK)).toEqual([])
  })

  it('finds the bed that had the doubtful hay three steps on, and none that had not', () => {
    const reached = reachedBy({ kind: 'lot', id: 'hay' }, GARDEN, BEDS, LIBRARY_BOOK)
    expect(reached.onBeds.map(({ bedId, eventId }) => [bedId, eventId])).toEqual([['leeks', 'w'], ['beans', 'z'], ['tomatoes', 'x']])
    expect(reached.inBatches.map(({ batchId }) => batchId)).toEqual(['heap'])
    expect(reached.inLots.map(({ lotId }) => lotId)).toEqual(['t.0', 'm.0'])
    const mould = reachedBy({ kind: 'lot', id: 'mould' }, GARDEN, BEDS, LIBRARY_BOOK)
    expect(mould.onBeds.map(({ eventId }) => eventId)).toEqual(['y', 'x'])
    expect(mould.inLots).toEqual([{ lotId: 'm.0', share: 0.5 }])
  })

  it('leaves out what had come out of a batch before the hay went in, by a lot or straight from it', () => {
    const put = (id: string, lotId: string, materialId: string, day: number): NewEvent => ({
      kind: 'put', id, at: on(day), batchId: 'bin', waterL: 0,
      inputs: [{ role: 'feed', materialId, amount: litres(20), draws: [{ lotId, litres: 20 }] }],
    })
    const took = (id: string, day: number): NewEvent =>
      ({ kind: 'took', id, at: on(day), batchId: 'bin', ends: false, products: [{ materialId: 'compost-finished', amount: litres(10) }] })
    const straight = (id: string, day: number): NewEvent =>
      ({ kind: 'used', id, at: on(day), batchId: 'bin', litres: 2, place: 'Leeks', bedId: 'leeks' })
    const mixed: NewEvent = {
      kind: 'made', id: 'hayed', at: on(1), how: 'mixed', draws: [{ lotId: 'hay', litres: 30 }],
      products: [{ materialId: 'overs', amount: litres(30) }],
    }
    const garden = gardenOf([
      stocked('hay', 'hay-grass'), stocked('leaves', 'leaves-mixed'), mixed,
      {
        kind: 'began', id: 'b', at: on(2), batchId: 'bin', name: 'Bin', place: '', methodId: 'worm-bin', approachId: 'x', site: SITE,
        answers: {},
        waterL: 0, inputs: [{ role: 'feed', materialId: 'leaves-mixed', amount: litres(20), draws: [{ lotId: 'leaves', litres: 20 }] }],
      },
      took('early', 50), straight('s1', 51), put('h', 'hayed.0', 'overs', 60), took('late', 100), straight('s2', 101),
      spread('e', 'early.0', 'beans', 110), spread('l', 'late.0', 'tomatoes', 111),
    ])
    for (const id of ['hay', 'hayed.0']) {
      const { onBeds, inLots } = reachedBy({ kind: 'lot', id }, garden, BEDS, LIBRARY_BOOK)
      expect(onBeds.map(({ eventId }) => eventId), id).toEqual(['l', 's2'])
      expect(inLots.some(({ lotId }) => lotId === 'early.0'), id).toBe(false)
      expect(inLots.some(({ lotId }) => lotId === 'late.0'), id).toBe(true)
    }
  })

  it('finds what a batch reached, and what a mix reached', () => {
    expect(reachedBy({ kind: 'batch', id: 'heap' }, GARDEN, BEDS, LIBRARY_BOOK).onBeds.map(({ eventId }) => eventId)).toEqual(
      ['w', 'z', 'x'])
    expect(reachedBy({ kind: 'lot', id: 'm.0' }, GARDEN, BEDS, LIBRARY_BOOK).onBeds.map(({ eventId }) => eventId)).toEqual(['x'])
    expect(reachedBy({ kind: 'lot', id: 't.0' }, GARDEN, BEDS, LIBRARY_BOOK).onBeds.map(({ eventId }) => eventId)).toEqual(['z', 'x'])
  })
})
