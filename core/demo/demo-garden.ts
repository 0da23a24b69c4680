import { format } from 'date-fns'
import { CLIMATES, usualRainMm, usualTemperatureC, type Climate } from '../garden/climate'
import { collectingValues } from '../garden/collecting'
import { BENCH_PLAN_ID, EMPTY_PLAN, planValues, type Plan } from '../garden/plan'
import { containerDocumentId, SETTINGS_ID } from '../garden/settings'
import { writeDocument, type GardenDocument } from '../journal/document'
import type { GardenEvent, NewEvent } from '../journal/event'
import { DAY_MS, dayOfYear } from '../units/time'
import { seededRandom } from '../random/random'
import { STARTING_CONTAINERS, type Amount } from '../units/container'
import { VESSEL_PRESETS } from '../vessel/presets'
import type { Site } from '../vessel/site'
import type { Vessel } from '../vessel/vessel'
import { DEMO_HEAPS, some } from './demo-heaps'
import { demoAfter, demoPlotTrial } from './demo-after'
import { demoBrews } from './demo-brews'
import { demoBeds, demoBurns, demoSoaks, demoSpreads } from './demo-char'
import { demoGround } from './demo-ground'
import { demoHeapEvents } from './demo-heap'
import { demoFed } from './demo-fed'
import { demoLeaves } from './demo-leaves'
import { demoWanted } from './demo-wanted'
import { demoTower, demoTrial } from './demo-tower'

const DEMO_SEED = 11

/** Gathered so many days ago and still in the store. */
const GATHERED: readonly (readonly [materialId: string, amount: Amount, daysAgo: number, source: string])[] = [
  ['leaves-mixed', some(6, 'sack', 'packed'), 16, 'the lane, raked after rain'],
  ['leaves-shredded', some(3, 'sack'), 5, 'mown off the lawn'],
  ['grass-clippings', some(5, 'bucket', 'shaken'), 1.4, 'last cut of the front lawn'],
  ['kitchen-veg', some(1.5, 'bucket'), 3.6, ''],
  ['cardboard', some(2, 'sack', 'shaken'), 40, 'tape taken off'],
  ['horse-manure-straw', some(8, 'bucket'), 12, 'stable on the hill, straw not sprayed'],
  ['coffee-grounds', some(1, 'bucket'), 2, ''],
  ['twigs', some(1.5, 'sack'), 30, 'plum prunings'],
]

/** Measured so many days ago with the kitchen scale. */
const MEASURED: readonly (readonly [
  daysAgo: number, event: Omit<Extract<NewEvent, { kind: 'weighed' }>, 'at'> | Omit<Extract<NewEvent, { kind: 'dried' }>, 'at'>,
])[] = [
  [70, { kind: 'weighed', materialId: 'coffee-grounds', amount: some(1, 'bucket'), massKg: 5.4 }],
  [41, { kind: 'weighed', materialId: 'coffee-grounds', amount: some(1, 'bucket'), massKg: 5.9 }],
  [5, { kind: 'dried', materialId: 'leaves-shredded', wetMassKg: 0.1, dryMassKg: 0.058 }],
]

/** Compost of past heaps that has been carried off since. */
const CARRIED_OFF: readonly (readonly [lot: string, share: number, daysAgo: number])[] = [
  ['demo-old-straw', 1, 230], ['demo-first-spring', 1, 120], ['demo-may-grass', 0.6, 60], ['demo-last-autumn', 0.7, 80],
]

function withIds(events: readonly NewEvent[]): GardenEvent[] {
  return events.map(
    (event, index) => ({ ...event, id: `demo-${String(index + 1).padStart(4, '0')}`, recordedAt: event.at, by: 'demo' }) as GardenEvent,
  )
}

function carriedOff(events: readonly GardenEvent[], today: Date): NewEvent[] {
  return CARRIED_OFF.flatMap(([batchId, share, daysAgo]) => {
    const finished = events.find(
      (event): event is Extract<GardenEvent, { kind: 'finished' }> => event.kind === 'finished' && event.batchId === batchId,
    )
    return (finished?.products ?? []).map((product, index): NewEvent => ({
      kind: 'stock-removed', at: new Date(today.getTime() - daysAgo * DAY_MS).toISOString(), lotId: `${finished!.id}.${index}`,
      litres: Math.round(product.amount.count * product.amount.container.volumeL * share), why: 'used-elsewhere',
    }))
  })
}

/** The lot of a material that a batch gave. */
function lotOf(events: readonly GardenEvent[], batchId: string, materialId: string): string | undefined {
  const taken = events.find((event): event is Extract<GardenEvent, { kind: 'took' }> => event.kind === 'took' && event.batchId === batchId)
  const index = taken?.products.findIndex(product => product.materialId === materialId) ?? -1
  return taken && index >= 0 ? `${taken.id}.${index}` : undefined
}

/** The demo garden as it stands today: made up, and the same for the same day and climate. */
export function demoGarden(
  now: Date, climate: Climate = CLIMATES[0] as Climate,
): { readonly events: GardenEvent[], readonly documents: GardenDocument[] } {
  // Work is done at nine in the morning: of today, or of yesterday while it is still earlier.
  const today = new Date(now.getFullYear(), now.getMonth(), now.getDate() - (now.getHours() < 9 ? 1 : 0), 9)
  const random = seededRandom(DEMO_SEED)
  const outdoors = {
    weather: {
      ambientC: (at: Date) => usualTemperatureC(climate, dayOfYear(at)), rainMm: (at: Date) => usualRainMm(climate, at),
    },
  }
  const gathered = GATHERED.map(([materialId, amount, daysAgo, source]): NewEvent => ({
    kind: 'stocked', at: new Date(today.getTime() - daysAgo * DAY_MS).toISOString(), materialId, amount, source,
  }))
  const measured = MEASURED.map(([daysAgo, event]): NewEvent => ({
    ...event,
    at: new Date(today.getTime() - daysAgo * DAY_MS).toISOString(),
  }))
  const heaps = DEMO_HEAPS.flatMap(heap => demoHeapEvents(heap, today, outdoors, random))
  const others = [
    ...demoLeaves(today, outdoors, random),
    ...demoBrews(today),
    ...demoFed(today, outdoors, random),
    ...demoTower(today, outdoors, random),
    ...demoBurns(today),
    ...demoGround(today, outdoors, random),
  ]
  const happened = withIds([...heaps, ...gathered, ...measured, ...others])
  const asEvents = (events: readonly NewEvent[], prefix: string) =>
    events.map((event, index) => ({ ...event, id: event.id ?? `${prefix}-${index}`, recordedAt: event.at, by: 'demo' }) as GardenEvent)
  const removed = asEvents(carriedOff(happened, today), 'demo-off')
  const soaks = asEvents(demoSoaks(today, (batchId, materialId) => lotOf(happened, batchId, materialId)), 'demo-char')
  const spread = asEvents(demoSpreads(today, (batchId, materialId) => lotOf(soaks, batchId, materialId)), 'demo-bed')
  const after = asEvents(demoAfter(today, happened), 'demo-after')
  return { events: [...happened, ...removed, ...soaks, ...spread, ...after], documents: demoDocuments(today, climate) }
}

const HOT_PLAN = { methodId: 'hot-heap', approachId: 'by-thermometer' } as const
const bay = (preset: number): Site => ({ kind: 'vessel', vessel: VESSEL_PRESETS[preset] as Vessel })

function demoDocuments(today: Date, climate: Climate): GardenDocument[] {
  const { id: climateId } = climate
  const at = new Date(today.getTime() - 300 * DAY_MS).toISOString()
  const plan = planValues({
    ...EMPTY_PLAN, ...HOT_PLAN, site: bay(0),
    ingredients: [
      { materialId: 'leaves-mixed', amount: some(4, 'sack', 'packed') },
      { materialId: 'grass-clippings', amount: some(5, 'bucket', 'shaken') },
      { materialId: 'horse-manure-straw', amount: some(8, 'bucket') },
    ],
  })
  const aside = planValues({
    ...EMPTY_PLAN, ...HOT_PLAN, site: bay(0),
    ingredients: [
      { materialId: 'leaves-shredded', amount: some(4, 'sack') }, { materialId: 'cardboard', amount: some(2, 'sack', 'shaken') },
      { materialId: 'horse-manure-straw', amount: some(56, 'bucket') }, { materialId: 'coffee-grounds', amount: some(5, 'bucket') },
    ],
  })
  const spring: Plan = {
    ...EMPTY_PLAN, ...HOT_PLAN, approachId: 'weekly', site: bay(1),
    ingredients: [
      { materialId: 'leaves-mixed', amount: some(5, 'sack', 'packed') }, { materialId: 'straw-wheat', amount: some(3, 'sack') },
      { materialId: 'grass-clippings', amount: some(24, 'bucket') }, { materialId: 'horse-manure-straw', amount: some(20, 'bucket') },
    ],
  }
  const springDay = new Date(today.getTime() + 130 * DAY_MS)
  return [
    writeDocument(
      undefined, 'plan.demo-card', 'plan',
      { ...aside, name: 'With card', keptAt: new Date(today.getTime() - 3 * DAY_MS).toISOString() }, at, 'demo',
    ),
    writeDocument(
      undefined, 'collecting.demo-spring', 'collecting',
      collectingValues({ name: 'First heap of spring', startedAt: at, by: format(springDay, 'yyyy-MM-dd'), plan: spring }), at, 'demo',
    ),
    writeDocument(
      undefined, SETTINGS_ID, 'settings', { gardenName: 'Terrace garden', units: 'metric', water: 'rain', climateId }, at, 'demo',
    ),
    ...STARTING_CONTAINERS.metric.map(({ id, ...container }) =>
      writeDocument(undefined, containerDocumentId(id), 'container', container, at, 'demo'),
    ),
    writeDocument(undefined, BENCH_PLAN_ID, 'plan', plan, at, 'demo'),
    demoTrial(today), demoPlotTrial(today), ...demoWanted(today, at, climate),
    ...demoBeds(at),
  ]
}
