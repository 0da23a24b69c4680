import { dayOfYear } from '../units/time'
import { LIBRARY_BOOK } from '../materials/book'
import { describe, expect, it } from 'vitest'
import { CAN } from '../../test/builders/heaps'
import { usualTemperatureC } from '../garden/climate'
import { readSettings } from '../garden/settings'
import { storedLots } from '../garden/store'
import { hasBegun, type BegunBatch } from '../journal/garden'
import { heapLogOf } from '../methods/heated/heap-log'
import { foldGarden } from '../journal/journal'
import { hotHeap } from '../methods/hot-heap'
import { demoGarden } from './demo-garden'
import { readyWindow } from '../methods/hot-heap/ready'

/** The demo garden has to look alive whenever somebody opens it. */
describe.each(
  [0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11].flatMap(month => [
    [month, 3, 7], [month, 17, 15],
  ]),
)('the demo garden in month %i, on day %i at %i o\'clock', (month, day, hour) => {
  const now = new Date(2027, month, day, hour)
  const { events, documents } = demoGarden(now)
  const garden = foldGarden(events)
  const { climate } = readSettings(documents)
  const surroundings = {
    now, units: 'metric' as const, weather: { ambientC: (at: Date) => usualTemperatureC(climate, dayOfYear(at)), rainMm: () => 1 },
    garden: { waterCan: CAN }, materials: LIBRARY_BOOK,
  }
  const batch = (id: string) => heapLogOf(garden.batches.get(id) as BegunBatch)

  it('lies in the past, with a heap that works, one that does not and one that is ready', () => {
    expect(events.every(({ at }) => new Date(at) <= now)).toBe(true)
    expect(['hot', 'cooling']).toContain(hotHeap.life.standing(batch('demo-apple-bay'), surroundings).phase)
    expect(hotHeap.life.standing(batch('demo-wall-bay'), surroundings).phase).toBe('stalled')
    expect(readyWindow(batch('demo-shed-ring'), surroundings).from.getTime()).toBeLessThanOrEqual(now.getTime())
    expect(batch('demo-apple-bay').readings.some(({ coreC }) => coreC! > 52)).toBe(true)
  })

  it('asks for something today and has something about to spoil', () => {
    const standing = [...garden.batches.values()].filter(hasBegun).filter(one => !one.ended)
    expect(standing.flatMap(one => hotHeap.life.tasks(one, surroundings)).filter(({ due }) => due <= now).length).toBeGreaterThan(2)
    expect(['use-soon', 'spoiling']).toContain(storedLots(garden, now, LIBRARY_BOOK)[0]!.keeping.freshness)
  })
})
