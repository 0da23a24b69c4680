import type { GardenEvent, NewEvent } from '#core/journal/event'
import { hasBegun } from '#core/journal/garden'
import { heapLogOf, type HeapLog } from '#core/methods/heated/heap-log'
import { foldGarden } from '#core/journal/journal'
import { LIBRARY_BOOK } from '#core/materials/book'
import type { Surroundings } from '#core/methods/contract'
import { containerThen, STARTING_CONTAINERS, type ContainerThen } from '#core/units/container'
import { VESSEL_PRESETS } from '#core/vessel/presets'
import type { Vessel } from '#core/vessel/vessel'

export const BUCKET = containerThen(STARTING_CONTAINERS.metric[0]!)
export const SACK = containerThen(STARTING_CONTAINERS.metric[1]!)
export const CAN = containerThen(STARTING_CONTAINERS.metric[4]!)
export const BUILT_AT = '2026-05-01T10:00:00.000Z'

/** A moment so many days after the heap of these tests was built. */
export const onDay = (day: number): string => new Date(Date.parse(BUILT_AT) + day * 86_400_000).toISOString()

/** Surroundings on a day, in steady mild air. */
export function surroundingsOn(day: number, ambientC = 15): Surroundings {
  return {
    now: new Date(onDay(day)), units: 'metric', materials: LIBRARY_BOOK, weather: { ambientC: () => ambientC, rainMm: () => 0 },
    garden: { waterCan: CAN },
  }
}

export interface HeapRecipe {
  readonly vessel?: Vessel
  readonly approachId?: string
  readonly waterL?: number
  readonly ingredients: readonly (readonly [materialId: string, count: number, container: ContainerThen])[]
}

/** Leaves and grass that fill a square bay at 33 to 1. */
export const GOOD_HEAP: HeapRecipe = {
  vessel: VESSEL_PRESETS[1], waterL: 40,
  ingredients: [
    ['leaves-mixed', 14, SACK], ['grass-clippings', 50, BUCKET],
  ],
}

/** Manure with straw, grass and leaves: the heap that holds its heat for longest. */
export const RICH_HEAP: HeapRecipe = {
  vessel: VESSEL_PRESETS[1], waterL: 25,
  ingredients: [
    ['horse-manure-straw', 70, BUCKET], ['straw-wheat', 4, SACK], ['grass-clippings', 25, BUCKET], ['leaves-shredded', 3, SACK],
  ],
}

/** A heap of made-up ingredients with whatever happened to it since. */
export function heap({ vessel, approachId, waterL, ingredients }: HeapRecipe, since: readonly NewEvent[] = []): HeapLog {
  const built: NewEvent = {
    kind: 'built', at: BUILT_AT, batchId: 'heap', name: 'Heap', place: '', methodId: 'hot-heap', approachId: approachId ?? 'by-thermometer',
    vessel: vessel ?? VESSEL_PRESETS[1]!, waterL: waterL ?? 0,
    ingredients: ingredients.map(([materialId, count, container]) => ({
      materialId, amount: { count, container, packing: 'loose' as const }, draws: [],
    })),
  }
  const events = [built, ...since].map((event, index) => ({ ...event, id: `e${index}`, by: 'test', recordedAt: event.at }) as GardenEvent)
  const batch = foldGarden(events).batches.get('heap')
  if (!batch || !hasBegun(batch)) throw new Error('the heap was not built')
  return heapLogOf(batch)
}

export const reading = (day: number, coreC: number): NewEvent => ({
  kind: 'reading', at: onDay(day), batchId: 'heap', coreC, source: 'hand',
})
export const observed = (day: number, sense: string, finding: string): NewEvent => ({
  kind: 'observed', at: onDay(day), batchId: 'heap', sense, finding,
})
export const turned = (day: number): NewEvent => ({ kind: 'turned', at: onDay(day), batchId: 'heap' })
