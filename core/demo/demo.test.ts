import { dayOfYear } from '../units/time'
import { LIBRARY_BOOK } from '../materials/book'
import { describe, expect, it } from 'vitest'
import * as v from 'valibot'
import { usualTemperatureC } from '../garden/climate'
import { readSettings } from '../garden/settings'
import { storedLots } from '../garden/store'
import { documentSchema } from '../journal/document'
import { readEvent } from '../journal/event'
import type { BegunBatch } from '../journal/garden'
import { heapLogOf } from '../methods/heated/heap-log'
import { foldGarden } from '../journal/journal'
import { hotHeap } from '../methods/hot-heap'
import { CAN } from '../../test/builders/heaps'
import { demoGarden } from './demo-garden'
import { readyWindow } from '../methods/hot-heap/ready'

const NOW = new Date(2026, 10, 25, 14)
const { events, documents } = demoGarden(NOW)
const garden = foldGarden(events)
const settings = readSettings(documents)
const surroundings = {
  now: NOW, units: 'metric' as const, materials: LIBRARY_BOOK,
  weather: { ambientC: (at: Date) => usualTemperatureC(settings.climate, dayOfYear(at)), rainMm: () => 1 }, garden: { waterCan: CAN },
}
const batch = (id: string) => heapLogOf(garden.batches.get(id) as BegunBatch)

describe('the demo garden', () => {
  it('is made of events and documents that a backup would take, the same for the same day', () => {
    for (const event of events) expect(readEvent(event).ok, JSON.stringify(event)).toBe(true)
    for (const document of documents) expect(v.safeParse(documentSchema, document).success).toBe(true)
    expect(new Set(events.map(({ id }) => id)).size).toBe(events.length)
    expect(demoGarden(NOW)).toEqual({ events, documents })
    expect(events.every(({ at }) => new Date(at) <= NOW)).toBe(true)
  })

  it('has one heap going well, one that does not heat and one that is ready', () => {
    expect(hotHeap.life.standing(batch('demo-apple-bay'), surroundings).phase).toBe('hot')
    expect(hotHeap.life.standing(batch('demo-wall-bay'), surroundings).phase).toBe('stalled')
    expect(hotHeap.life.standing(batch('demo-shed-ring'), surroundings).phase).toBe('curing')
    expect(readyWindow(batch('demo-shed-ring'), surroundings).from.getTime()).toBeLessThanOrEqual(NOW.getTime())
    expect(hotHeap.life.tasks(batch('demo-wall-bay'), surroundings).map(({ title }) => title)).toContain('Find out why it stays cool')
  })

  it('has a year of finished batches, and a store with something about to spoil', () => {
    expect([...garden.batches.values()].filter(one => one.ended)).toHaveLength(8)
    const stored = storedLots(garden, NOW, LIBRARY_BOOK)
    expect(stored[0]!.keeping.freshness).toMatch(/use-soon|spoiling/)
    expect(stored.map(({ lot }) => lot.materialId)).toEqual(
      expect.arrayContaining(['leaves-mixed', 'grass-clippings', 'compost-finished', 'overs']),
    )
  })

  it.each(['demo-apple-bay', 'demo-plum-bay', 'demo-shed-ring', 'demo-wall-bay'])('%s fits its vessel', (id) => {
    const heights = batch(id).heights.map(({ heightM }) => heightM)
    expect(Math.max(...heights)).toBeLessThan(batch(id).built.vessel.heightM * 1.1)
    expect(Math.max(...heights)).toBeGreaterThan(0.5)
  })
})
