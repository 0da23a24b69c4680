import { describe, expect, it } from 'vitest'
import type { GardenEvent, NewEvent } from '../journal/event'
import { foldGarden } from '../journal/journal'
import { LIBRARY_BOOK } from '../materials/book'
import type { Site } from '../vessel/site'
import { charInBatchL, charMemory } from './kept-share'

const AT = '2026-03-01T10:00:00.000Z'
const LITRE = { id: 'litre', name: 'litre', plural: 'litres', volumeL: 1 }
const litres = (count: number) => ({ count, container: LITRE, packing: 'loose' as const })
const SITE: Site = { kind: 'vessel', vessel: { id: 'bay', name: 'Bay', wall: 'boards', shape: 'box', widthM: 1, depthM: 1, heightM: 1 } }
const gardenOf = (events: readonly (NewEvent & { id: string })[]) =>
  foldGarden(events.map(event => ({ ...event, by: 'test', recordedAt: event.at }) as GardenEvent))
const stocked = (id: string, materialId: string, count: number) => ({
  id, kind: 'stocked' as const, at: AT, materialId, amount: litres(count), source: '',
})
const heap = (charDraw: readonly { lotId: string, litres: number }[], charL: number, extra = 200) => ({
  id: 'heap',
  kind: 'began' as const,
  at: AT,
  batchId: 'h',
  name: 'Heap',
  place: '',
  methodId: 'x',
  approachId: 'y',
  site: SITE,
  answers: {},
  waterL: 0,
  inputs: [
    { role: 'feed' as const, materialId: 'leaves-mixed', amount: litres(extra), draws: [] },
    { role: 'feed' as const, materialId: 'biochar-crushed', amount: litres(charL), draws: [...charDraw] },
  ],
})
const took = (id: string, count: number, ends: boolean) => ({
  id, kind: 'took' as const, at: '2026-08-01T10:00:00.000Z', batchId: 'h', ends,
  products: [{ materialId: 'compost-finished', amount: litres(count) }],
})
const share = (garden: ReturnType<typeof gardenOf>, lotId: string) => charMemory(garden, LIBRARY_BOOK).ofLot(lotId)

describe('char on its way', () => {
  it('is all of raw char, and none of leaves', () => {
    const garden = gardenOf([stocked('char', 'biochar-crushed', 30), stocked('leaves', 'leaves-mixed', 80)])
    expect(share(garden, 'char')).toBe(1)
    expect(share(garden, 'leaves')).toBe(0)
    expect(share(garden, 'nowhere')).toBe(0)
  })

  it('goes through a heap: 20 L of char in, 100 L of compost out, a fifth of it char; while it still works by half of what went in', () => {
    const begun = [stocked('char', 'biochar-crushed', 30), heap([{ lotId: 'char', litres: 20 }], 20)]
    const ended = gardenOf([...begun, took('t', 100, true)])
    expect(share(ended, 't.0')).toBeCloseTo(0.2, 6)
    expect(charInBatchL(ended, ended.batches.get('h')!, LIBRARY_BOOK)).toBeCloseTo(20, 6)
    // 220 L went in: half of them are 110 L; 20 / 110.
    expect(share(gardenOf([...begun, took('t', 30, false)]), 't.0')).toBeCloseTo(20 / 110, 6)
  })

  it('goes on through a mix of that compost: a quarter of a fifth', () => {
    const garden = gardenOf([
      heap([], 20), took('t', 100, true), stocked('mould', 'leaf-mould', 60),
      {
        id: 'mix', kind: 'made', at: '2026-09-01T10:00:00.000Z', how: 'mixed',
        draws: [
          { lotId: 't.0', litres: 20 }, { lotId: 'mould', litres: 60 },
        ],
        products: [{ materialId: 'compost-finished', amount: litres(80) }],
      },
    ])
    expect(share(garden, 'mix.0')).toBeCloseTo(0.05, 6)
  })

  it('is never more than the lot itself, however much came out shrunk', () => {
    expect(share(gardenOf([heap([], 50, 10), took('t', 20, true)]), 't.0')).toBe(1)
  })
})
