import type { NewEvent } from '../journal/event'
import { foldGarden } from '../journal/journal'
import type { BegunBatch } from '../journal/garden'
import type { Answers } from '../questions/answers'
import { LIBRARY_BOOK } from '../materials/book'
import { typicalTotals } from '../mix/balance'
import { ingredientsOf, portionOf } from '../mix/portion'
import { waterNeed, waterToAddL } from '../mix/water'
import { emptyCourse, type Course } from '../heat/case'
import { runCourse } from '../heat/course'
import { traitsAt, TRAIT_NAMES, type TraitName } from '../heat/traits'
import { heapLogOf, type HeapLog } from '../methods/heated/heap-log'
import { DAY_MS } from '../units/time'
import { caseOf } from '../methods/heated/question'
import { questionOf } from '../methods/hot-heap/question'
import type { Surroundings } from '../methods/contract'
import { containerThen, STARTING_CONTAINERS } from '../units/container'
import { normal, type Random } from '../random/random'
import type { Amount } from '../units/container'
import type { Vessel } from '../vessel/vessel'

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
  /** How it differs from a usual heap: the hidden truth behind its readings, in standings of its traits. */
  readonly truth: Partial<Record<TraitName, number>>
  readonly turnDays: readonly number[]
  readonly readingDays: readonly number[]
  /** A reading that was mistyped or taken beside the heap. */
  readonly wrongOnDay?: number
  readonly heightDays: readonly number[]
  readonly observed: readonly (readonly [day: number, sense: string, finding: string])[]
  readonly notes?: readonly (readonly [day: number, text: string])[]
  /** Tests set up or read on a day: with answers they are read, without they run. */
  readonly tests?: readonly (readonly [day: number, test: string, answers?: Answers])[]
  readonly finishDay?: number
  readonly products?: readonly (readonly [materialId: string, amount: Amount, sieveMm?: number])[]
}

type Outdoors = Pick<Surroundings, 'weather'>

/** What really went on in the heap, hour by hour as it will be looked at. */
function truthOf(
  heap: DemoHeap, batch: HeapLog, today: Date, outdoors: Outdoors, days: Float64Array,
): { readonly course: Course, readonly builtM: number } {
  const surroundings: Surroundings = {
    ...outdoors,
    now: today,
    units: 'metric',
    materials: LIBRARY_BOOK,
    garden: { waterCan: containerThen(STARTING_CONTAINERS.metric.at(-1)!) },
  }
  const question = questionOf(batch, surroundings)
  if (!question) throw new Error(`${heap.name} is made of nothing known`)
  const course = emptyCourse(days)
  const deeds = heap.turnDays.map(day => ({ day, kind: 'turn' as const }))
  const ran = runCourse(
    { ...caseOf(question), deeds, habitFromDay: Number.POSITIVE_INFINITY }, traitsAt(TRAIT_NAMES.map(name => heap.truth[name] ?? 0)),
    course,
  )
  if (!ran.ok) throw new Error(`${heap.name} cannot be run: ${ran.error.kind}`)
  return { course, builtM: question.builtHeightM }
}

/** Events of one heap with gatherings before it. `today` is the moment to count back from. */
export function demoHeapEvents(heap: DemoHeap, today: Date, outdoors: Outdoors, random: Random): NewEvent[] {
  const builtMs = today.getTime() - heap.builtDaysAgo * DAY_MS
  const onDay = (day: number, hour = 0) => new Date(builtMs + day * DAY_MS + hour * 3_600_000).toISOString()
  const built = building(heap, onDay(0))
  // Readings are taken shortly before the work of the day.
  const readAt = (day: number) => day - 0.6 / 24
  const days = Float64Array.from(new Set([0, ...heap.readingDays.map(readAt), ...heap.heightDays])).sort()
  const { course, builtM } = truthOf(heap, asBatch(built), today, outdoors, days)
  const of = (row: 'coreC' | 'edgeC' | 'volumeShare', day: number) => course[row][days.indexOf(day)]!
  return [
    built,
    ...heap.turnDays.map((day): NewEvent => ({ kind: 'turned', at: onDay(day), batchId: heap.id })),
    ...heap.readingDays.map((day): NewEvent => {
      const coreC = Math.round(
        day === heap.wrongOnDay ? outdoors.weather.ambientC(new Date(onDay(day))) : of('coreC', readAt(day)) + 1.2 * normal(random),
      )
      return {
        kind: 'reading', at: onDay(day, -0.6), batchId: heap.id, coreC, edgeC: Math.round(of('edgeC', readAt(day)) + normal(random)),
        source: 'hand',
      }
    }),
    ...heap.heightDays.map((day): NewEvent => ({
      kind: 'measured', at: onDay(day, 0.2), batchId: heap.id,
      heightM: Math.round(100 * builtM * of('volumeShare', day) * (1 + 0.02 * normal(random))) / 100,
    })),
    ...heap.observed.map(([day, sense, finding]): NewEvent => ({
      kind: 'observed', at: onDay(day, 0.1), batchId: heap.id, sense, finding,
    })),
    ...(heap.notes ?? []).map(([day, text]): NewEvent => ({ kind: 'noted', at: onDay(day, 0.3), batchId: heap.id, text })),
    ...(heap.tests ?? []).map(([day, test, answers]): NewEvent =>
      answers
        ? { kind: 'test-read', at: onDay(day, 0.4), batchId: heap.id, test, answers: { ...answers } }
        : { kind: 'test-begun', at: onDay(day, 0.4), batchId: heap.id, test, answers: {} },
    ),
    ...finishing(heap, onDay),
  ]
}

function building(heap: DemoHeap, at: string): NewEvent & { kind: 'built' } {
  const mixed = ingredientsOf(heap.ingredients.map(([materialId, amount]) => ({ materialId, amount })), LIBRARY_BOOK).map(portionOf)
  const waterL = Math.round(waterToAddL(waterNeed(typicalTotals(mixed), 0.55)) * heap.waterShare)
  return {
    kind: 'built',
    at,
    batchId: heap.id,
    name: heap.name,
    place: heap.place,
    methodId: 'hot-heap',
    approachId: heap.approachId,
    vessel: heap.vessel,
    waterL,
    ingredients: heap.ingredients.map(([materialId, amount]) => ({ materialId, amount, draws: [] })),
  }
}

function asBatch(built: NewEvent & { kind: 'built' }): HeapLog {
  return heapLogOf(foldGarden([{ ...built, id: 'b', by: 'demo', recordedAt: built.at }]).batches.get(built.batchId) as BegunBatch)
}

function finishing(heap: DemoHeap, onDay: (day: number) => string): NewEvent[] {
  if (heap.finishDay === undefined) return []
  const products = (heap.products ?? []).map(([materialId, amount, sieveMm]) => ({ materialId, amount, ...(sieveMm ? { sieveMm } : {}) }))
  return [{ kind: 'finished', at: onDay(heap.finishDay), batchId: heap.id, heightM: 0.36, products }]
}
