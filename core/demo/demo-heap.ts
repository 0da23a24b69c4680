import type { NewEvent } from '../journal/event'
import { foldGarden } from '../journal/journal'
import type { StandingBatch } from '../journal/garden'
import { LIBRARY_BOOK } from '../materials/book'
import { typicalTotals } from '../mix/balance'
import { ingredientsOf, portionOf } from '../mix/portion'
import { waterNeed, waterToAddL } from '../mix/water'
import { batchMeasures, EDGE_SHARE, gainK, heightShare, vigourOf } from '../methods/hot-heap/course'
import { normal, type Random } from '../random/random'
import type { Amount } from '../units/container'
import { fillHeightM, type Vessel } from '../vessel/vessel'

/** What happened to one demo heap, days counted from its building. */
export interface DemoHeap {
  readonly id: string
  readonly name: string
  readonly place: string
  readonly builtDaysAgo: number
  readonly vessel: Vessel
  readonly approachId: string
  readonly ingredients: readonly (readonly [materialId: string, amount: Amount])[]
  /** Share of the water it needed that was really poured on. */
  readonly waterShare: number
  /** How it does beside the plain course: the hidden truth behind its readings. */
  readonly truth: number
  readonly turnDays: readonly number[]
  readonly readingDays: readonly number[]
  /** A reading that was mistyped or taken beside the heap. */
  readonly wrongOnDay?: number
  readonly heightDays: readonly number[]
  readonly observed: readonly (readonly [day: number, sense: string, finding: string])[]
  readonly notes?: readonly (readonly [day: number, text: string])[]
  readonly finishDay?: number
  readonly products?: readonly (readonly [materialId: string, amount: Amount, sieveMm?: number])[]
}

const DAY_MS = 86_400_000

/** Events of one heap with gatherings before it. `today` is the moment to count back from. */
export function demoHeapEvents(heap: DemoHeap, today: Date, ambientC: (at: Date) => number, random: Random): NewEvent[] {
  const builtMs = today.getTime() - heap.builtDaysAgo * DAY_MS
  const onDay = (day: number, hour = 0) => new Date(builtMs + day * DAY_MS + hour * 3_600_000).toISOString()
  const built = building(heap, onDay(0))
  const batch = asBatch(built)
  const vigour = vigourOf(batchMeasures(batch, LIBRARY_BOOK)!).overall * heap.truth
  const core = (day: number) => gainK(day, vigour, heap.turnDays, ambientC(new Date(onDay(day))))
  const builtM = fillHeightM(heap.vessel, batchMeasures(batch, LIBRARY_BOOK)!.volumeL)
  return [
    built,
    ...heap.turnDays.map((day): NewEvent => ({ kind: 'turned', at: onDay(day), batchId: heap.id })),
    ...heap.readingDays.map((day): NewEvent => {
      const ambient = ambientC(new Date(onDay(day)))
      const gain = core(day - 0.05)
      const coreC = day === heap.wrongOnDay ? Math.round(ambient) : Math.round(ambient + gain + 1.2 * normal(random))
      return { kind: 'reading', at: onDay(day, -0.6), batchId: heap.id, coreC, edgeC: Math.round(ambient + gain * EDGE_SHARE + normal(random)), source: 'hand' }
    }),
    ...heap.heightDays.map((day): NewEvent => ({ kind: 'measured', at: onDay(day, 0.2), batchId: heap.id, heightM: Math.round(100 * builtM * heightShare(day, vigour, heap.turnDays.length) * (1 + 0.02 * normal(random))) / 100 })),
    ...heap.observed.map(([day, sense, finding]): NewEvent => ({ kind: 'observed', at: onDay(day, 0.1), batchId: heap.id, sense, finding })),
    ...(heap.notes ?? []).map(([day, text]): NewEvent => ({ kind: 'noted', at: onDay(day, 0.3), batchId: heap.id, text })),
    ...finishing(heap, onDay),
  ]
}

function building(heap: DemoHeap, at: string): NewEvent & { kind: 'built' } {
  const mixed = ingredientsOf(heap.ingredients.map(([materialId, amount]) => ({ materialId, amount })), LIBRARY_BOOK).map(portionOf)
  const waterL = Math.round(waterToAddL(waterNeed(typicalTotals(mixed), 0.55)) * heap.waterShare)
  return {
    kind: 'built', at, batchId: heap.id, name: heap.name, place: heap.place, methodId: 'hot-heap', approachId: heap.approachId, vessel: heap.vessel, waterL,
    ingredients: heap.ingredients.map(([materialId, amount]) => ({ materialId, amount, draws: [] })),
  }
}

function asBatch(built: NewEvent & { kind: 'built' }): StandingBatch {
  return foldGarden([{ ...built, id: 'b', by: 'demo', recordedAt: built.at }]).batches.get(built.batchId) as StandingBatch
}

function finishing(heap: DemoHeap, onDay: (day: number) => string): NewEvent[] {
  if (heap.finishDay === undefined) return []
  const products = (heap.products ?? []).map(([materialId, amount, sieveMm]) => ({ materialId, amount, ...(sieveMm ? { sieveMm } : {}) }))
  return [{ kind: 'finished', at: onDay(heap.finishDay), batchId: heap.id, heightM: 0.5, products }]
}
