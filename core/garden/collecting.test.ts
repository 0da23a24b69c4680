import { describe, expect, it } from 'vitest'
import { BUCKET, SACK } from '../../test/builders/heaps'
import { writeDocument } from '../journal/document'
import type { GardenEvent } from '../journal/event'
import { foldGarden } from '../journal/journal'
import { LIBRARY_BOOK } from '../materials/book'
import { collectingState, collectingValues, readCollecting, toGatherNow, type CollectingList } from './collecting'
import { EMPTY_PLAN } from './plan'
import { storedLots } from './store'

const at = '2026-10-01T08:00:00.000Z'
const named = (materialId: string, count: number, container = BUCKET) => ({
  materialId, amount: { count, container, packing: 'loose' as const },
})
const list: CollectingList = {
  id: 'collecting.a', name: 'Autumn heap', startedAt: at, by: '2026-11-10',
  plan: { ...EMPTY_PLAN, ingredients: [named('leaves-mixed', 6, SACK), named('grass-clippings', 10)] },
}
const stocked = (id: string, day: string, count: number, materialId: string, container = SACK): GardenEvent => ({
  kind: 'stocked',
  id,
  at: `${day}T10:00:00.000Z`,
  recordedAt: `${day}T10:00:00.000Z`,
  by: 'phone',
  materialId,
  source: '',
  amount: { count, container, packing: 'loose' },
})
const state = (events: readonly GardenEvent[], day: string, of = list) =>
  collectingState(of, storedLots(foldGarden(events), new Date(`${day}T12:00:00.000Z`), LIBRARY_BOOK), LIBRARY_BOOK)

describe('a collecting list', () => {
  it('is written and read back, the earliest day first, and goes when it is removed', () => {
    const write = (one: CollectingList, extra = {}) =>
      writeDocument(undefined, one.id, 'collecting', { ...collectingValues(one), ...extra }, at, 'phone')
    const later = { ...list, id: 'collecting.b', by: '2027-03-01' }
    expect(readCollecting([write(later), write(list)])).toEqual([list, later])
    expect(readCollecting([write(list, { removed: true })])).toEqual([])
    expect(readCollecting([write(list, { by: 'soon' })])).toEqual([])
  })

  it('fills by itself as stock comes in', () => {
    const empty = state([], '2026-10-01')
    expect(empty.lines.map(({ missingCount }) => missingCount)).toEqual([6, 10])
    expect(empty).toMatchObject({ share: 0, complete: false })
    const some = state([stocked('a', '2026-10-01', 2, 'leaves-mixed')], '2026-10-02')
    expect(some.lines[0]).toMatchObject({ wantedCount: 6, thereCount: 2, missingCount: 4 })
    // 160 of 480 + 120 litres.
    expect(some.share).toBeCloseTo(160 / 600, 9)
  })

  it('counts another container for what it holds', () => {
    // 40 buckets of 12 L are 480 L: six sacks of 80.
    expect(state([stocked('a', '2026-10-01', 40, 'leaves-mixed', BUCKET)], '2026-10-02').lines[0]!.missingCount).toBe(0)
  })

  it('is complete when all is there, though a sackful was scant', () => {
    const all = state(
      [stocked('a', '2026-10-01', 5.9, 'leaves-mixed'), stocked('b', '2026-11-09', 10, 'grass-clippings', BUCKET)], '2026-11-09',
    )
    expect(all.complete).toBe(true)
    expect(all.share).toBeGreaterThan(0.97)
  })

  it('says from which day on what spoils is worth gathering, and what will not last', () => {
    const [leaves, grass] = state(
      [stocked('g', '2026-10-01', 10, 'grass-clippings', BUCKET), stocked('l', '2026-10-01', 6, 'leaves-mixed')], '2026-10-01',
    ).lines
    // Grass keeps two days in the bucket.
    expect(grass!.gatherFrom.toISOString().slice(0, 10)).toBe('2026-11-08')
    expect(leaves!.gatherFrom < new Date(at)).toBe(true)
    expect([leaves!.spoilsBefore, grass!.spoilsBefore]).toEqual([false, true])
    // So it does not count as there.
    expect([leaves!.missingCount, grass!.missingCount]).toEqual([0, 10])
  })

  it('of nothing is nothing', () => {
    expect(state([], '2026-10-01', { ...list, plan: EMPTY_PLAN })).toEqual({ lines: [], share: 0, complete: true })
  })

  it('reminds of what spoils once its days have come, and of the rest a fortnight before', () => {
    const due = (day: string) =>
      toGatherNow(state([], day), new Date(`${day}T12:00:00.000Z`)).map(({ ingredient }) => ingredient.material.id)
    expect(due('2026-10-20')).toEqual([])
    expect(due('2026-10-28')).toEqual(['leaves-mixed'])
    expect(due('2026-11-09')).toEqual(['leaves-mixed', 'grass-clippings'])
  })
})
