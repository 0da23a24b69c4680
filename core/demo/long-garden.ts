import { CLIMATES, usualTemperatureC, type Climate } from '../garden/climate'
import { SETTINGS_ID } from '../garden/settings'
import { writeDocument, type GardenDocument } from '../journal/document'
import { CORE, EDGE, HEAT, TURNED } from '../journal/earlier'
import type { GardenEvent, NewEvent } from '../journal/event'
import { LOOK, SQUEEZE } from '../methods/leafmould/words'
import { SITES as CAGES } from '../methods/leafmould/sites'
import { normal, seededRandom, type Random } from '../random/random'
import { amountVolumeL } from '../units/container'
import { DAY_MS, dayOfYear } from '../units/time'
import { VESSEL_PRESETS } from '../vessel/presets'
import type { Vessel } from '../vessel/vessel'
import { some } from './demo-heaps'

/** What a long garden is to be like. */
export interface LongGardenWish {
  readonly years: number
  readonly now: Date
  readonly seed?: number
  /** Batches begun in a year, and how many stand at the end. */
  readonly batchesAYear?: number
  readonly standing?: number
}

const PLACES = [
  'by the gate', 'under the pear', 'along the wall', 'behind the shed', 'by the water butt', 'at the far end', 'beside the hedge',
  'near the beans',
]
const FIRST = [
  'Gate', 'Pear', 'Wall', 'Shed', 'Butt', 'Far', 'Hedge', 'Bean', 'Robin', 'Moss', 'Fern', 'Clay', 'Quince', 'Rook', 'Thorn', 'Willow',
]
const NOTES = [
  'Rained into it before the lid was on.', 'Warm right to the edge this morning.', 'A mouse has moved in; let it be.',
  'Mixed in what the hedge gave.', 'Smells of a wood after rain.',
]
const GREENS = ['grass-clippings', 'horse-manure-straw', 'kitchen-veg', 'coffee-grounds'] as const
const BROWNS = ['leaves-mixed', 'straw-wheat', 'cardboard', 'leaves-shredded'] as const
/** A heap older than this does not stand as one any more: what stands longer is a cage. */
const A_HEAP_STANDS_DAYS = 200

const pick = <T>(random: Random, from: readonly T[]): T => from[Math.floor(random() * from.length)] as T

/**
 * How warm the core of a heap that goes well is on a day: a rise within days, a long fall, each turn a new start. For looking at
 * and measuring speed, no model of anything.
 */
const coreOn = (day: number, airC: number) => airC + 48 * (1 - Math.exp(-day / 1.5)) * Math.exp(-day / 38)

interface Begun {
  readonly id: string
  readonly name: string
  readonly place: string
  readonly beganMs: number
  readonly endsDay: number | undefined
  readonly lastDay: number
}

function heapEvents({ id, name, place, beganMs, endsDay, lastDay }: Begun, climate: Climate, random: Random): NewEvent[] {
  const on = (day: number, hour = 0) => new Date(beganMs + day * DAY_MS + hour * 3_600_000).toISOString()
  const days = (count: number, spread: number) =>
    Array.from({ length: count }, (_, index) => Math.round(10 * spread * ((index + 0.5) / count) ** 1.8) / 10).filter(day => day < lastDay)
  const greens = GREENS.map(green => [green, some(4 + Math.floor(random() * 14), 'bucket')] as const)
  const browns = [pick(random, BROWNS), 'twigs'].map(brown => [brown, some(1 + Math.floor(random() * 5), 'sack')] as const)
  const gathered = [...greens, ...browns].map(([materialId, amount], index): NewEvent => ({
    kind: 'stocked', at: on(-1 - index / 10), materialId, amount, source: '',
  }))
  const began: NewEvent = {
    kind: 'began',
    at: on(0),
    batchId: id,
    name,
    place,
    methodId: 'hot-heap',
    approachId: pick(random, ['weekly', 'by-thermometer']),
    answers: {},
    waterL: 40 + Math.floor(random() * 60),
    site: { kind: 'vessel', vessel: VESSEL_PRESETS[Math.floor(random() * 3)] as Vessel },
    inputs: [...greens, ...browns].map(([materialId, amount]) => ({ role: 'feed' as const, materialId, amount, draws: [] })),
  }
  const airC = (day: number) => usualTemperatureC(climate, dayOfYear(new Date(beganMs + day * DAY_MS)))
  return [
    ...gathered, began,
    ...days(22, 120).map((day): NewEvent => {
      const coreC = Math.round(coreOn(day, airC(day)) + 2 * normal(random))
      return {
        kind: 'gauged', at: on(day, 0.2), batchId: id, quantity: HEAT, source: 'hand',
        values: [
          { spot: CORE, value: coreC }, { spot: EDGE, value: Math.round((coreC + airC(day)) / 2) },
        ],
      }
    }),
    ...[6, 12, 20, 31]
      .filter(day => day < lastDay)
      .map((day): NewEvent => ({ kind: 'did', at: on(day), batchId: id, deed: TURNED, answers: {} })),
    ...days(8, 100)
      .map((day): NewEvent => ({
        kind: 'observed', at: on(day, 0.3), batchId: id, sense: pick(random, ['squeeze', 'smell']), finding: 'right',
      }))
      .map((event): NewEvent => (event.kind === 'observed' && event.sense === 'smell' ? { ...event, finding: 'earthy' } : event)),
    ...days(5, 110).map((day): NewEvent => ({
      kind: 'gauged', at: on(day, 0.4), batchId: id, quantity: 'height', source: 'hand',
      values: [{ spot: 'top', value: Math.round(100 * (0.95 - 0.4 * Math.min(1, day / 90))) / 100 }],
    })),
    ...days(4, 60).map((day): NewEvent => ({ kind: 'put', at: on(day, 0.5), batchId: id, inputs: [], waterL: 10 })),
    ...days(5, 120).map((day): NewEvent => ({ kind: 'noted', at: on(day, 0.6), batchId: id, text: pick(random, NOTES) })),
    ...pictured(id, days(4, 90), on),
    ...(endsDay === undefined
      ? []
      : [
          {
            kind: 'took' as const, at: on(endsDay), batchId: id, heightM: 0.45, ends: true,
            products: [{ materialId: 'compost-finished', amount: some(8 + Math.floor(random() * 20), 'bucket'), sieveMm: 12 }],
          },
        ]),
  ]
}

function cageEvents({ id, name, place, beganMs, endsDay, lastDay }: Begun, random: Random): NewEvent[] {
  const on = (day: number, hour = 0) => new Date(beganMs + day * DAY_MS + hour * 3_600_000).toISOString()
  const days = (count: number, spread: number) =>
    Array.from({ length: count }, (_, index) => Math.round((spread * (index + 0.5)) / count)).filter(day => day < lastDay)
  return [
    {
      kind: 'began', at: on(0), batchId: id, name, place, methodId: 'leafmould', approachId: 'alone', site: CAGES[0]!, answers: {},
      waterL: 30, inputs: [{ role: 'feed', materialId: 'leaves-mixed', amount: some(6 + Math.floor(random() * 8), 'sack'), draws: [] }],
    },
    ...days(14, 400).map((day): NewEvent => ({
      kind: 'gauged', at: on(day, 0.2), batchId: id, quantity: 'height', source: 'hand',
      values: [{ spot: 'top', value: Math.round(100 * (0.9 - 0.5 * Math.min(1, day / 500))) / 100 }],
    })),
    ...days(10, 420).map((day): NewEvent => ({
      kind: 'observed', at: on(day, 0.3), batchId: id,
      ...pick(random, [
        { sense: SQUEEZE, finding: 'right' }, { sense: LOOK, finding: 'ragged' },
      ]),
    })),
    ...days(12, 420).map((day): NewEvent => ({ kind: 'noted', at: on(day, 0.6), batchId: id, text: pick(random, NOTES) })),
    ...pictured(id, days(4, 380), on),
    ...(endsDay === undefined
      ? []
      : [
          {
            kind: 'took' as const, at: on(endsDay), batchId: id, ends: true,
            products: [{ materialId: 'leaf-mould', amount: some(6, 'bucket') }],
          },
        ]),
  ]
}

const pictured = (batchId: string, days: readonly number[], on: (day: number, hour: number) => string) =>
  days.map((day, index): NewEvent => ({
    kind: 'photographed', at: on(day, 0.7), batchId, photoId: `long-${batchId}-${index}`, caption: '', widthPx: 1280, heightPx: 960,
    bytes: 90_000,
  }))

/**
 * A garden of many years, made by a seed: the same for the same wish. It is there to be looked at and to measure what many years of
 * records cost; its readings follow a simple curve.
 */
export function longGarden({ years, now, seed = 20, batchesAYear = 30, standing = 40 }: LongGardenWish): {
  readonly events: GardenEvent[]
  readonly documents: GardenDocument[]
} {
  const random = seededRandom(seed)
  const climate = CLIMATES[0] as Climate
  const count = Math.max(1, Math.round(years * batchesAYear))
  const spanDays = years * 365
  const happened = Array.from({ length: count }, (_, index): NewEvent[] => {
    const ageDays = 1.5 + (spanDays - 1.5) * (1 - (index + 1) / count)
    const stands = index >= count - standing
    const endsDay = stands ? undefined : Math.min(ageDays - 0.5, 110 + Math.floor(random() * 80))
    const begun: Begun = {
      id: `long-${index}`, name: `${pick(random, FIRST)} ${index + 1}`, place: pick(random, PLACES),
      beganMs: now.getTime() - ageDays * DAY_MS, endsDay, lastDay: endsDay ?? ageDays,
    }
    return (stands && ageDays > A_HEAP_STANDS_DAYS) || random() < 0.12 ? cageEvents(begun, random) : heapEvents(begun, climate, random)
  }).flat()
  const events = happened.map((event, index) => ({ ...event, id: `long-e${index}`, recordedAt: event.at, by: 'demo' }) as GardenEvent)
  // What was gathered or made long ago was used long ago.
  const isOld = (event: GardenEvent) => now.getTime() - Date.parse(event.at) > 90 * DAY_MS
  const gone = events.filter(isOld).flatMap((event): { readonly at: string, readonly lotId: string, readonly litres: number }[] => {
    if (event.kind === 'stocked') return [{ at: event.at, lotId: event.id, litres: amountVolumeL(event.amount) }]
    return event.kind === 'took'
      ? event.products.map(({ amount }, index) => ({ at: event.at, lotId: `${event.id}.${index}`, litres: amountVolumeL(amount) }))
      : []
  })
    .map((one, index): GardenEvent => ({
      ...one,
      kind: 'stock-removed',
      id: `long-off-${index}`,
      recordedAt: one.at,
      by: 'demo',
      why: 'used-elsewhere',
    }))
  const settings = writeDocument(
    undefined, SETTINGS_ID, 'settings', { gardenName: 'The long garden', units: 'metric', climateId: climate.id },
    new Date(now.getTime() - spanDays * DAY_MS).toISOString(), 'demo',
  )
  return { events: [...events, ...gone], documents: [settings] }
}
