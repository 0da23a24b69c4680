import type { GardenEvent, NewEvent } from '#core/journal/event'
import { hasBegun, type BegunBatch, type Input } from '#core/journal/garden'
import { foldGarden } from '#core/journal/journal'
import { LIBRARY_BOOK } from '#core/materials/book'
import type { Surroundings } from '#core/methods/contract'
import type { ContainerThen } from '#core/units/container'
import type { Site } from '#core/vessel/site'
import { CAN } from './heaps'

export const BEGAN_AT = '2025-11-01T10:00:00.000Z'
/** A moment so many days after the batches of these tests began. */
export const afterDays = (day: number): string => new Date(Date.parse(BEGAN_AT) + day * 86_400_000).toISOString()

/** Means of the months of a mild place, January to December, °C. */
export const MILD_YEAR = [5, 5, 7, 9, 12, 15, 17, 17, 14, 11, 8, 6]

/** Surroundings on a day after the beginning, with the mean of each month and rain enough or none. */
export function aroundOn(
  day: number, { meanC = MILD_YEAR, rainMm = 2 }: { readonly meanC?: readonly number[], readonly rainMm?: number } = {},
): Surroundings {
  return {
    now: new Date(afterDays(day)), units: 'metric', materials: LIBRARY_BOOK,
    weather: { ambientC: at => meanC[at.getUTCMonth() % meanC.length]!, rainMm: () => rainMm },
    garden: { waterCan: CAN, water: 'rain' },
  }
}

export const input = (materialId: string, count: number, container: ContainerThen): Input => ({
  role: 'feed', materialId, amount: { count, container, packing: 'loose' }, draws: [],
})

interface Beginning {
  readonly methodId: string
  readonly approachId: string
  readonly site: Site
  readonly answers?: Readonly<Record<string, number | string>>
  readonly inputs?: readonly Input[]
  readonly waterL?: number
}

/** A batch with whatever happened to it since. */
export function begun(
  { methodId, approachId, site, answers = {}, inputs = [], waterL = 0 }: Beginning, since: readonly NewEvent[] = [],
): BegunBatch {
  const began: NewEvent = {
    kind: 'began', at: BEGAN_AT, batchId: 'b', name: 'Batch', place: '', methodId, approachId, site, answers,
    inputs: inputs.map(one => ({ ...one, draws: [...one.draws] })), waterL,
  }
  const events = [began, ...since].map((event, index) => ({ ...event, id: `e${index}`, by: 'test', recordedAt: event.at }) as GardenEvent)
  const batch = foldGarden(events).batches.get('b')
  if (!batch || !hasBegun(batch)) throw new Error('the batch did not begin')
  return batch
}

export const put = (day: number, inputs: readonly Input[], waterL = 0): NewEvent => ({
  kind: 'put', at: afterDays(day), batchId: 'b', inputs: inputs.map(one => ({ ...one, draws: [...one.draws] })), waterL,
})
export const did = (day: number, deed: string, answers: Record<string, number | string> = {}): NewEvent => ({
  kind: 'did', at: afterDays(day), batchId: 'b', deed, answers,
})
export const seen = (day: number, sense: string, finding: string): NewEvent => ({
  kind: 'observed', at: afterDays(day), batchId: 'b', sense, finding,
})
export const gauged = (day: number, quantity: string, spot: string, value: number): NewEvent => ({
  kind: 'gauged', at: afterDays(day), batchId: 'b', quantity, source: 'hand', values: [{ spot, value }],
})
export const took = (
  day: number, products: readonly (readonly [materialId: string, count: number, container: ContainerThen])[], ends = false,
): NewEvent => ({
  kind: 'took', at: afterDays(day), batchId: 'b', ends,
  products: products.map(([materialId, count, container]) => ({ materialId, amount: { count, container, packing: 'loose' } })),
})

/** Runs a generator to its end. */
export function finished<T>(steps: Generator<unknown, T>): T {
  let step = steps.next()
  while (!step.done) step = steps.next()
  return step.value
}
