import type { NewEvent } from '../journal/event'
import type { BegunBatch, Input } from '../journal/garden'
import { foldGarden } from '../journal/journal'
import { LIBRARY_BOOK } from '../materials/book'
import { runSlow } from '../methods/slow-heap/course'
import { questionOf } from '../methods/slow-heap/question'
import { traitsAt } from '../methods/slow-heap/traits'
import type { Surroundings } from '../methods/contract'
import { APPROACHES as WORM_WAYS } from '../methods/worm-bin/approaches'
import { BAYS_SITE } from './demo-sites'
import { DAY_MS } from '../units/time'
import { normal, type Random } from '../random/random'
import { containerThen, STARTING_CONTAINERS, type Amount } from '../units/container'
import { some } from './demo-heaps'

const HANDFUL = { id: 'handful', name: 'handful', plural: 'handfuls', volumeL: 0.5 }
const handfuls = (count: number): Amount => ({ count, container: HANDFUL, packing: 'loose' })
const input = (materialId: string, amount: Amount, role: Input['role'] = 'feed') => ({ role, materialId, amount, draws: [] })

type On = (day: number) => string
const clock = (today: Date, begunDaysAgo: number): On => day => new Date(today.getTime() + (day - begunDaysAgo) * DAY_MS).toISOString()
/** Days from one to another, so far apart, a little early or late as people are. */
function rhythm(from: number, to: number, every: number, random: Random): number[] {
  const days: number[] = []
  for (let day = from; day <= to; day += every) days.push(Math.round(day + 0.4 * normal(random)))
  return days.filter(day => day >= from && day <= to)
}

interface Bay {
  readonly id: string
  readonly name: string
  readonly begunDaysAgo: number
  readonly fedUntil: number
  readonly closed: boolean
  readonly bareLast: boolean
  readonly heightDays: readonly number[]
  readonly observed: readonly (readonly [day: number, sense: string, finding: string])[]
}

/** Two bays in turn: one rests, the other is filled; the last caddy there was not covered. */
const BAYS: readonly Bay[] = [
  {
    id: 'demo-left-bay', name: 'Left bay', begunDaysAgo: 430, fedUntil: 285, closed: true, bareLast: false, heightDays: [120, 284, 360],
    observed: [
      [60, 'look', 'worms'], [200, 'squeeze', 'right'], [330, 'squeeze', 'right'],
    ],
  },
  {
    id: 'demo-right-bay', name: 'Right bay', begunDaysAgo: 144, fedUntil: 143, closed: false, bareLast: true, heightDays: [60, 125],
    observed: [
      [50, 'squeeze', 'right'], [115, 'look', 'fine'], [143, 'look', 'open-food'],
    ],
  },
]

type Outdoors = Pick<Surroundings, 'weather'>

/** Heights as they were: by the model, in a heap that rots somewhat faster than usual. */
function heightsOf(
  id: string, events: readonly NewEvent[], days: readonly number[], today: Date, outdoors: Outdoors,
): { readonly day: number, readonly heightM: number }[] {
  const folded = foldGarden(
    events.map((event, index) => ({ ...event, id: `f${index}`, by: 'demo', recordedAt: event.at }) as never),
  ).batches.get(id) as BegunBatch
  const question = questionOf(folded, {
    ...outdoors,
    now: today,
    units: 'metric',
    materials: LIBRARY_BOOK,
    garden: { waterCan: containerThen(STARTING_CONTAINERS.metric.at(-1)!) },
  })
  if (!question) return []
  const course = runSlow(question, traitsAt([0.5]), Float64Array.from(days))
  return days.map((day, index) => ({ day, heightM: course.volumeL[index]! / 1000 / question.ground.footprintM2 }))
}

function bayEvents(
  { id, name, begunDaysAgo, fedUntil, closed, bareLast, heightDays, observed }: Bay, today: Date, outdoors: Outdoors, random: Random,
): NewEvent[] {
  const on = clock(today, begunDaysAgo)
  const fed = rhythm(2, fedUntil, 3.4, random)
  const feeds = fed.map((day, index): NewEvent => {
    const last = bareLast && index >= fed.length - 2
    const scraps = index % 6 === 4 ? [input('coffee-grounds', handfuls(2))] : []
    return {
      kind: 'put', at: on(day), batchId: id, waterL: 0,
      inputs: [
        input('kitchen-veg', some(index % 5 === 3 ? 1.5 : 1, 'caddy')),
        ...scraps,
        ...(last ? [] : [input(index % 3 === 2 ? 'cardboard' : 'leaves-shredded', some(index % 3 === 2 ? 2.5 : 2, 'caddy'), 'cover')]),
      ],
    }
  })
  const done: NewEvent[] = [
    {
      kind: 'began', at: on(0), batchId: id, name, place: 'behind the kitchen', methodId: 'slow-heap', approachId: 'two-bays',
      site: BAYS_SITE, answers: { weeklyL: 10, rain: 'covered' },
      inputs: [input('twigs', some(0.5, 'sack')), input('leaves-mixed', some(0.5, 'sack'))], waterL: 5,
    },
    ...feeds,
    ...(closed ? [{ kind: 'did' as const, at: on(fedUntil + 1), batchId: id, deed: 'closed', answers: {} }] : []),
  ]
  return [
    ...done,
    ...heightsOf(id, done, heightDays, today, outdoors).map(({ day, heightM }): NewEvent => ({
      kind: 'gauged', at: on(day), batchId: id, quantity: 'height', source: 'hand',
      values: [{ spot: 'top', value: Math.round(100 * heightM * (1 + 0.04 * normal(random))) / 100 }],
    })),
    ...observed.map(([day, sense, finding]): NewEvent => ({ kind: 'observed', at: on(day), batchId: id, sense, finding })),
  ]
}

interface Bin {
  readonly id: string
  readonly name: string
  readonly place: string
  readonly way: 'bin' | 'tower'
  readonly begunDaysAgo: number
  readonly where: string
  readonly grams: number
  readonly feeds: { readonly every: number, readonly litres: number, readonly until: number, readonly covered: boolean }
  readonly observed: readonly (readonly [daysAgo: number, sense: string, finding: string])[]
  readonly warmth: readonly (readonly [daysAgo: number, celsius: number])[]
  readonly takenDaysAgo?: number
}

/** One bin thrives, one gets far more than it eats, and a pipe in the bean bed is fed now and then. */
const BINS: readonly Bin[] = [
  {
    id: 'demo-porch-bin',
    name: 'Porch bin',
    place: 'on the porch',
    way: 'bin',
    begunDaysAgo: 260,
    where: 'shed',
    grams: 600,
    feeds: { every: 3.5, litres: 1.2, until: 2.5, covered: true },
    observed: [
      [120, 'left', 'little'], [60, 'left', 'nothing'], [30, 'squeeze', 'right'], [18, 'mood', 'young'], [4, 'left', 'little'],
      [4, 'smell', 'earthy'],
    ],
    warmth: [
      [90, 19], [30, 14],
    ],
    takenDaysAgo: 70,
  },
  {
    id: 'demo-cellar-bin',
    name: 'Cellar bin',
    place: 'in the cellar',
    way: 'bin',
    begunDaysAgo: 75,
    where: 'cellar',
    grams: 400,
    feeds: { every: 3, litres: 1.8, until: 1, covered: false },
    observed: [[20, 'left', 'half'], [6, 'left', 'most'], [3, 'smell', 'sour'], [3, 'mood', 'climbing']], warmth: [[5, 19]],
  },
  {
    id: 'demo-bean-tower',
    name: 'Bean bed tower',
    place: 'in the bean bed',
    way: 'tower',
    begunDaysAgo: 150,
    where: 'shade',
    grams: 0,
    feeds: { every: 9, litres: 1, until: 16, covered: true },
    observed: [[60, 'left', 'nothing'], [30, 'left', 'little']], warmth: [],
  },
]

function binEvents(
  { id, name, place, way, begunDaysAgo, where, grams, feeds, observed, warmth, takenDaysAgo }: Bin, today: Date, random: Random,
): NewEvent[] {
  const on = clock(today, begunDaysAgo)
  const ago = (daysAgo: number) => on(begunDaysAgo - daysAgo)
  const site = WORM_WAYS.find(one => one.id === way)!.sites[0]!
  const fed = rhythm(way === 'bin' ? 6 : 3, begunDaysAgo - feeds.until, feeds.every, random).map((day, index): NewEvent => {
    const litres = feeds.litres * (day < 60 && way === 'bin' && feeds.covered ? 0.6 : 1)
    return {
      kind: 'put', at: on(day), batchId: id, waterL: 0,
      inputs: [
        input(index % 7 === 5 ? 'coffee-grounds' : 'kitchen-veg', handfuls(Math.max(1, Math.round(litres / HANDFUL.volumeL)))),
        ...(feeds.covered ? [input('cardboard', handfuls(Math.max(1, Math.round(litres / HANDFUL.volumeL))), 'cover')] : []),
      ],
    }
  })
  return [
    {
      kind: 'began', at: on(0), batchId: id, name, place, methodId: 'worm-bin', approachId: way, site,
      answers: { from: 'scraps', weeklyL: 3, kind: 'common', where, grams },
      inputs: [input('cardboard', some(way === 'bin' ? 0.6 : 0.15, 'sack'))], waterL: way === 'bin' ? 8 : 2,
    },
    ...fed,
    ...observed.map(([daysAgo, sense, finding]): NewEvent => ({ kind: 'observed', at: ago(daysAgo), batchId: id, sense, finding })),
    ...warmth.map(([daysAgo, celsius]): NewEvent => ({
      kind: 'gauged', at: ago(daysAgo), batchId: id, quantity: 'bin-heat', source: 'hand', values: [{ spot: 'middle', value: celsius }],
    })),
    ...(takenDaysAgo === undefined
      ? []
      : [
          { kind: 'did' as const, at: ago(takenDaysAgo + 21), batchId: id, deed: 'lured', answers: {} },
          {
            kind: 'took' as const, at: ago(takenDaysAgo), batchId: id, ends: false,
            products: [{ materialId: 'worm-castings', amount: some(0.75, 'bucket'), sieveMm: 5 }],
          },
        ]),
  ]
}

/** What is fed little by little: two bays in turn, two bins and a pipe in a bed. */
export function demoFed(today: Date, outdoors: Outdoors, random: Random): NewEvent[] {
  return [...BAYS.flatMap(bay => bayEvents(bay, today, outdoors, random)), ...BINS.flatMap(bin => binEvents(bin, today, random))]
}
