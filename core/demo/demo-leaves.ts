import type { NewEvent } from '../journal/event'
import { foldGarden } from '../journal/journal'
import type { BegunBatch } from '../journal/garden'
import { LIBRARY_BOOK } from '../materials/book'
import { runCage } from '../methods/leafmould/course'
import { traitsAt } from '../methods/leafmould/forecast'
import { questionOf } from '../methods/leafmould/question'
import { SITES } from '../methods/leafmould/sites'
import { BAGGED, LOOK, SQUEEZE } from '../methods/leafmould/words'
import type { Surroundings } from '../methods/contract'
import { normal, type Random } from '../random/random'
import { containerThen, STARTING_CONTAINERS, type Amount } from '../units/container'
import { DAY_MS } from '../units/time'
import { asVessel } from '../vessel/site'
import { footprintM2 } from '../vessel/vessel'
import { some } from './demo-heaps'

/** What happened to one demo cage, days counted from its first filling. */
interface DemoCage {
  readonly id: string
  readonly name: string
  readonly place: string
  /** Autumns ago that it was begun: 0 is the last one. */
  readonly autumnsAgo: number
  readonly afterDays?: number
  readonly siteId: string
  readonly approachId: string
  readonly fills: readonly (readonly [day: number, materialId: string, amount: Amount, prepared?: 'shredded'])[]
  /** Cans on a day. */
  readonly water: readonly (readonly [day: number, cans: number])[]
  readonly observed: readonly (readonly [day: number, sense: string, finding: string])[]
  readonly heightDays: readonly number[]
  readonly taken?: readonly (readonly [
    day: number, products: readonly (readonly [materialId: string, amount: Amount, sieveMm?: number])[],
  ])[]
  readonly bagged?: readonly [day: number, bags: number]
  /** The hidden truth behind its heights, in standings of its traits. */
  readonly truth: readonly number[]
  readonly note?: string
  readonly roofed?: boolean
}

const CAGES: readonly DemoCage[] = [
  {
    id: 'demo-hazel-cage', name: 'Hazel cage', place: 'by the hazel', autumnsAgo: 0, siteId: 'leaf-cage', approachId: 'alone', truth: [0.3],
    fills: [[0, 'leaves-mixed', some(9, 'sack')], [23, 'leaves-fast', some(5, 'sack')]], water: [[0, 4], [23, 2]],
    observed: [
      [40, SQUEEZE, 'right'], [120, LOOK, 'whole'], [200, SQUEEZE, 'dry'], [230, LOOK, 'ragged'],
    ],
    heightDays: [1, 22, 60, 150, 240],
  },
  {
    id: 'demo-lawn-cage',
    name: 'Lawn cage',
    place: 'by the hazel',
    autumnsAgo: 1,
    siteId: 'leaf-cage-wide',
    approachId: 'shredded',
    truth: [0.6],
    fills: [
      [0, 'leaves-mixed', some(16, 'sack'), 'shredded'], [18, 'leaves-mixed', some(6, 'sack'), 'shredded'],
    ],
    water: [
      [0, 7], [18, 2], [260, 3],
    ],
    observed: [
      [50, SQUEEZE, 'right'], [160, LOOK, 'ragged'], [250, SQUEEZE, 'dry'], [300, LOOK, 'crumbling'], [370, SQUEEZE, 'right'],
    ],
    heightDays: [1, 30, 120, 240, 330],
    taken: [
      [
        345,
        [
          ['leaves-half-rotted', some(2, 'bucket')], ['leaf-mould-coarse', some(4, 'bucket')], ['leaf-mould', some(3, 'bucket'), 8],
        ],
      ],
    ],
  },
  {
    id: 'demo-eaves-cage',
    name: 'Eaves cage',
    place: 'under the eaves',
    autumnsAgo: 1,
    afterDays: 20,
    siteId: 'leaf-corner',
    approachId: 'alone',
    truth: [-0.4],
    fills: [[0, 'leaves-oak', some(9, 'sack')]],
    water: [[0, 1]],
    observed: [
      [200, SQUEEZE, 'dust'], [320, LOOK, 'whole'],
    ],
    heightDays: [2, 180], roofed: true, note: 'No rain gets here.',
  },
  {
    id: 'demo-bags',
    name: 'Leaf bags',
    place: 'behind the shed',
    autumnsAgo: 2,
    siteId: 'leaf-cage',
    approachId: 'with-nitrogen',
    truth: [0.2],
    fills: [[0, 'leaves-fast', some(10, 'sack')], [1, 'grass-clippings', some(6, 'bucket')]], water: [[0, 4]],
    observed: [[180, LOOK, 'ragged'], [400, LOOK, 'crumbling']], heightDays: [2, 90], bagged: [365, 4],
  },
]

/** A batch of leaves begins when they fall, whatever day it is today. */
const AUTUMN = { month: 10, day: 3 }
/** It has stood for a fortnight at least. */
const LEAST_DAYS = 14

/** When the leaves of the last autumn began to fall, a fortnight ago at least. */
export function lastAutumn(today: Date): Date {
  const thisYear = new Date(today.getFullYear(), AUTUMN.month, AUTUMN.day, 9)
  return today.getTime() - thisYear.getTime() >= LEAST_DAYS * DAY_MS
    ? thisYear
    : new Date(today.getFullYear() - 1, AUTUMN.month, AUTUMN.day, 9)
}

type Outdoors = Pick<Surroundings, 'weather'>

/** Heights as they were: from a course of the model with the cage's own truth, read with a stick. */
function heightsOf(
  cage: DemoCage, events: readonly NewEvent[], on: (day: number) => string, days: readonly number[], outdoors: Outdoors, random: Random,
): NewEvent[] {
  const folded = foldGarden(
    events.map((event, index) => ({ ...event, id: `h${index}`, by: 'demo', recordedAt: event.at }) as never),
  ).batches.get(cage.id) as BegunBatch
  const question = questionOf(folded, {
    ...outdoors,
    now: new Date(on(Math.max(0, ...days))),
    units: 'metric',
    materials: LIBRARY_BOOK,
    garden: { waterCan: containerThen(STARTING_CONTAINERS.metric.at(-1)!) },
  })
  if (!question || days.length === 0) return []
  const course = runCage(question, traitsAt(cage.truth), Float64Array.from(days))
  const groundM2 = footprintM2(asVessel(folded.began.site))
  return days.map((day, index): NewEvent => ({
    kind: 'gauged', at: on(day), batchId: cage.id, quantity: 'height', source: 'hand',
    values: [{ spot: 'top', value: Math.round(100 * course.volumeL[index]! / 1000 / groundM2 * (1 + 0.03 * normal(random))) / 100 }],
  }))
}

function cageEvents(cage: DemoCage, today: Date, outdoors: Outdoors, random: Random): NewEvent[] {
  const autumn = lastAutumn(today)
  const start = new Date(autumn.getFullYear() - cage.autumnsAgo, autumn.getMonth(), autumn.getDate() + (cage.afterDays ?? 0), 9).getTime()
  const on = (day: number) => new Date(start + day * DAY_MS).toISOString()
  const past = (day: number) => start + day * DAY_MS <= today.getTime()
  const site = SITES.find(one => asVessel(one).id === cage.siteId)!
  const input = (materialId: string, amount: Amount, prepared?: 'shredded') => ({
    role: 'feed' as const, materialId, amount,
    ...(prepared ? { prepared } : {}),
    draws: [],
  })
  const [first, ...more] = cage.fills
  const begun: NewEvent = {
    kind: 'began',
    at: on(0),
    batchId: cage.id,
    name: cage.name,
    place: cage.place,
    methodId: 'leafmould',
    approachId: cage.approachId,
    site,
    answers: { wantedL: 120, ...(cage.roofed ? { rain: 'roof' } : {}) },
    inputs: [input(first![1], first![2], first![3])],
    waterL: 10 * (cage.water[0]?.[1] ?? 0),
  }
  const done: NewEvent[] = [
    begun,
    ...more
      .filter(([day]) => past(day))
      .map(([day, materialId, amount, prepared]): NewEvent => ({
        kind: 'put', at: on(day), batchId: cage.id, inputs: [input(materialId, amount, prepared)], waterL: 0,
      })),
    ...cage.water
      .slice(1)
      .filter(([day]) => past(day))
      .map(([day, cans]): NewEvent => ({ kind: 'put', at: on(day + 0.01), batchId: cage.id, inputs: [], waterL: 10 * cans })),
    ...(cage.bagged && past(cage.bagged[0])
      ? [{ kind: 'did' as const, at: on(cage.bagged[0]), batchId: cage.id, deed: BAGGED, answers: { bags: cage.bagged[1] } }]
      : []),
    ...(cage.taken ?? [])
      .filter(([day]) => past(day))
      .map(([day, products]): NewEvent => ({
        kind: 'took', at: on(day), batchId: cage.id, ends: false,
        products: products.map(([materialId, amount, sieveMm]) => ({ materialId, amount, ...(sieveMm ? { sieveMm } : {}) })),
      })),
  ]
  return [
    ...done,
    ...heightsOf(cage, done, on, cage.heightDays.filter(past), outdoors, random),
    ...cage.observed
      .filter(([day]) => past(day))
      .map(([day, sense, finding]): NewEvent => ({ kind: 'observed', at: on(day + 0.02), batchId: cage.id, sense, finding })),
    ...(cage.note ? [{ kind: 'noted' as const, at: on(0.1), batchId: cage.id, text: cage.note }] : []),
  ]
}

/** Cages of several autumns: one filling, one being harvested, one dry under the eaves, one in bags. */
export function demoLeaves(today: Date, outdoors: Outdoors, random: Random): NewEvent[] {
  return CAGES.flatMap(cage => cageEvents(cage, today, outdoors, random))
}
