import { daysBetween } from '../../units/time'
import type { Batch, BatchIngredient, BegunBatch, Gauge, Product, Source } from '../../journal/garden'
import { asVessel } from '../../vessel/site'
import type { Vessel } from '../../vessel/vessel'
import { EDGE, CORE, HEAT, HEIGHT, TURNED } from './words'

export interface Reading {
  readonly eventId: string
  readonly at: string
  readonly coreC?: number
  readonly edgeC?: number
  readonly source: Source
}
export interface HeightMark { readonly eventId: string, readonly at: string, readonly heightM: number }

/** How a heap was built. */
export interface Built {
  readonly at: string
  readonly methodId: string
  readonly approachId: string
  readonly vessel: Vessel
  readonly ingredients: readonly BatchIngredient[]
  readonly waterL: number
}

/** A batch that heats, as its forecast, its tasks and its diagnosis read it. */
export interface HeapLog extends BegunBatch {
  readonly built: Built
  readonly additions: readonly { readonly at: string, readonly ingredient: BatchIngredient }[]
  readonly readings: readonly Reading[]
  readonly heights: readonly HeightMark[]
  readonly turns: readonly { readonly at: string }[]
  readonly waterings: readonly { readonly at: string, readonly litres: number }[]
  readonly finish?: { readonly at: string, readonly heightM?: number, readonly products: readonly Product[] }
}

/** Core and edge of one event and moment are one reading. */
function readingsOf(gauges: readonly Gauge[]): Reading[] {
  const readings: (Reading & { coreC?: number, edgeC?: number })[] = []
  for (const { eventId, at, spot, value, source } of gauges) {
    const last = readings.at(-1)
    const reading = last?.eventId === eventId && last.at === at ? last : { eventId, at, source }
    if (reading !== last) readings.push(reading)
    if (spot === CORE) reading.coreC = value
    if (spot === EDGE) reading.edgeC = value
  }
  return readings
}

function logOf(batch: BegunBatch): HeapLog {
  const { began, puts, did, gauged, takings } = batch
  const later = puts.filter(({ atStart }) => !atStart)
  const start = puts.filter(({ atStart }) => atStart)
  const end = takings.findLast(({ ends }) => ends)
  return {
    ...batch,
    built: {
      at: began.at, methodId: began.methodId, approachId: began.approachId, vessel: asVessel(began.site),
      ingredients: start.flatMap(({ inputs }) => inputs), waterL: start.reduce((sum, { waterL }) => sum + waterL, 0),
    },
    additions: later.flatMap(({ at, inputs }) => inputs.map(ingredient => ({ at, ingredient }))),
    readings: readingsOf(gauged[HEAT] ?? []),
    heights: (gauged[HEIGHT] ?? []).map(({ eventId, at, value }) => ({ eventId, at, heightM: value })),
    turns: did.filter(({ deed }) => deed === TURNED).map(({ at }) => ({ at })),
    waterings: later.flatMap(({ at, waterL }) => waterL > 0 ? [{ at, litres: waterL }] : []),
    ...(batch.ended && end
      ? { finish: { at: end.at, products: end.products, ...(end.heightM === undefined ? {} : { heightM: end.heightM }) } }
      : {}),
  }
}

/** Logs made so far: a batch gets a new identity with everything that is recorded of it. */
const made = new WeakMap<Batch, HeapLog>()

/** A batch as a heap that heats. Asked many times over: made once for each state of the batch. */
export function heapLogOf(batch: BegunBatch): HeapLog {
  if ('built' in batch) return batch as HeapLog
  const ready = made.get(batch) ?? logOf(batch)
  made.set(batch, ready)
  return ready
}

/** Days since it was built. */
export function daysStanding({ built }: Pick<HeapLog, 'built'>, now: Date): number {
  return Math.max(0, daysBetween(built.at, now))
}
